import { joined } from './joined'
import { parseDecimal, parsed, refused, type Parsed } from './number'

/** The unit in which lengths are shown, and in which a number without a unit is read. */
export type LengthUnit = 'mm' | 'inch'

export const INCH_M = 0.0254
export const FOOT_M = 0.3048

const METRES: Record<string, number> = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  in: INCH_M,
  inch: INCH_M,
  inches: INCH_M,
  '"': INCH_M,
  ft: FOOT_M,
  feet: FOOT_M,
  foot: FOOT_M,
  "'": FOOT_M,
}

/**
 * Reads a length as people type it: `482 mm`, `48.2 cm`, `19 in`, `18 31/32`, `1 ft 7 in`, `1 ft 7`. A bare number is
 * in `unit`; what is counted is multiplied: `3 × 2 mm`. Returns metres.
 *
 * @example parseLength('1 ft 7', 'mm') // { ok: true, value: 0.4826 }
 */
export function parseLength(text: string, unit: LengthUnit): Parsed {
  const tidy = text
    .trim()
    .toLowerCase()
    .replaceAll('”', '"')
    .replaceAll('’', "'")
    .replaceAll('″', '"')
    .replaceAll('′', "'")
  if (tidy === '') return refused('LENGTH_MISSING')
  const counted = /^(\d+)\s*(?:x|×|\*)\s*(.+)$/.exec(tidy)
  if (counted) {
    const each = parseLength(counted[2] ?? '', unit)
    return each.ok ? parsed(Number(counted[1]) * each.value) : each
  }
  const feet = /^(.+?)\s*(?:ft|feet|foot|')\s*(.*)$/.exec(tidy)
  if (feet) {
    const whole = parseDecimal(feet[1] ?? '')
    if (!whole.ok) return whole
    const rest = (feet[2] ?? '').replace(/\s*(in|inch|inches|")$/, '').trim()
    if (rest === '') return parsed(whole.value * FOOT_M)
    const inches = parseFraction(rest)
    return inches.ok ? parsed(whole.value * FOOT_M + inches.value * INCH_M) : inches
  }
  const withUnit = /^(.*?)\s*(mm|cm|m|in|inch|inches|")$/.exec(tidy)
  const number = parseFraction(withUnit?.[1] ?? tidy)
  if (!number.ok) return number
  const isFraction = tidy.includes('/')
  const factor = withUnit
    ? (METRES[withUnit[2] ?? ''] ?? NaN)
    : isFraction || unit === 'inch'
      ? INCH_M
      : 0.001
  return parsed(number.value * factor)
}

/** `18 31/32`, `31/32` or a decimal. */
function parseFraction(text: string): Parsed {
  const match = /^(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(text.trim())
  if (!match) return parseDecimal(text)
  const denominator = Number(match[3])
  if (denominator === 0) return refused('FRACTION_OF_0')
  return parsed(Number(match[1] ?? 0) + Number(match[2]) / denominator)
}

/** A length in `unit`: `6 mm`, `6.5 mm`, `18 31/32 in`. Millimetres to a tenth where `fine`, inches to 1/32. */
export function formatLength(metres: number, unit: LengthUnit, fine = false): string {
  if (unit === 'mm') {
    const mm = metres * 1000
    const text = fine || Math.abs(mm) < 1 ? mm.toFixed(1).replace(/\.0$/, '') : mm.toFixed(0)
    return `${text} mm`
  }
  return formatInches(metres / INCH_M)
}

/**
 * A length as somebody could have typed it, which means it to the micrometre when it is read again: `560 mm`, `1.4 m`, `18 31/32 in`.
 * In `unit` where it is a round number of that, else in the other.
 */
export function exactLength(metres: number, unit: LengthUnit): string {
  const sixtyFourths = (metres / INCH_M) * 64
  const isRoundInch = Math.abs(sixtyFourths - Math.round(sixtyFourths)) * INCH_M < 64 * FINEST_M
  const tenths = metres * 10_000
  const isRoundMm = Math.abs(tenths - Math.round(tenths)) < 10_000 * FINEST_M
  // A fraction below zero cannot be read back.
  if (isRoundInch && metres >= 0 && (unit === 'inch' || !isRoundMm)) return formatInches(metres / INCH_M, 64)
  const mm = Number((metres * 1000).toFixed(3))
  const text = (value: number) => String(value).replace('-', '−')
  return Math.abs(mm) >= 1000 && mm % 10 === 0 ? `${text(mm / 1000)} m` : `${text(mm)} mm`
}

const FINEST_M = 5e-7

/** A distance along a line in both: `7.52 m (24.7 ft)`. */
export const formatMetres = (metres: number): string =>
  `${metres.toFixed(2)} m (${(metres / FOOT_M).toFixed(1)} ft)`

/** Both units, the preferred one first; to be read, not to be typed. */
export function formatBoth(metres: number, unit: LengthUnit, fine = false): string {
  const other = unit === 'mm' ? 'inch' : 'mm'
  return joined(`${formatLength(metres, unit, fine)} (${formatLength(metres, other, fine)})`)
}

/** From ten feet on nobody counts inches alone: `38 ft 2 3/8 in`. */
const FEET_FROM_IN = 120

function formatInches(inches: number, finest = 32): string {
  const sign = inches < 0 ? '−' : ''
  const steps = Math.round(Math.abs(inches) * finest)
  const all = Math.floor(steps / finest)
  const feet = all >= FEET_FROM_IN ? Math.floor(all / 12) : 0
  const whole = all - feet * 12
  let top = steps % finest
  let bottom = finest
  while (top > 0 && top % 2 === 0) {
    top /= 2
    bottom /= 2
  }
  const fraction = top === 0 ? '' : `${top}/${bottom}`
  const parts = [whole > 0 || fraction === '' ? String(whole) : '', fraction].filter(Boolean).join(' ')
  if (feet === 0) return `${sign}${parts} in`
  return parts === '0' ? `${sign}${feet} ft` : `${sign}${feet} ft ${parts} in`
}
