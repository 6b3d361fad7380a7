import { describe, expect, it } from 'vitest'
import { tracesOf } from './exercise'
import type { Exercise } from './queries'
import { Words } from '@/words/words'

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
