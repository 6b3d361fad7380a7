import { describe, expect, it } from 'vitest'
import { agrees, SWR_MARKS, swrPlace, wattMarks, watts } from './meters'

describe('scales', () => {
  it('places SWR by the reflection: 3 in the middle', () => {
    expect(swrPlace(3)).toBe(0.5)
    expect(SWR_MARKS[0]).toEqual({ at: 0, word: '1' })
    const places = SWR_MARKS.map((m) => m.at)
    expect([...places].sort((a, b) => a - b)).toEqual(places)
  })
  it('divides a plug in fifty', () => {
    const marks = wattMarks(25)
    expect(marks).toHaveLength(51)
    expect(marks.filter((m) => m.word).map((m) => m.word)).toEqual(['0', '5', '10', '15', '20', '25'])
  })
  it('reads no more digits than a scale has', () => {
    expect(watts(0.4)).toBe('0.40')
    expect(watts(24.5)).toBe('24.5')
  })
})

describe('the needle', () => {
  const needle = { hz: 155e6, powerW: 5, rangeW: 10, forwardW: 5 }
  it('counts for the carrier that it was set with, and no other', () => {
    expect(agrees(needle, { hz: 155e6, powerW: 5, rangeW: 10 })).toBe(true)
    expect(agrees(needle, { hz: 160e6, powerW: 5, rangeW: 10 })).toBe(false)
    expect(agrees(needle, { hz: 155e6, powerW: 25, rangeW: 10 })).toBe(false)
    expect(agrees(needle, { hz: 155e6, powerW: 5, rangeW: 30 })).toBe(false)
  })
})
