import { describe, expect, it } from 'vitest'
import { needlesOf, tracesOf } from './exercise'
import type { Exercise } from './queries'
import { Words } from '@/words/words'

describe('readings by needle', () => {
  it('are rows, the newest first, and draw no curve', () => {
    const channels = [{ name: 'main', frequencyHz: 155e6, swr: 2.2, returnLossDb: 8.5, met: false }]
    const exercise = {
      readings: [
        { number: 1, changeM: 0, channels },
        { number: 2, changeM: -0.006, channels: [{ ...channels[0], swr: 1.4, met: true }] },
        { number: 3, changeM: 0, channels },
      ],
    } as Exercise
    const words = new Words('en', 'mm')
    expect(needlesOf(exercise, words).map((r) => [r.number, r.before, r.channels[0]?.swr])).toEqual([
      [3, 'no change', 2.2],
      [2, '−6 mm', 1.4],
      [1, 'baseline', 2.2],
    ])
    expect(tracesOf(exercise, words)).toEqual([])
  })
})

describe('readings in the picture', () => {
  it('are the newest, and those before it by what was changed', () => {
    const reading = (number: number, changeM: number) => ({
      number,
      changeM,
      trace: { frequencyHz: [1e6, 2e6], re: [0.5, 0], im: [0, 0.1], hasPhase: true },
    })
    const traces = tracesOf(
      { readings: [reading(1, 0), reading(2, -0.006), reading(3, 0), reading(4, -0.002)] } as Exercise,
      new Words('en', 'mm'),
    )
    expect(traces.map((t) => [t.kind, t.label])).toEqual([
      ['earlier', 'baseline'],
      ['earlier', '−6 mm'],
      ['earlier', 'no change'],
      ['now', 'now'],
    ])
    expect(traces[0]?.curve.returnLossDb[0]).toBeCloseTo(6.02, 2)
    expect(traces[0]?.curve.returnLossDb[1]).toBeCloseTo(20, 2)
  })
})
