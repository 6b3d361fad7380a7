import { describe, expect, it } from 'vitest'
import type { Pass } from '@/tuning/sentence'
import type { Happening } from './queries'
import { byVisit, stretches, tracesOfVisits, type Visit } from './visits'

const visit = (number: number, openedAt: string, signedAt?: string) =>
  ({ id: `v${number}`, number, purpose: 'FITTING', openedAt, signOff: signedAt && { at: signedAt } }) as Visit
const first = visit(1, '2025-03-01T09:00:00Z', '2025-03-01T12:00:00Z')
const second = visit(2, '2026-03-02T09:00:00Z')
const at = (time: string) => ({ at: time, says: [] }) as Happening

describe('what happened, visit by visit', () => {
  it('belongs to the visit that was the newest then, the newest first', () => {
    const planned = at('2025-02-20T08:00:00Z')
    const signed = at('2025-03-01T12:00:00Z')
    const between = at('2025-08-01T12:00:00Z')
    const opened = at('2026-03-02T09:00:00Z')
    const groups = byVisit([opened, between, signed, planned], [first, second])
    expect(groups.map((g) => g.visit.number)).toEqual([2, 1])
    expect(groups[0]?.happenings).toEqual([opened])
    expect(groups[1]?.happenings).toEqual([between, signed, planned])
  })
})

describe('visits on a line of time', () => {
  const now = new Date('2026-03-02T10:00:00Z').getTime()

  it('lie where they were, and those of minutes are seen', () => {
    const [a, b] = stretches([first, second], now, 1000)
    expect(a?.from).toBe(0)
    expect((a?.to ?? 0) - (a?.from ?? 0)).toBe(8)
    expect(b?.isOpen).toBe(true)
    expect(b?.from).toBeGreaterThan(980)
    expect(b?.to).toBeLessThanOrEqual(1000)
  })

  it('have dates as long as there is room', () => {
    const third = visit(3, '2026-03-02T09:30:00Z')
    expect(stretches([first, second, third], now, 1000).map((s) => s.isDated)).toEqual([true, true, false])
  })

  it('lie somewhere even where nothing has passed yet', () => {
    const [only] = stretches([visit(1, '2026-03-02T10:00:00Z')], now, 1000)
    expect(only?.from).toBe(0)
    expect(Number.isFinite(only?.to)).toBe(true)
  })
})

describe('how each visit left the antenna', () => {
  const pass = (number: number, of: number, more: object = {}) =>
    ({
      id: `p${number}`,
      number,
      visit: of,
      oldAntenna: false,
      trace: { frequencyHz: [150e6 + number], returnLossDb: [10] },
      ...more,
    }) as unknown as Pass

  it('is its last reading of the antenna that stays', () => {
    const passes = [
      pass(1, 1, { oldAntenna: true }),
      pass(2, 1),
      pass(3, 1),
      pass(4, 1, { runName: 'mesh' }),
      pass(5, 1, { oldAntenna: true }),
    ]
    const traces = tracesOfVisits([first, second], passes, (v) => `visit ${v.number}`)
    expect(traces).toHaveLength(1)
    expect(traces[0]).toMatchObject({ label: 'visit 1', tone: 0, curve: { frequencyHz: [150e6 + 3] } })
  })
})
