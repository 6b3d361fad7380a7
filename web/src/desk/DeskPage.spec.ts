import { choose, fromMenu, giveFiles, pick } from '@/testing/controls'
import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import DeskPage from './DeskPage.vue'

vi.mock('vue-router', () => ({ useRoute: () => ({ query: {} }) }))

const trace = (shift = 0) => ({
  frequencyHz: [150e6, 155e6 + shift, 160e6],
  re: [0.5, 0.1, 0.5],
  im: [0.1, 0, -0.1],
  hasPhase: true,
})
const plain = { frequencyHz: [150e6, 155e6, 160e6], re: [0.5, 0.1, 0.5], im: [0, 0, 0], hasPhase: false }
const dip = {
  frequencyHz: 155e6,
  swr: 1.22,
  returnLossDb: 20,
  resistanceOhm: 61,
  reactanceOhm: 0,
  atEdge: false,
}
const analysis = {
  dips: [dip],
  bandwidths: [{ swrLimit: 2, lowHz: 152e6, highHz: 158e6, lowOpen: false, highOpen: false }],
  resonancesHz: [155e6],
  wanted: [{ frequencyHz: 157e6, swr: 1.8, returnLossDb: 10.9, outside: false }],
  warnings: [],
}
const faults = {
  resolutionM: 1.2,
  reachM: 60,
  says: said('Look at 7.5 m (± 0.1): a bad joint.'),
  events: [
    {
      distanceM: 7.5,
      doubtM: 0.1,
      returnLossDb: 13,
      what: 'damage',
      words: 'kink or a bad joint',
      kind: said('kink or a bad joint'),
      sure: false,
    },
    {
      distanceM: 20,
      doubtM: 0.2,
      returnLossDb: 5,
      what: 'end',
      words: 'end of the line',
      kind: said('end of the line'),
      sure: true,
    },
  ],
}
let sent: { path: string; body: Record<string, unknown> }[]
let readAnswers: Record<string, unknown>[]
let lookTrouble: string

beforeEach(() => {
  sessionStorage.clear()
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
  sent = []
  lookTrouble = ''
  readAnswers = []
  const reply = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const path = new URL(request.url).pathname
      if (path === '/api/traces/read') {
        const next = readAnswers.shift()
        return next ? reply(next) : reply({ detail: 'Line 3: frequencies must ascend.' }, 422)
      }
      if (request.method === 'POST')
        sent.push({ path, body: (await request.json()) as Record<string, unknown> })
      const body = sent.at(-1)?.body as { trace?: typeof plain; line?: unknown } | undefined
      if (path === '/api/traces/look') {
        if (lookTrouble) return reply({ detail: lookTrouble }, 422)
        return reply({
          trace: body?.trace,
          analysis,
          noise: 0.001,
          says: said('Dip at 156.00 MHz, SWR 1.19.'),
          metHz: [157e6],
          lineEffects: body?.line
            ? [{ frequencyHz: 157e6, says: said('SWR at the radio 1.5: the line hides it.') }]
            : [],
          doubts: [],
          ...(body?.line && body.trace?.hasPhase
            ? { faults, profile: { distanceM: [0, 7.5, 20, 25], returnLossDb: [60, 13, 5, 60] } }
            : {}),
        })
      }
      if (path === '/api/traces/compare')
        return reply({
          rows: [{ frequencyHz: 157e6, readings: [], swrDifferences: [0, 0.4] }],
          bands: [
            { lowHz: 153e6, highHz: 158e6, shifts: [{ dip }, { dip, shiftHz: -1.5e6, shiftShare: -0.0097 }] },
          ],
          steadiness: {
            steady: false,
            says: said('Unsteady: 2 sweeps differ.'),
            spread: 0.1,
            noise: 0.01,
            mean: trace(),
          },
        })
      if (path === '/api/planning/feedlines')
        return reply([
          {
            id: 'rg-58',
            title: said('RG-58, thin'),
            impedanceOhm: 50,
            velocityFactor: 0.66,
            k1DbPer100mSqrtMHz: 1.55,
            k2DbPer100mMHz: 0.012,
          },
        ])
      if (path === '/api/session') return reply({ login: 'ines', displayName: 'Inés', role: 'TECHNICIAN' })
      if (path === '/api/calibrations')
        return reply([
          { id: 'c1', name: 'Bench VHF', startHz: 140e6, stopHz: 170e6, madeAt: '2026-05-01T08:00:00Z' },
        ])
      if (path === '/api/calibrations/c1/correct')
        return reply({ trace: trace(), warnings: [said('1 of 3 left out.')] })
      return reply([])
    }),
  )
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function settle() {
  await flushPromises()
  await vi.runAllTimersAsync()
  await flushPromises()
}

async function page() {
  const found = mount(DeskPage, {
    global: {
      plugins: [VueQueryPlugin, createPinia()],
      stubs: { RouterLink: RouterLinkStub, KeepTrace: true },
    },
  })
  await settle()
  return found
}
type Page = Awaited<ReturnType<typeof page>>

const read = (part: object) => ({
  name: 'roof.s1p',
  ports: 1,
  fileReferenceOhm: 50,
  columns: [],
  firstRows: [],
  warnings: [],
  trace: trace(),
  ...part,
})

async function drop(desk: Page, ...names: string[]) {
  const files = names.map((n) => new File(['x'], n))
  await giveFiles(desk, ...files)
  await settle()
}

describe('the trace desk', () => {
  it('says what to do while it is empty', async () => {
    const desk = await page()
    expect(desk.find('.sentence').text()).toBe('Drop a sweep here.')
    expect(desk.text()).toContain('No traces yet.')
  })

  it('reads several files, compares them and names the one that cannot be read', async () => {
    readAnswers = [read({}), read({ trace: trace(-1.5e6) })]
    const desk = await page()
    await drop(desk, 'roof.s1p', 'yard.s1p', 'broken.s1p')
    expect(desk.findAll('.desk-list li')).toHaveLength(2)
    expect(desk.find('[role=alert]').text()).toBe('broken.s1p: Line 3: frequencies must ascend.')
    expect(desk.find('.tables').text()).toContain('−1.50 MHz, −1.0 %')
    expect(desk.find('.tables').text()).toContain('+0.40')
    expect(desk.text()).toContain('Unsteady: 2 sweeps differ.')
    expect(desk.findAll('path.trace')).toHaveLength(2)
    const average = desk.findAll('button').find((b) => b.text().includes('average'))
    await average?.trigger('click')
    await settle()
    expect(desk.findAll('.desk-list li')).toHaveLength(3)
    await desk.find('[aria-label="Remove average"]').trigger('click')
    await settle()
    expect(desk.findAll('.desk-list li')).toHaveLength(2)
  })

  it('shows what a table without phase lacks, and offers no picture that needs it', async () => {
    readAnswers = [
      read({
        trace: plain,
        lacks: said('The file holds magnitudes only.'),
        columns: [
          { heading: 'MHz', words: said('frequency'), used: true },
          { heading: 'operator', words: said('not used'), used: false },
        ],
        firstRows: [['150', 'Noa']],
      }),
    ]
    const desk = await page()
    await drop(desk, 'meter.csv')
    expect(desk.text()).toContain('The file holds magnitudes only.')
    expect(desk.text()).toContain('not used')
    await choose(desk, 'Smith chart')
    expect(desk.text()).toContain('This needs the phase')
  })

  it('asks for the feedline before it shows distances, then names what is found', async () => {
    readAnswers = [read({})]
    const desk = await page()
    await drop(desk, 'mast.s1p')
    await choose(desk, 'Distance')
    expect(desk.text()).toContain('Choose the feedline on the right')
    await pick(desk, 'rg-58')
    await settle()
    expect(sent.filter((s) => s.path === '/api/traces/look').at(-1)?.body).toMatchObject({
      line: { lengthM: 5, velocityFactor: 0.66 },
      view: 'AS_MEASURED',
    })
    expect(desk.find('.sentence').text()).toBe('Look at 7.5 m (± 0.1): a bad joint.')
    expect(desk.text()).toContain('7.50 m (24.6 ft)')
    expect(desk.findAll('.event')).toHaveLength(2)
    expect(desk.text()).toContain('the line hides it')
  })

  it('moves a marker by the keyboard and reads it', async () => {
    readAnswers = [read({})]
    const desk = await page()
    await drop(desk, 'roof.s1p')
    await desk.find('.surface').trigger('click', { clientX: 300 })
    const marker = desk.find('svg [role=slider]')
    const before = marker.attributes('aria-valuetext')
    await marker.trigger('keydown', { key: 'ArrowRight', shiftKey: true })
    expect(desk.find('svg [role=slider]').attributes('aria-valuetext')).not.toBe(before)
    expect(desk.find('.tables').text()).toContain('Marker on roof')
    await desk.find('.surface').trigger('click', { clientX: 500 })
    expect(desk.find('.tables').text()).toContain('B − A')
  })

  it('corrects a raw reading and says with what', async () => {
    readAnswers = [read({})]
    const desk = await page()
    await drop(desk, 'raw.s1p')
    await fromMenu(desk, 'c1')
    await settle()
    expect(desk.text()).toContain('raw, corrected')
    expect(desk.text()).toContain('Corrected with Bench VHF.')
    expect(desk.text()).toContain('1 of 3 left out.')
    await fromMenu(desk, 'c1')
    await settle()
    expect(desk.text()).toContain(
      'was corrected with Bench VHF already: a second correction would falsify it.',
    )
    expect(desk.text()).not.toContain('corrected, corrected')
  })

  it('says that more than a browser keeps is gone after a reload', async () => {
    const hz = Array.from({ length: 120_000 }, (_, i) => 150_000_000 + i * 83)
    const long = {
      frequencyHz: hz,
      re: hz.map(() => 0.123456789012),
      im: hz.map(() => 0.123456789012),
      hasPhase: true,
    }
    readAnswers = [read({ trace: long })]
    const desk = await page()
    expect(desk.text()).not.toContain('loaded again')
    await drop(desk, 'long.s1p')
    expect(desk.text()).toContain('loaded again')
    desk.unmount()
    const again = await page()
    expect(again.findAll('.desk-list li')).toHaveLength(0)
  })

  it('keeps the desk over a reload and says what a look was refused for', async () => {
    readAnswers = [read({})]
    const desk = await page()
    await drop(desk, 'roof.s1p')
    desk.unmount()
    lookTrouble = 'A port extension lies within 2 m either way.'
    const again = await page()
    expect(again.findAll('.desk-list li')).toHaveLength(1)
    expect(again.find('[role=alert]').text()).toContain('port extension')
  })
})
