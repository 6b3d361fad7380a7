import { describe, expect, it } from 'vitest'
import { standings, tracesOf } from './exercise'
import type { Exercise, Row } from './queries'
import { Words } from '@/words/words'

const row = (by: string, mark: number | undefined, score?: object) =>
  ({
    by,
    mark,
    ...(score ? { score: { met: true, faultLeft: false, moreOffM: 0, ...score } } : {}),
  }) as Row

describe('how people stand', () => {
  it('counts what is finished, and says what went wrong', () => {
    const all = standings([
      row('Teo', 0.5, {}),
      row('Teo', 0, { met: false, moreOffM: 0.01 }),
      row('Teo', undefined),
      row('Noa', 0.9, {}),
      row('Bruno', 0, { faultLeft: true }),
    ])
    expect(all.map((s) => s.by)).toEqual(['Noa', 'Teo', 'Bruno'])
    expect(all[1]).toMatchObject({ done: 2, passed: 1, mark: 0.25, faultsLeft: 0, tooFar: 1 })
    expect(all[2]).toMatchObject({ done: 1, passed: 0, faultsLeft: 1, tooFar: 0 })
  })

  it('says nothing of whoever has finished nothing', () => {
    expect(standings([row('Teo', undefined)])).toEqual([])
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
