import { describe, expect, it } from 'vitest'
import { currentWords } from '@/words/words'
import { impedanceNumbers, places, sweepNumbers } from './numbers'
import type { PlotTrace } from './sweep/trace'

describe('the figures of a picture', () => {
  it('stand at even steps and where somebody looks, each once', () => {
    const all = places([140e6, 160e6], [146.52e6, 150e6, 170e6])
    expect(all).toHaveLength(22)
    expect(all).toContain(146.52e6)
    expect(all).not.toContain(170e6)
  })

  it('give SWR and return loss of every trace, and nothing where one was not swept', () => {
    const trace = (id: string, frequencyHz: number[], returnLossDb: number[]): PlotTrace => ({
      id,
      label: id,
      kind: 'earlier',
      curve: { frequencyHz, returnLossDb },
    })
    const { heads, rows } = sweepNumbers(
      [trace('roof', [140e6, 150e6, 160e6], [1, 20, 1]), trace('mast', [150e6, 160e6], [10, 10])],
      [{ name: 'Base', frequencyHz: 150e6, met: true, outside: false }],
      [140e6, 160e6],
      'SWR',
    )
    expect(heads).toEqual(['MHz', 'roof: SWR · dB', 'mast: SWR · dB'])
    // SWR of 20 and 10 dB: 1.22 and 1.92 (conversion table, D. M. Pozar, Microwave Engineering, section 2.3).
    expect(rows.find((r) => r[0] === '150.000 Base')).toEqual([
      '150.000 Base',
      '1.22 · 20.0 dB',
      '1.92 · 10.0 dB',
    ])
    expect(rows[0]?.[2]).toBe('')
  })

  it('give R and X where there is a phase', () => {
    // Γ = 1/3: 100 Ω.
    const trace = {
      id: 't',
      label: 't',
      tone: 0,
      isChosen: true,
      frequencyHz: [100e6, 101e6],
      re: [1 / 3, 1 / 3],
      im: [0, 0],
    }
    expect(impedanceNumbers(trace, [], currentWords()).rows[0]).toEqual([
      '100.000',
      '100.0',
      '0.0',
      '2.00',
      '9.5',
    ])
  })
})
