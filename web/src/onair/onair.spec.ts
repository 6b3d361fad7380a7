import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import { api, type Schemas } from '@/api/client'
import { freshCall, readCall, toStation, type Station } from './callForm'
import CallLog from './CallLog.vue'
import FairTrial from './FairTrial.vue'
import HearPage from './HearPage.vue'
import type { Comparison } from './useAir'

const get = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown, PUT: () => undefined },
}))
const answers = (data: unknown) => Promise.resolve({ data, response: new Response() })
const global = () => ({
  plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]] as never,
})

describe('a call as typed', () => {
  const typed = { ...freshCall(153.05e6), name: 'Repeater', powerW: '5', report: 'CLEAR' as const }

  it('reads kilometres and miles, and leaves a distance out that nobody knows', () => {
    expect(readCall(typed).body).toMatchObject({ frequencyHz: 153.05e6, powerW: 5, report: 'CLEAR' })
    expect(readCall(typed).body?.distanceM).toBeUndefined()
    expect(readCall({ ...typed, distance: '8' }).body?.distanceM).toBe(8000)
    expect(readCall({ ...typed, distance: '5 mi' }).body?.distanceM).toBeCloseTo(8046.72)
  })

  it('says what is missing at its field', () => {
    const { body, wrong } = readCall({ ...typed, powerW: 'much', report: '', distance: 'far' })
    expect(body).toBeUndefined()
    expect(Object.keys(wrong).sort()).toEqual(['distanceM', 'powerW', 'report'])
  })

  it('takes what the shop knows of a station', () => {
    const station = { id: 's', name: 'Light', frequencyHz: 156.8e6, distanceM: 12_300 } as Station
    expect(toStation(typed, station)).toMatchObject({ name: 'Light', mhz: '156.800', distance: '12.3 km' })
    expect(toStation(typed, { id: 's', name: 'Light' } as Station).mhz).toBe('153.050')
  })
})

describe('the page of whoever hears', () => {
  const hearing = (next: number | undefined, trials: object[]) => ({
    place: 'yard to repeater',
    frequencyHz: 153.05e6,
    by: 'Inés',
    next,
    trials,
  })
  const page = async (role: string, seen: object) => {
    get.mockImplementation((path: string) => answers(path.endsWith('/hearing') ? seen : { role }))
    const mounted = mount(HearPage, { props: { id: 'i1', comparison: 'c1' }, global: global() })
    await flushPromises()
    return mounted
  }
  const three = [
    { number: 1, report: 'NOISY', hasClip: false },
    { number: 2, hasClip: true },
    { number: 3, hasClip: false },
  ]

  it('asks for the trial that is on the air, in words from worst to best', async () => {
    const mounted = await page('TECHNICIAN', hearing(3, three))
    expect(mounted.get('h1').text()).toBe('Trial 3 of 3')
    expect(mounted.findAll('.reports button')).toHaveLength(6)
    expect(mounted.findAll('tbody tr').map((r) => r.get('td').text())).toEqual(['2', '1'])
    const put = vi.spyOn(api, 'PUT').mockResolvedValue({
      data: hearing(undefined, three),
      response: new Response(),
    } as never)
    await mounted.findAll('.reports button').at(-1)?.trigger('click')
    await flushPromises()
    expect(put.mock.calls[0]?.[1]).toMatchObject({
      params: { path: { id: 'i1', comparisonId: 'c1', number: 3 } },
      body: { report: 'CLEAR' },
    })
    expect(mounted.get('h1').text()).toBe('All trials are heard')
    expect(mounted.find('.reports').exists()).toBe(false)
  })

  it('lets a viewer look on', async () => {
    const mounted = await page('VIEWER', hearing(3, three))
    expect(mounted.find('.reports').exists()).toBe(false)
    expect(mounted.text()).toContain('a technician reports')
  })
})

describe('the log', () => {
  beforeEach(() => {
    get.mockReset()
  })

  it('says how far it reached, and strikes out what was taken back', async () => {
    const entered = {
      station: 'Repeater',
      frequencyHz: 153e6,
      distanceM: 8000,
      powerW: 5,
      report: 'NOISY',
      note: '',
    }
    const one = { id: 'c1', entered, by: 'Inés', at: '2026-11-01T10:00:00Z' }
    get.mockImplementation((path: string) =>
      answers(
        path.endsWith('/air')
          ? { calls: [one, { ...one, id: 'c2', takenBackBy: 'Noa' }], farthest: one, comparisons: [] }
          : [],
      ),
    )
    const log = mount(CallLog, {
      props: { installationId: 'i', mainHz: 153e6, mayWrite: true },
      global: global(),
    })
    await flushPromises()
    expect(log.text()).toContain(joined('Understood as far as 8.0 km (5.0 mi) so far (Repeater).'))
    expect(log.findAll('tr.back')).toHaveLength(1)
    expect(log.find('tr.back').text()).toContain('taken back by Noa')
  })
})

describe('a comparison', () => {
  const trial = (number: number, antenna: string, more = {}): Schemas['TrialView'] => ({
    number,
    round: Math.ceil(number / 2),
    antenna,
    hasClip: false,
    ...more,
  })
  const comparison = (trials: Schemas['TrialView'][]) =>
    ({
      id: 'k',
      place: 'yard',
      powerW: 5,
      frequencyHz: 153e6,
      by: 'Inés',
      at: '2026-11-01T10:00:00Z',
      isByClips: false,
      trials,
      pairs: [{ says: { id: 'comparison.NO_ROUND', params: { best: 'A', other: 'B' }, text: '' } }],
    }) as Comparison
  const shown = (trials: Schemas['TrialView'][]) =>
    mount(FairTrial, {
      props: { installationId: 'i', comparison: comparison(trials), mayWrite: false },
      global: global(),
    }).text()

  it('names the next antenna to the caller, and only a number to say', () => {
    const text = shown([trial(1, 'B', { report: 'CLEAR' }), trial(2, 'A')])
    expect(text).toContain('Trial 2: connect A. Say “trial 2” and nothing more.')
    expect(text).toContain('A and B: no round with a difference yet.')
  })

  it('shows what a clip says with its doubt, or that it says nothing', () => {
    const text = shown([
      trial(1, 'B', { hasClip: true, clipDb: 12.34, clipDoubtDb: 0.62 }),
      trial(2, 'A', { hasClip: true }),
    ])
    expect(text).toContain(joined('12.3 dB ± 0.6'))
    expect(text).toContain('too near its noise to tell')
    expect(text).toContain('All trials are done.')
  })
})
