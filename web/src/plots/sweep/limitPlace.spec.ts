import { describe, expect, it } from 'vitest'
import { sweepScale } from '../sweepScale'
import { returnLossOfSwr } from '@/units/swr'
import { limitPlace } from './limitPlace'
import type { PlotTrace } from './trace'

const inner = { width: 500, height: 400 }
const scale = sweepScale([150e6, 160e6], 20, inner)
const line = scale.y(returnLossOfSwr(2))

/** A curve that is `db` deep at each of 101 frequencies. */
const trace = (db: (share: number) => number): PlotTrace => ({
  id: 'a',
  label: 'now',
  kind: 'now',
  curve: {
    frequencyHz: Array.from({ length: 101 }, (_, i) => 150e6 + i * 0.1e6),
    returnLossDb: Array.from({ length: 101 }, (_, i) => db(i / 100)),
  },
})
const place = (...traces: PlotTrace[]) => limitPlace(traces, 2, 100, { inner, scale })

describe('the words of the rule', () => {
  it('stand above its line at the right', () => {
    expect(place(trace(() => 3))).toEqual({ anchor: 'end', x: 494, y: line - 6 })
  })
  it('go where no curve runs through them', () => {
    // Through both places at the right, then as deep as the line everywhere but in the middle.
    expect(place(trace((s) => (s > 0.7 ? 7 + 8 * (s - 0.7) * 3 : 3))).anchor).toBe('start')
    expect(place(trace((s) => (s > 0.3 && s < 0.7 ? 3 : 9.5 + Math.sin(s * 200) * 1.5))).anchor).toBe(
      'middle',
    )
  })
  it('stay at the right where no place is free', () => {
    expect(place(trace((s) => 9.5 + Math.sin(s * 200) * 1.5)).anchor).toBe('end')
  })
})
