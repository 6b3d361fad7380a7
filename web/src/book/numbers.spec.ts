import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { usePreferences } from '@/preferences'
import { formatDay } from '@/units/time'
import NumbersPage from './NumbersPage.vue'
import { formatMeasure, told, type Week } from './weeks'

const get = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown },
}))

const week = (monday: string, signedOff: number, more: Partial<Week> = {}): Week => ({
  monday,
  sunday: monday,
  signedOff,
  cutOffM: 0,
  overshoots: 0,
  ...more,
})
const WEEKS = [
  week('2026-02-23', 1, { changes: 4, readings: 5, days: 2.04, cutOffM: 0.03, overshoots: 1 }),
  week('2026-03-02', 0),
  week('2026-03-09', 2, { changes: 1.5, readings: 2, days: 7, cutOffM: 0.0508 }),
]

describe('what is told of each week', () => {
  it('leaves out those in which nothing was finished, the newest first', () => {
    expect(told(WEEKS).map((w) => w.monday)).toEqual(['2026-03-09', '2026-02-23'])
  })

  it('has no more digits than a median of counts has, and lengths as they are read', () => {
    expect(formatMeasure('changes', 1.5, 'mm')).toBe('1.5')
    expect(formatMeasure('days', 2.04, 'mm')).toBe('2')
    expect(formatMeasure('days', undefined, 'mm')).toBe('')
    expect(formatMeasure('cutOffM', 0.0508, 'inch')).toBe('2 in')
  })
})

describe('the numbers of the shop', () => {
  async function page(numbers: object) {
    get.mockImplementation((path: string) =>
      Promise.resolve({
        data: path === '/api/numbers' ? numbers : { count: 2, overdueCount: 1 },
        response: new Response(),
      }),
    )
    const pinia = createPinia()
    usePreferences(pinia).unit = 'mm'
    const shown = mount(NumbersPage, {
      global: {
        plugins: [pinia, [VueQueryPlugin, { queryClient: new QueryClient() }]],
        stubs: { RouterLink: RouterLinkStub },
      },
    })
    await flushPromises()
    return shown
  }

  it('leads from each number to the installations behind it', async () => {
    const shown = await page({
      standing: [{ state: 'TUNING', count: 3, medianDays: 4, longestDays: 10.2 }],
      weeks: WEEKS,
      faults: [{ fault: { id: 'cause.BAD_CONNECTOR', params: {}, text: '' }, jobs: 2 }],
      held: [
        {
          carrier: 'MAST',
          age: 'LONGER',
          rechecks: 4,
          changed: 1,
          movedHz: { median: 0.25e6, low: 0.1e6, high: 0.4e6 },
        },
        { carrier: 'MAST', age: 'MONTH', rechecks: 1, changed: 0 },
      ],
      unwritten: 0,
    })
    const links = shown.findAllComponents(RouterLinkStub).map((l) => l.props('to') as unknown)
    expect(links).toEqual([
      '/due',
      { path: '/book', query: { state: 'TUNING' } },
      { path: '/book', query: { signedFrom: '2026-03-09', signedTo: '2026-03-09' } },
      { path: '/book', query: { signedFrom: '2026-02-23', signedTo: '2026-02-23' } },
      { path: '/book', query: { fault: 'cause.BAD_CONNECTOR' } },
      { path: '/book', query: { carrier: 'MAST' } },
      { path: '/book', query: { carrier: 'MAST' } },
    ])
    expect(shown.text()).toContain(`from ${formatDay('2026-03-09')}`)
    // Of what nobody knows no number stands.
    const moved = shown.findAll('tr').map((row) => row.findAll('td').at(-1)?.text())
    expect(moved.slice(-2)).toEqual(['0.25 (0.10 to 0.40)', ''])
    expect(shown.text()).toContain('half of them lie between')
    expect(shown.text()).toContain('2 things are due, 1 overdue.')
    // An empty week has no bar, and is no zero.
    expect(shown.findAll('rect')).toHaveLength(2)
  })

  it('says what there is nothing of', async () => {
    const shown = await page({
      standing: [],
      weeks: [week('2026-03-09', 0)],
      faults: [],
      held: [],
      unwritten: 3,
    })
    expect(shown.text()).toContain('3 installations are not counted yet')
    expect(shown.text()).toContain('Nothing was signed off in this time.')
    expect(shown.findAll('svg')).toHaveLength(0)
  })
})
