import { describe, expect, it } from 'vitest'
import { bandParts, showAll } from './bands'
import type { PlotTrace } from './trace'

const swept = (id: string, fromHz: number, toHz: number): PlotTrace => ({
  id,
  label: id,
  kind: 'now',
  curve: {
    frequencyHz: [fromHz, (fromHz + toHz) / 2, toHz],
    returnLossDb: [1, 20, 1],
  },
})
const peg = (frequencyHz: number) => ({ name: `${frequencyHz}`, frequencyHz, met: true, outside: false })
const TWO = [
  { lowHz: 144e6, highHz: 148e6 },
  { lowHz: 440e6, highHz: 440e6 },
]

describe('bands far from each other', () => {
  it('have their own channels and the traces that reach them, with room on both sides', () => {
    const parts = bandParts(
      TWO,
      [swept('both', 130e6, 460e6), swept('low', 140e6, 150e6)],
      [144e6, 148e6, 440e6].map(peg),
    )
    expect(parts.map((p) => p.pegs.length)).toEqual([2, 1])
    expect(parts[0]?.traces.map((t) => t.id)).toContain('low')
    expect(parts[1]?.traces.map((t) => t.id)).not.toContain('low')
    expect(parts[1]?.span[0]).toBeLessThan(430e6)
    expect(parts[1]?.span[1]).toBeGreaterThan(450e6)
  })

  it('show all only where no dip lies between them', () => {
    const parts = bandParts(TWO, [], [])
    expect(showAll(parts, [145e6, 442e6])).toBe(true)
    expect(showAll(parts, [145e6, 300e6])).toBe(false)
  })
})
