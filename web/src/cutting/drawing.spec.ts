import { describe, expect, it } from 'vitest'
import { dimensionLine, linesOf, place, scaleBarM, sizes, thickness, type View, wordsApart } from './drawing'
import { aView } from './testSheet'

const side = aView()
const wide: View = { ...side, lowX: -2.5, highX: 2.5, lowY: 5, highY: 5.8 }
const measure = (change: object) => ({
  x1: 0,
  y1: 0,
  x2: 0,
  y2: 0.4566,
  lane: -1,
  mark: 'A',
  lengthM: 0.4566,
  ...change,
})

describe('a view', () => {
  it('has one scale for both directions', () => {
    const p = place(side, 500, 400)
    const across = p.at(0.1, 0).x - p.at(0, 0).x
    const up = p.at(0, 0).y - p.at(0, 0.1).y
    expect(across).toBeCloseTo(up, 9)
    expect(across).toBeCloseTo(0.1 * p.pxPerM, 9)
  })

  it('stays within its frame, with room for dimension lines', () => {
    for (const view of [side, wide]) {
      const p = place(view, 500, 400)
      const low = p.at(view.lowX, view.lowY)
      const high = p.at(view.highX, view.highY)
      expect(Math.min(low.x, high.x)).toBeGreaterThan(60)
      expect(Math.max(low.y, high.y)).toBeLessThan(400 - 40)
    }
  })

  it('fills its frame where it is a detail', () => {
    const p = place({ ...side, enlarged: true, lowX: -1, highX: 1, lowY: -1, highY: 1 }, 300, 300)
    expect(p.at(1, 0).x - p.at(-1, 0).x).toBeGreaterThan(280)
  })

  it('draws metal as thick as it is where that can be seen', () => {
    const p = place(side, 500, 400)
    expect(thickness(0.0001, p, false)).toBeGreaterThan(1)
    expect(thickness(1, p, false)).toBeLessThan(10)
    expect(thickness(0.01, p, true)).toBeCloseTo(0.01 * p.pxPerM, 9)
  })
})

describe('a dimension line', () => {
  const p = place(side, 500, 400)

  it('is as long as what it measures and stands beside it', () => {
    const d = dimensionLine(measure({}), p)
    expect(Math.hypot(d.to.x - d.from.x, d.to.y - d.from.y)).toBeCloseTo(0.4566 * p.pxPerM, 6)
    expect(d.from.x).toBeLessThan(p.at(0, 0).x)
    expect(d.anchor).toBe('end')
  })

  it('changes sides with its lane', () => {
    const d = dimensionLine(measure({ lane: 1 }), p)
    expect(d.from.x).toBeGreaterThan(p.at(0, 0).x)
    expect(d.anchor).toBe('start')
    expect(dimensionLine(measure({ lane: 2 }), p).from.x).toBeGreaterThan(d.from.x + 10)
  })

  it('lies below what runs to the right in lane 1, above in lane −1', () => {
    const level = measure({ x2: 0.1, y2: 0, lengthM: 0.1 })
    expect(dimensionLine({ ...level, lane: 1 }, p).from.y).toBeGreaterThan(p.at(0, 0).y)
    const above = dimensionLine({ ...level, lane: -1 }, p)
    expect(above.from.y).toBeLessThan(p.at(0, 0).y)
    expect(above.anchor).toBe('middle')
  })

  it('goes without arrows where they would not fit', () => {
    expect(dimensionLine(measure({ y2: 0.01 }), p).isShort).toBe(true)
    expect(dimensionLine(measure({}), p).isShort).toBe(false)
  })
})

describe('words in a drawing', () => {
  const view = { width: 280, height: 300 }
  const lines = (spots: { x: number; y: number }[]) => spots.map((s) => s.y)

  it('stay where they belong as long as nothing is there', () => {
    expect(wordsApart([{ x: 20, y: 50, text: 'set screw' }], [], view)).toEqual([{ x: 20, y: 50 }])
  })

  it('go below or above what is measured there, and one another', () => {
    const taken = linesOf({ words: { x: 174, y: 183 }, anchor: 'start' }, 't 15 mm', '19/32 in')
    const [base, twice] = wordsApart(
      [
        { x: 161, y: 181, text: 't: in the base' },
        { x: 161, y: 181, text: 'set screw' },
      ],
      taken,
      view,
    )
    // Nearest free line: above the first of the two that are taken.
    expect(base?.y).toBe(167)
    expect(twice?.y).toBe(209)
  })

  it('stay within the view', () => {
    const [spot] = wordsApart([{ x: 161, y: 307, text: 'shield to the sheet, bare metal' }], [], view)
    expect(spot?.y).toBe(294)
    expect((spot?.x ?? 0) + 31 * 6.4).toBeLessThanOrEqual(276.01)
    expect(lines(wordsApart([{ x: 5, y: -40, text: 'tip' }], [], view))).toEqual([14])
  })
})

describe('views together', () => {
  it('give a wide one a row of its own', () => {
    const [first, second] = sizes([wide, side], 800)
    expect(first?.width).toBe(800)
    expect(second?.width).toBeLessThan(400)
  })

  it('stand side by side where the first is upright', () => {
    const all = sizes([side, side, side], 800)
    const [first, second] = all.map((s) => s.width)
    expect((first ?? 0) + (second ?? 0)).toBeLessThanOrEqual(800)
    expect(all).toHaveLength(3)
    expect(sizes([], 800)).toEqual([])
    expect(sizes([side], 800)[0]?.width).toBe(800)
  })

  it('have a scale bar of a round length', () => {
    const p = place(side, 500, 400)
    expect(scaleBarM(p, 0.4566)).toBeCloseTo(0.05, 12)
    expect(scaleBarM(p, 5)).toBeCloseTo(1, 12)
  })
})
