import { FOOT_M, formatLength, INCH_M, type LengthUnit } from '@/units/length'
import { formatDistance } from '@/units/distance'
import { formatKg } from '@/units/weight'
import { formatWatts } from '@/units/watts'
import { formatSwr } from '@/units/swr'

const HIGHEST_SWR = 100
const MHZ_DIGITS = 3

export interface Writing {
  unit: LengthUnit
  /** How a bound is said: `LESS_THAN`, `MORE_THAN`, `ABOVE`, `ABOUT`. */
  bounded: (how: string, value: string) => string
}

/**
 * A number with its unit, by the end of its name: `dipHz`, `leftM`, `chance`. The same as the server writes, lengths in the
 * person's unit, with a decimal point in every language, as on meters and in tables. A frequency has no more digits than a
 * doubt beside it leaves.
 */
export function quantity(
  name: string,
  value: number,
  beside: Record<string, unknown>,
  writing: Writing,
): string {
  const ends = (unit: string) => name.toLowerCase().endsWith(unit.toLowerCase())
  const mhz = (digits: number) => `${(value / 1e6).toFixed(digits)} MHz`
  if (name.endsWith('FineChance')) {
    return value < 0.001
      ? writing.bounded('LESS_THAN', '0.1 %')
      : writing.bounded('ABOUT', `${(100 * value).toFixed(1)} %`)
  }
  if (ends('chance')) {
    return value < 0.01
      ? writing.bounded('LESS_THAN', '1 %')
      : value > 0.99
        ? writing.bounded('MORE_THAN', '99 %')
        : `${(100 * value).toFixed(0)} %`
  }
  if (name.endsWith('ShiftShare')) return `${signed(100 * value, 1)} %`
  if (name.endsWith('Share')) return `${(100 * value).toFixed(1)} %`
  if (name.endsWith('ShiftHz')) return `${signed(value / 1e6, MHZ_DIGITS)} MHz`
  if (ends('roughHz')) return mhz(1)
  if (name.endsWith('SmallHz')) return `${(value / 1e3).toFixed(0)} kHz`
  if (name.endsWith('ShiftTinyHz')) return `${signed(value, 0)} Hz`
  if (name.endsWith('TinyHz')) return `${value.toFixed(0)} Hz`
  if (name.endsWith('ShiftPpm')) return `${signed(value, 2)} ppm`
  if (ends('ppm')) return `${trimmed(value, 2)} ppm`
  if (ends('dbc')) return `${value.toFixed(0).replace('-', '−')} dBc`
  if (name.endsWith('SharpHz')) return mhz(6)
  if (name.endsWith('TidyHz')) return `${trimmed(value / 1e6, MHZ_DIGITS)} MHz`
  if (name.endsWith('Giga')) return (value / 1e9).toFixed(1)
  if (name.endsWith('WholeHz')) return mhz(0)
  if (ends('hz')) return mhz(digits(beside))
  if (name.endsWith('AwayM')) return formatDistance(value)
  if (name.endsWith('FarM')) return `${value.toFixed(1)} m (${Math.ceil(value / FOOT_M)} ft)`
  if (name.endsWith('LongM')) return `${value.toFixed(1)} m (${(value / FOOT_M).toFixed(1)} ft)`
  if (name.endsWith('MetresM')) return `${value.toFixed(1)} m`
  if (name.endsWith('SizeM'))
    return value < 1
      ? `${trimmed(value * 1000, 2)} mm (${(value / INCH_M).toFixed(2)} in)`
      : `${value.toFixed(2)} m (${(value / FOOT_M).toFixed(1)} ft)`
  if (name.endsWith('FineM'))
    return writing.unit === 'mm' ? `${trimmed(value * 1000, 1)} mm` : `${trimmed(value / INCH_M, 3)} in`
  if (name.endsWith('M')) return formatLength(value, writing.unit)
  if (name.endsWith('FineW')) return formatWatts(value)
  if (name.endsWith('W')) return `${value.toFixed(value < 10 ? 1 : 0)} W`
  if (ends('swr'))
    return value < HIGHEST_SWR ? formatSwr(Math.max(0, value)) : writing.bounded('ABOVE', '100')
  if (name.endsWith('ShiftOhm')) return `${signed(value, 0)} Ω`
  if (name.endsWith('FineOhm')) return `${value.toFixed(2)} Ω`
  if (name.endsWith('Ohm')) return `${value.toFixed(0)} Ω`
  if (name.endsWith('Dbi')) return `${value.toFixed(1).replace('-', '−')} dBi`
  if (name.endsWith('FineDb')) return `${value.toFixed(1).replace('-', '−')} dB`
  if (name.endsWith('Db')) return `${value.toFixed(0)} dB`
  if (name.endsWith('Kg')) return formatKg(value)
  if (name.endsWith('Gamma') || name.endsWith('Factor')) return value.toFixed(3)
  if (name.endsWith('Times')) return value.toFixed(1)
  if (name.endsWith('Deg')) return `${trimmed(value, 2)}°`
  if (name.endsWith('Henry')) return `${(value * 1e6).toFixed(3)} µH`
  if (name.endsWith('Farad')) return `${(value * 1e12).toFixed(1)} pF`
  throw new Error(`The name of ${name} says no unit.`)
}

function digits(beside: Record<string, unknown>): number {
  const doubt = Object.entries(beside).find(([name]) => name.endsWith('DoubtHz'))?.[1]
  return typeof doubt === 'number' ? Math.max(0, Math.ceil(-Math.log10(doubt / 1e6))) : MHZ_DIGITS
}

const signed = (value: number, digits: number) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(digits)}`

/** With no more digits than it takes. */
const trimmed = (value: number, most: number) => String(Number(value.toFixed(most)))
