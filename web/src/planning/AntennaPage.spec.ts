import { labelled } from '@/testing/controls'
import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import AntennaPage from './AntennaPage.vue'

const push = vi.fn()
vi.mock('vue-router', () => ({ useRouter: () => ({ push }) }))

const assessment = (candidate: string, title: string, excluded?: string) => ({
  candidate,
  antennaKind: `${candidate}_WHIP`,
  sheet: { kind: 'quarter-wave-whip', numbers: {}, choices: {} },
  title: said(title),
  claim: said('as people say'),
  effort: 1,
  lengthM: 0.46,
  tipM: 2.36,
  reasons: [said('Two metres of reason.')],
  ...(excluded === undefined ? {} : { excluded: said(excluded) }),
})
const computed = (candidate: string, holds: boolean) => ({
  candidate,
  sheet: { kind: 'quarter-wave-whip', numbers: {}, choices: {} },
  trace: { frequencyHz: [150e6, 156e6, 162e6], returnLossDb: [8, 40, 9] },
  worstSwr: holds ? 1.6 : 3.2,
  holds,
  lowHz: 150e6,
  highHz: 162e6,
  wantedDbi: -0.7,
  maxGainDbi: 3,
  takeOffDeg: 39,
  lengthM: 0.458,
  gainLessEffortDb: 1,
  massKg: 0.085,
  parts: [],
  packedM: 0.458,
  unknowns: 100,
})
let stopped: string[]
let tooHigh: string | undefined
let holding: string

beforeEach(() => {
  localStorage.clear()
  stopped = []
  tooHigh = 'Its tip would be too high.'
  holding = 'QUARTER_WAVE'
  let job = ''
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) => {
      const path = new URL(request.url).pathname
      const reply = (status: number, body: unknown) =>
        Promise.resolve(
          new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }),
        )
      if (path === '/api/planning/antennas')
        return reply(200, [
          assessment('QUARTER_WAVE', 'quarter-wave whip'),
          assessment('HALF_WAVE', 'half-wave whip', tooHigh),
        ])
      if (path === '/api/planning/antennas/advised') {
        // Weighed as simply as it may: the first that holds, by rule before that.
        return request.json().then((body: { open: { candidate: string; solved?: { holds: boolean } }[] }) => {
          const open = body.open
          const isSolved = open.every((a) => a.solved)
          const fit = (isSolved && open.find((a) => a.solved?.holds)) || open[0]
          const params = {
            antenna: { id: `candidate.${fit?.candidate ?? ''}`, params: {} },
            lengthM: 0.46,
            limitSwr: 2,
            gainDbi: -0.7,
          }
          const id = isSolved ? 'choice.FIT' : 'choice.RULE_OF_THUMB'
          return reply(200, { id: fit?.candidate, says: { id, params, text: '' } })
        })
      }
      if (path === '/api/cautions')
        return reply(200, [{ id: 'DRILLING', params: {}, text: 'Before drilling: airbags.' }])
      if (request.method === 'DELETE') stopped.push(path)
      if (path.startsWith('/api/planning/antennas/')) {
        job = path.split('/').at(-1) ?? ''
        return reply(202, { id: job, state: 'WAITING', share: 0 })
      }
      return reply(200, { id: job, state: 'DONE', share: 1, result: computed(job, job === holding) })
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function page() {
  const choice = mount(AntennaPage, {
    global: {
      plugins: [VueQueryPlugin, createPinia()],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return choice
}

describe('choosing an antenna', () => {
  it('ranks at once, then fills in what was solved and says what to fit', async () => {
    const choice = await page()
    expect(choice.find('.sentence').text()).toContain(
      joined('Best by rule of thumb: quarter-wave whip, 460 mm'),
    )
    expect(choice.findAll('tbody')).toHaveLength(2)
    expect(choice.text()).toContain('Its tip would be too high.')
    expect(choice.text()).toContain('Before drilling: airbags.')
    await choice
      .findAll('button')
      .find((b) => b.text() === 'Compute on this mount')
      ?.trigger('click')
    await flushPromises()
    expect(choice.find('.sentence').text()).toContain('Fit the quarter-wave whip')
    expect(choice.findAll('tbody')[0]?.text()).toContain('1.60 met')
    expect(choice.findAll('tbody')[0]?.text()).toContain('−0.7 dBi')
    expect(choice.findAll('tbody')[0]?.text()).toContain(joined('Metal 85 g, longest piece 458 mm'))
    expect(choice.findAll('tbody')[1]?.text()).toContain('3.20 missed')
  })

  it('makes what its sentence names, and not what was likeliest before it was solved', async () => {
    tooHigh = undefined
    holding = 'HALF_WAVE'
    const choice = await page()
    await vi.waitFor(() => expect(choice.text()).toContain('Create an installation of the quarter-wave whip'))
    await choice
      .findAll('button')
      .find((b) => b.text() === 'Compute on this mount')
      ?.trigger('click')
    await flushPromises()
    expect(choice.find('.sentence').text()).toContain('Fit the half-wave whip')
    const make = choice.findAll('button').find((b) => b.text().startsWith('Create an installation'))
    expect(make?.text()).toBe('Create an installation of the half-wave whip')
    expect(localStorage.getItem('dorada.antenna-named')).toBe('"HALF_WAVE"')
    await make?.trigger('click')
    expect(JSON.parse(localStorage.getItem('dorada.plan-draft.new') ?? '{}')).toMatchObject({
      antennaKind: 'HALF_WAVE_WHIP',
    })
  })

  it('keeps what was computed for the need before, marked, and lends it no length', async () => {
    const choice = await page()
    await choice
      .findAll('button')
      .find((b) => b.text() === 'Compute on this mount')
      ?.trigger('click')
    await flushPromises()
    expect(choice.findAll('tbody')[0]?.text()).toContain('458 mm')
    await labelled(choice, 'Band from, MHz').setValue('152')
    await vi.waitFor(() => expect(choice.findAll('tbody')[0]?.text()).toContain('1.60 before'))
    expect(choice.findAll('tbody')[0]?.text()).toContain('460 mm')
    expect(choice.findAll('tbody')[0]?.text()).not.toContain('Metal 85 g')
    expect(choice.text()).toContain('quarter-wave whip, before')
  })

  it('takes what was computed into power and reach', async () => {
    const choice = await page()
    const press = (word: string) =>
      choice
        .findAll('button')
        .find((b) => b.text().startsWith(word))
        ?.trigger('click')
    await press('Compute on this mount')
    await flushPromises()
    await press('Its SWR 1.60')
    expect(push).toHaveBeenCalledWith('/plan/watts')
    const station = JSON.parse(localStorage.getItem('dorada.station-plan') ?? '{}') as { ways: object[] }
    expect(station.ways[0]).toMatchObject({ swr: '1.60', gain: '-0.7' })
  })

  it('takes the plan to a new installation', async () => {
    const choice = await page()
    const make = choice.findAll('button').find((b) => b.text().startsWith('Create an installation'))
    await make?.trigger('click')
    expect(push).toHaveBeenCalledWith('/installations/new')
    const draft = JSON.parse(localStorage.getItem('dorada.plan-draft.new') ?? '{}') as Record<string, unknown>
    expect(draft).toMatchObject({ antennaKind: 'QUARTER_WAVE_WHIP', carrier: 'VEHICLE' })
  })

  it('keeps what is typed and says what is wrong with it', async () => {
    const choice = await page()
    const low = labelled(choice, 'Band from, MHz')
    await low.setValue('many')
    await new Promise((resolve) => setTimeout(resolve, 300))
    await flushPromises()
    expect(choice.text()).toContain('"many" is not a number.')
    expect(JSON.parse(localStorage.getItem('dorada.antenna-choice') ?? '{}')).toMatchObject({ low: 'many' })
    expect(stopped).toEqual([])
  })
})
