import { scaleLinear } from 'd3-scale'
import { describe, expect, it } from 'vitest'
import { currentWords } from '@/words/words'
import { placePegs } from './pegs'

const peg = (name: string, mhz: number) => ({
  name,
  frequencyHz: mhz * 1e6,
  swr: 1.5,
  met: true,
  outside: false,
})
/** On a picture 470 wide, as the tuning page has it; 60 beyond it on either side. */
const placed = (fromMhz: number, toMhz: number, ...pegs: ReturnType<typeof peg>[]) =>
  placePegs(
    pegs,
    scaleLinear([fromMhz * 1e6, toMhz * 1e6], [0, 470]),
    470,
    { left: 60, right: 60 },
    currentWords(),
  )
/** As wide as the letters of `1.50 met` take. */
const HALF_WORD = (8 * 6.6) / 2

describe('names of wanted channels', () => {
  it('stand in the middle above their channel where there is room', () => {
    for (const p of placed(140, 172, peg('Field', 153), peg('Ferry', 162))) {
      expect(p.label).toBe(p.x)
      expect(p.row).toBe(0)
    }
  })

  it.each([
    ['both ends and the middle of CB', [26.965, 27.185, 27.405]],
    ['two that nearly meet', [27.1, 27.15]],
    ['at the left edge', [24.72, 24.9]],
    ['at the right edge', [29.5, 29.68]],
  ])('are crossed by no line: %s', (_, mhz) => {
    const pegs = placed(24.7, 29.7, ...mhz.map((m) => peg(`C${m}`.slice(0, 4), m)))
    for (const p of pegs) {
      const passing = pegs.filter((q) => q.row > p.row)
      for (const q of passing) expect(Math.abs(q.x - p.label)).toBeGreaterThan(HALF_WORD)
      expect(p.label).toBeGreaterThanOrEqual(HALF_WORD - 60)
      expect(p.label).toBeLessThanOrEqual(470 + 60 - HALF_WORD)
    }
  })

  it('stay where they are where lines come down on both sides', () => {
    const close = [0, 20, 40, 61, 81].map((px) => peg(`P${px}`, 26 + (px * 5) / 470))
    const between = placed(24.7, 29.7, ...close)[3]
    expect(between?.row).toBe(0)
    expect(between?.label).toBeCloseTo(between?.x ?? 0, 6)
  })
})
