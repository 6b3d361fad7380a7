import { describe, expect, it } from 'vitest'
import { deepestIn, floorDb, labelRows, returnLossAt, sweepScale } from './sweepScale'

const curve = { frequencyHz: [100, 200, 300], returnLossDb: [2, 22, 4] }

describe('the sweep picture', () => {
  it('draws return loss downward and SWR at the same height', () => {
    const { y, swrTicks } = sweepScale([100, 300], 30, { width: 400, height: 300 })
    expect(y(0)).toBe(0)
    expect(y(20)).toBe(200)
    expect(swrTicks.find((t) => t.swr === 2)?.y).toBeCloseTo(y(9.5424), 2)
    expect(swrTicks.every((t) => t.y <= 300)).toBe(true)
  })

  it('is a little deeper than the deepest curve, and never too shallow', () => {
    expect(floorDb([curve])).toBe(25)
    expect(floorDb([{ frequencyHz: [1], returnLossDb: [3] }])).toBe(15)
    expect(floorDb([])).toBe(15)
    // SWR 1.1 lies at 26.4 dB: the line must be in the picture.
    expect(floorDb([curve], 1.1)).toBe(30)
  })

  it('reads between points and not beyond the sweep', () => {
    expect(returnLossAt(curve, 150)).toBe(12)
    expect(returnLossAt(curve, 300)).toBe(4)
    expect(returnLossAt(curve, 99)).toBeUndefined()
    expect(returnLossAt({ frequencyHz: [], returnLossDb: [] }, 1)).toBeUndefined()
  })

  it('finds the deepest point of what is shown', () => {
    expect(deepestIn(curve, [100, 300])).toEqual({ hz: 200, db: 22 })
    expect(deepestIn(curve, [250, 300])).toEqual({ hz: 300, db: 4 })
    expect(deepestIn(curve, [400, 500])).toBeUndefined()
  })

  it('puts names that would cover each other in rows', () => {
    expect(labelRows([0, 100, 200], [50, 50, 50])).toEqual([0, 0, 0])
    expect(labelRows([100, 110, 300], [60, 60, 60])).toEqual([0, 1, 0])
    expect(labelRows([120, 100], [60, 60])).toEqual([1, 0])
  })
})
