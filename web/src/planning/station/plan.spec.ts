import { describe, expect, it } from 'vitest'
import { formatDb, formatWatts } from '@/units/watts'
import { emptyStation, fromAddress, keepAway, readStation, toAddress } from './plan'

describe('reading what was typed', () => {
  it('takes the usual plan in metres, watts and shares', () => {
    const { plan, wrong } = readStation(emptyStation(), 'mm')
    expect(wrong).toEqual({})
    expect(plan?.frequencyHz).toBe(155e6)
    expect(plan?.alternatives[0]?.lineM).toBe(5)
    expect(plan?.duty).toBe(0.5)
    expect(plan?.stations[0]?.distanceM).toBe(8000)
  })
  it('takes feet for a line and says where a number is none', () => {
    const form = emptyStation()
    const [first, second] = form.ways
    if (!first || !second) throw new Error('two ways')
    first.lineLength = '17 ft'
    expect(readStation(form, 'inch').plan?.alternatives[0]?.lineM).toBeCloseTo(5.1816)
    second.watts = 'many'
    const { plan, wrong } = readStation(form, 'mm')
    expect(plan).toBeUndefined()
    expect(Object.keys(wrong)).toEqual(['alternatives[1].ratedW'])
  })
})

describe('words', () => {
  it('writes watts and decibels as people read them', () => {
    expect([formatWatts(39.02), formatWatts(4.2), formatWatts(0.5), formatWatts(120.4)]).toEqual([
      '39.0 W',
      '4.20 W',
      '500 mW',
      '120 W',
    ])
    expect([formatDb(3.14), formatDb(-0.42), formatDb(-0.01)]).toEqual(['+3.1 dB', '−0.4 dB', '+0.0 dB'])
  })
  it('rounds distances to keep upward', () => {
    expect(keepAway(1.639)).toBe('1.7 m (5.4 ft)')
    expect(keepAway(2)).toBe('2.0 m (6.6 ft)')
  })
})

describe('a plan in an address', () => {
  it('comes back as it went, with letters of any language', () => {
    const form = emptyStation()
    form.stations[0] = { name: 'Faro Sur – año', km: '1', height: '1 m', gain: '0', needed: '-100' }
    expect(fromAddress(toAddress(form))).toEqual(form)
  })
  it('is nothing where the address was cut', () => {
    expect(fromAddress('abc')).toBeUndefined()
    expect(fromAddress(btoa('{"ways":1}'))).toBeUndefined()
  })
})
