import { describe, expect, it } from 'vitest'
import { apart, boxAt } from './apart'

const PICTURE = { left: 0, right: 400, top: 0, bottom: 300 }
const below = (x: number, y: number) => [0, 1, 2, 3, 4, 5].map((n) => ({ x, y: y + n * 10 }))

describe('labels on a picture', () => {
  it('stand apart where their curves dip at the same place', () => {
    const placed = apart(
      ['pass 1', 'pass 2', 'expected'].map((of) => ({ of, width: 60, spots: below(200, 100) })),
      PICTURE,
      [],
    )
    expect(placed.map((p) => p.of)).toEqual(['pass 1', 'pass 2', 'expected'])
    expect(placed[0]?.y).toBe(100)
    for (const a of placed) {
      for (const b of placed) {
        if (a === b) continue
        expect(Math.abs(a.y - b.y)).toBeGreaterThanOrEqual(15)
      }
    }
  })

  it('give way to a marker', () => {
    const marker = boxAt({ x: 200, y: 100 }, 24)
    const spots = [
      { x: 200, y: 100 },
      { x: 260, y: 100 },
    ]
    expect(apart([{ of: 'roof', width: 40, spots }], PICTURE, [marker])).toEqual([
      { x: 260, y: 100, of: 'roof' },
    ])
  })

  it('are left out where there is no room, and never stand over the edge', () => {
    const spots = [{ x: 395, y: 100 }]
    expect(apart([{ of: 'far right', width: 60, spots }], PICTURE, [])).toEqual([])
  })
})
