import { describe, expect, it } from 'vitest'
import { readNeed } from '@/planning/choice'
import { readStation } from '@/planning/station/plan'
import { calibrationFor, needOf, stationOf } from './elsewhere'
import type { Installation, Pass } from './sentence'

const tractor = {
  carrier: 'VEHICLE',
  ruleLimitSwr: 1.75,
  ratedPowerW: 50,
  swrCeiling: 2.5,
  sweepStartHz: 120.5e6,
  sweepStopHz: 520e6,
  feedlineType: 'rg-8x',
  feedlineLengthM: 4.2,
  channels: [
    { name: 'Field', frequencyHz: 153.05e6, primary: false },
    { name: 'Base', frequencyHz: 157.45e6, primary: true },
  ],
  bands: [
    { lowHz: 153.05e6, highHz: 157.45e6 },
    { lowHz: 446e6, highHz: 446e6 },
  ],
} as unknown as Installation

describe('from an installation', () => {
  it('an antenna is planned for its lowest band and its own limit', () => {
    const { need, wrong } = readNeed(needOf(tractor), 'mm')
    expect(wrong).toEqual({})
    expect(need).toMatchObject({ carrier: 'VEHICLE', lowHz: 153.05e6, highHz: 157.45e6, limitSwr: 1.75 })
    const one = { ...tractor, bands: [{ lowHz: 446e6, highHz: 446e6 }] }
    const { need: narrow } = readNeed(needOf(one), 'mm')
    expect(narrow?.lowHz).toBeLessThan(446e6)
    expect(narrow?.highHz).toBeGreaterThan(446e6)
  })

  it('its radio, line and SWR go into power and reach', () => {
    const last = { plane: 'ANTENNA', verdict: { worstSwr: 1.84 } } as Pass
    const { plan, wrong } = readStation(stationOf(tractor, last), 'inch')
    expect(wrong).toEqual({})
    expect(plan?.frequencyHz).toBe(157.45e6)
    expect(plan?.alternatives[0]).toMatchObject({
      ratedW: 50,
      ceilingSwr: 2.5,
      line: 'rg-8x',
      lineM: 4.2,
      swr: 1.84,
    })
    expect(plan?.alternatives[1]).toMatchObject({ ratedW: 50, line: 'foam-10', swr: 1.84 })
  })

  it('what was read at the radio is not taken for the antenna beyond its line', () => {
    const atRadio = { plane: 'RADIO', verdict: { worstSwr: 1.6 } } as Pass
    const known = { ...atRadio, otherEnd: { worstSwr: 2.2 } } as Pass
    const unplugged = { ...tractor, feedlineType: undefined } as unknown as Installation
    const swr = (i: Installation, last: Pass) =>
      readStation(stationOf(i, last), 'mm').plan?.alternatives[0]?.swr
    expect(swr(tractor, known)).toBe(2.2)
    expect(swr(tractor, atRadio)).not.toBe(1.6)
    expect(swr(unplugged, atRadio)).toBe(1.6)
    expect(readStation(stationOf(unplugged, atRadio), 'mm').plan?.alternatives).toMatchObject([{ lineM: 0 }])
  })

  it('a calibration covers what its first sweep covers', () => {
    expect(calibrationFor(tractor)).toMatchObject({ query: { from: '120.500', to: '520.000' } })
  })
})
