import { describe, expect, it } from 'vitest'
import { emptyRow, freshMeter, meaningOf, readSpots, rememberMeter } from './spots'

const CHANNELS = [26.965e6, 27.185e6, 27.405e6]
const meter = () => freshMeter(CHANNELS)
const set = (d: ReturnType<typeof meter>, hz: number, part: Partial<ReturnType<typeof emptyRow>>) => {
  d.channels[String(hz)] = { ...emptyRow(), ...part }
}

describe('readings typed from a meter', () => {
  it('takes what is typed and leaves empty channels out', () => {
    const d = meter()
    set(d, 26.965e6, { swr: '1.4' })
    set(d, 27.405e6, { swr: '2,1:1' })
    expect(readSpots(d)).toEqual({
      spots: [
        { frequencyHz: 26.965e6, swr: 1.4 },
        { frequencyHz: 27.405e6, swr: 2.1 },
      ],
      rows: ['26965000', '27405000'],
      wrong: {},
    })
  })

  it('says at its channel what cannot be an SWR, and asks for a reading where there is none', () => {
    const d = meter()
    expect(readSpots(d).wrong.spots).toContain('better three')
    set(d, 27.185e6, { swr: '0.8' })
    expect(readSpots(d).wrong['27185000']).toBe('An SWR is 1 or more.')
    set(d, 27.185e6, { swr: 'two' })
    expect(readSpots(d).wrong['27185000']).toBeTruthy()
  })

  it('reads watts with their ranges and asks for the reflected ones', () => {
    const d = { ...meter(), kind: 'WATTMETER' as const }
    set(d, 26.965e6, { forward: '4', reflected: '0.2' })
    expect(readSpots(d).spots[0]).toEqual({
      frequencyHz: 26.965e6,
      forwardW: 4,
      reflectedW: 0.2,
      forwardFullScaleW: 50,
      reflectedFullScaleW: 5,
    })
    set(d, 27.185e6, { forward: '4' })
    expect(readSpots(d).wrong['27185000']).toContain('Reflected watts are missing')
    expect(readSpots({ ...d, forwardRange: '' }).wrong.forwardRange).toBe('Which full scale?')
  })

  it('takes the dip and the edges of a dial analyser, and loses the sign that X does not have', () => {
    const d = { ...meter(), kind: 'DIAL_ANALYSER' as const }
    d.extra = [
      { ...emptyRow(), mhz: '27.05', swr: '1.2', r: '44', x: '-8' },
      { ...emptyRow(), mhz: 'abc', swr: '2' },
      emptyRow(),
    ]
    const read = readSpots(d)
    expect(read.spots).toEqual([{ frequencyHz: 27.05e6, swr: 1.2, resistanceOhm: 44, reactanceSizeOhm: 8 }])
    expect(read.wrong.extra1).toBeTruthy()
    expect(read.wrong.extra2).toBeUndefined()
  })
})

describe('what a row means', () => {
  const row = (part: object) => ({ ...emptyRow(), ...part })

  it('is told from watts', () => {
    // A fifth of the voltage comes back: |Γ| = 0.2, SWR 1.5, 14 dB.
    const means = meaningOf(row({ forward: '25', reflected: '1' }), 'WATTMETER')
    expect(means?.swr).toBeCloseTo(1.5, 6)
    expect(means?.returnLossDb).toBeCloseTo(13.98, 2)
  })

  it('is told from an SWR, also as 1.9:1', () => {
    expect(meaningOf(row({ swr: '1.9:1' }), 'INLINE_METER')?.returnLossDb).toBeCloseTo(10.16, 2)
  })

  it.each([{ forward: '25' }, { forward: '25', reflected: '30' }, { forward: 'x', reflected: '1' }])(
    'is not told from %j',
    (part) => expect(meaningOf(row(part), 'WATTMETER')).toBeUndefined(),
  )
})

describe('the meter of the last pass', () => {
  it('is the one that is offered next, with its ranges and empty rows', () => {
    rememberMeter({ ...freshMeter([146e6]), kind: 'WATTMETER', forwardRange: '100', reflectedRange: '10' })
    expect(freshMeter([446e6])).toEqual({
      kind: 'WATTMETER',
      forwardRange: '100',
      reflectedRange: '10',
      channels: { 446000000: emptyRow() },
      extra: [],
    })
    localStorage.clear()
    expect(freshMeter([446e6]).kind).toBe('INLINE_METER')
  })
})
