import { describe, expect, it } from 'vitest'
import {
  emptyStation,
  formatDb,
  formatWatts,
  fromAddress,
  hidden,
  keepAway,
  readStation,
  stationSentence,
  toAddress,
  type StationAnswer,
} from './station'

type Way = StationAnswer['ways'][number]
const way = (name: string, erpW: number, atAntenna = 1.5, swrAtRadio = 1.4) =>
  ({
    name,
    erpW,
    swrAtRadio,
    swrAtRadioHigh: swrAtRadio,
    stages: [{ swr: swrAtRadio }, { swr: atAntenna }],
    warnings: [],
  }) as unknown as Way
const answer = (...ways: Way[]): StationAnswer => ({ ways, connectorLossDb: 0.1, cautions: [] })

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
  it('says which way is better and by how much, or that they are alike', () => {
    expect(stationSentence(answer(way('A', 20), way('B', 40)))).toBe(
      'B puts 3.0 dB more on the air than A: 40.0 W against 20.0 W ERP.',
    )
    expect(stationSentence(answer(way('A', 20), way('B', 21)))).toContain('alike')
    expect(stationSentence(answer(way('A', 20)))).toContain('20.0 W ERP')
  })
  it('tells of a line that hides a bad antenna', () => {
    expect(hidden(way('A', 1, 2.4, 1.5))).toContain('SWR 1.5 at the radio, 2.4 at the antenna')
    expect(hidden(way('A', 1, 1.5, 1.2))).toBe('')
    // Through a line of another impedance the phase decides: nothing is hidden for sure.
    expect(hidden({ ...way('A', 1, 2.4, 1.5), swrAtRadioHigh: 2.7 })).toBe('')
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
