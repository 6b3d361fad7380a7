import { describe, expect, it } from 'vitest'
import { bandPegs, drawn, quarterWaveM } from './band'

const curve = { frequencyHz: [150e6, 155e6, 160e6], returnLossDb: [6, 60, 14] }

it('takes the quarter-wave in mid band', () => {
  expect(quarterWaveM(140e6, 160e6)).toBeCloseTo(0.49965, 5)
})

describe('the ends of a band', () => {
  it('are judged on the curve, not together', () => {
    const [low, high] = bandPegs({ lowHz: 150e6, highHz: 160e6, limitSwr: 2 }, curve)
    expect(low).toMatchObject({ met: false, outside: false, returnLossDb: 6 })
    expect(low?.swr).toBeCloseTo(3.01, 2)
    expect(high?.met).toBe(true)
    expect(bandPegs({ lowHz: 140e6, highHz: 160e6, limitSwr: 2 }, curve)[0]?.outside).toBe(true)
    expect(bandPegs({ lowHz: 150e6, highHz: 160e6, limitSwr: 2 }, undefined)).toEqual([])
  })
  it('are drawn no deeper than what can be built', () => {
    expect(drawn(curve).returnLossDb).toEqual([6, 30, 14])
  })
})
