import { formatLength, type LengthUnit } from '@/units/length'
import { formatSwr } from '@/units/swr'

/** `85 g`, `1.4 kg`. */
export function formatKg(kg: number): string {
  return kg < 0.9995 ? `${Math.round(kg * 1000)} g` : `${kg.toFixed(1)} kg`
}

const FOOT_M = 0.3048
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
  if (ends('hz')) return mhz(digits(beside))
  if (name.endsWith('FarM')) return `${value.toFixed(1)} m (${Math.ceil(value / FOOT_M)} ft)`
  if (name.endsWith('LongM')) return `${value.toFixed(1)} m (${(value / FOOT_M).toFixed(1)} ft)`
  if (name.endsWith('M')) return formatLength(value, writing.unit)
  if (name.endsWith('W')) return `${value.toFixed(value < 10 ? 1 : 0)} W`
  if (ends('swr'))
    return value < HIGHEST_SWR ? formatSwr(Math.max(0, value)) : writing.bounded('ABOVE', '100')
  if (name.endsWith('ShiftOhm')) return `${signed(value, 0)} Ω`
  if (name.endsWith('Ohm')) return `${value.toFixed(0)} Ω`
  if (name.endsWith('Dbi')) return `${value.toFixed(1).replace('-', '−')} dBi`
  if (name.endsWith('Db')) return `${value.toFixed(0)} dB`
  if (name.endsWith('Kg')) return formatKg(value)
  if (name.endsWith('Gamma')) return value.toFixed(3)
  throw new Error(`The name of ${name} says no unit.`)
}

function digits(beside: Record<string, unknown>): number {
  const doubt = Object.entries(beside).find(([name]) => name.endsWith('DoubtHz'))?.[1]
  return typeof doubt === 'number' ? Math.max(0, Math.ceil(-Math.log10(doubt / 1e6))) : MHZ_DIGITS
}

const signed = (value: number, digits: number) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(digits)}`
