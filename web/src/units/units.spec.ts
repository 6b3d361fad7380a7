import { joined } from './joined'
import { describe, expect, it } from 'vitest'
import { formatMhz, parseFrequency } from './frequency'
import { exactLength, formatBoth, formatLength, parseLength } from './length'
import { parseDecimal } from './number'
import { formatImpedance, formatOhm, formatOhms } from './impedance'
import { formatSwr, returnLossOfMagnitude, returnLossOfSwr, swrOfMagnitude, swrOfReturnLoss } from './swr'
import { formatSensitivity } from './sensitivity'

describe('lengths as people type them', () => {
  // 1 in = 25.4 mm exactly (international yard and pound agreement, 1959).
  it.each([
    ['482 mm', 0.482],
    ['48.2 cm', 0.482],
    ['48,2 cm', 0.482],
    ['0.482 m', 0.482],
    ['19 in', 0.4826],
    ['19"', 0.4826],
    ['18 31/32', (18 + 31 / 32) * 0.0254],
    ['18 31/32 in', (18 + 31 / 32) * 0.0254],
    ['1/4 in', 0.00635],
    ['1 ft 7 in', 0.4826],
    ['1 ft 7', 0.4826],
    ['3 × 2 mm', 0.006],
    ['2 x 1/4 in', 0.0127],
    ['1\' 7 1/2"', 19.5 * 0.0254],
    ['2 ft', 0.6096],
    ['482', 0.482],
  ])('%s', (text, metres) => {
    const read = parseLength(text, 'mm')
    expect(read.ok && read.value).toBeCloseTo(metres, 9)
  })

  it.each([
    ['22 in', 'inch', '22 in'],
    ['22 in', 'mm', '558.8 mm'],
    ['18 31/64 in', 'mm', '18 31/64 in'],
    ['560 mm', 'inch', '560 mm'],
    ['1.4 m', 'inch', '1.4 m'],
    ['1234.567 mm', 'inch', '1234.567 mm'],
    ['0', 'mm', '0 mm'],
    ['-19.5 in', 'inch', '−495.3 mm'],
  ] as const)('%s is written so that it means itself to somebody in %s', (text, unit, written) => {
    const read = parseLength(text, 'mm')
    const metres = read.ok ? read.value : NaN
    expect(exactLength(metres, unit)).toBe(written)
    const again = parseLength(written, unit === 'mm' ? 'inch' : 'mm')
    expect(again.ok && again.value).toBeCloseTo(metres, 9)
  })

  it('a bare number is in the unit that is shown', () => {
    expect(parseLength('19', 'inch')).toEqual({ ok: true, value: 19 * 0.0254 })
  })

  it.each([
    ['', 'Please type a length.'],
    ['long', 'is not a number'],
    ['1,482 mm', 'read in two ways'],
    ['3/0 in', 'below the line'],
    ['5 furlongs', 'is not a number'],
  ])('%s is refused with a sentence', (text, why) => {
    const read = parseLength(text, 'mm')
    expect(read.ok ? '' : read.why).toContain(why)
  })

  it('shows millimetres, and inches to the nearest 32nd', () => {
    expect(formatLength(0.4826, 'mm')).toBe('483 mm')
    expect(formatLength(0.0065, 'mm', true)).toBe('6.5 mm')
    expect(formatLength(0.0004, 'mm')).toBe('0.4 mm')
    expect(formatLength(0.4818, 'inch')).toBe('18 31/32 in')
    expect(formatLength(0.00635, 'inch')).toBe('1/4 in')
    expect(formatLength(0, 'inch')).toBe('0 in')
    expect(formatLength(458.375 * 0.0254, 'inch')).toBe('38 ft 2 3/8 in')
    expect(formatLength(12 * 12 * 0.0254, 'inch')).toBe('12 ft')
    const read = parseLength('38 ft 2 3/8 in', 'mm')
    expect(read.ok && read.value).toBeCloseTo(458.375 * 0.0254, 9)
    expect(formatLength(-0.0127, 'inch')).toBe('−1/2 in')
    expect(formatBoth(0.0254, 'inch')).toBe(joined('1 in (25 mm)'))
  })

  it('what was shown reads back as the same length', () => {
    for (let mm = 1; mm < 900; mm += 7.3) {
      const shown = formatLength(mm / 1000, 'inch')
      const read = parseLength(shown, 'inch')
      expect(read.ok && Math.abs(read.value - mm / 1000)).toBeLessThan(0.0254 / 64 + 1e-9)
    }
  })
})

describe('frequencies', () => {
  it.each([
    ['146.52', 146_520_000],
    ['146.52 MHz', 146_520_000],
    ['446200 kHz', 446_200_000],
    ['0.45 ghz', 450_000_000],
  ])('%s', (text, hz) => expect(parseFrequency(text)).toEqual({ ok: true, value: hz }))

  it('a frequency far from the trade is refused, not guessed', () => {
    expect(parseFrequency('146520').ok).toBe(false)
    expect(parseFrequency('0.5').ok).toBe(false)
    expect(parseFrequency('abc').ok).toBe(false)
    expect(formatMhz(27_185_000)).toBe('27.185')
  })
})

describe('SWR and return loss', () => {
  // Conversion table of any radio handbook: SWR 2 is 9.54 dB.
  it('2:1 is 9.54 dB', () => {
    expect(returnLossOfSwr(2)).toBeCloseTo(9.5424, 3)
    expect(swrOfReturnLoss(9.5424)).toBeCloseTo(2, 4)
    expect(swrOfReturnLoss(0)).toBe(Infinity)
  })

  it('a value that is absent or huge is beyond what anybody reads', () => {
    expect(formatSwr(undefined)).toBe('> 100')
    expect(formatSwr(1.554)).toBe('1.55')
    expect(formatSwr(12.34)).toBe('12.3')
  })
})

describe('decimals', () => {
  it('reads signs and commas, and refuses what could be two numbers', () => {
    expect(parseDecimal('−3.5')).toEqual({ ok: true, value: -3.5 })
    expect(parseDecimal('2,5')).toEqual({ ok: true, value: 2.5 })
    expect(parseDecimal('1,500').ok).toBe(false)
    expect(parseDecimal('1.2.3').ok).toBe(false)
  })
})

describe('what |Γ| means', () => {
  // 2:1 reflects a third, and 9.54 dB come back less: by definition.
  it('is SWR and return loss', () => {
    expect(swrOfMagnitude(1 / 3)).toBeCloseTo(2)
    expect(returnLossOfMagnitude(1 / 3)).toBeCloseTo(9.54, 2)
  })

  it('has ends', () => {
    expect(swrOfMagnitude(1)).toBe(Infinity)
    expect(swrOfMagnitude(0)).toBe(1)
    expect(returnLossOfMagnitude(0)).toBe(80)
  })
})

describe('a sensitivity', () => {
  it('is told by the millimetre or the inch taken off', () => {
    // A 490 mm whip whose dip lies at 153.05 MHz: -153.05 / 490 MHz per mm, times 25.4 for an inch.
    expect(formatSensitivity(-153.05e6 / 0.49, 'mm')).toBe('0.31')
    expect(formatSensitivity(-153.05e6 / 0.49, 'inch')).toBe('7.9')
    expect(formatSensitivity(undefined, 'mm')).toBe('')
  })
})

describe('impedances', () => {
  it('have a minus only where it is not rounded away', () => {
    expect(formatImpedance({ resistanceOhm: 35.2, reactanceOhm: -1.4 })).toBe('35 − j1')
    expect(formatImpedance({ resistanceOhm: 48.1, reactanceOhm: -0.3 })).toBe('48 + j0')
    expect(formatImpedance({ resistanceOhm: 48.1, reactanceOhm: -0.3 }, 1)).toBe('48.1 − j0.3')
    expect(formatImpedance({ resistanceOhm: 48.1 })).toBe('')
    expect([formatOhm(-0.3), formatOhm(-36.4), formatOhm(8.6)]).toEqual(['0 Ω', '−36 Ω', '9 Ω'])
    expect([formatOhms(-0.04, 1), formatOhms(-0.06, 1), formatOhms(undefined, 1)]).toEqual([
      '0.0',
      '−0.1',
      '',
    ])
  })
})
