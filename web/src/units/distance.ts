import { FOOT_M } from './length'
import { parseDecimal, parsed, type Parsed } from './number'

const MILE_M = 1609.344
const METRES: Record<string, number> = { m: 1, km: 1000, mi: MILE_M, mile: MILE_M, miles: MILE_M, ft: FOOT_M }

/**
 * Reads a distance between stations: `8`, `8 km`, `5 mi`, `900 m`. A bare number is kilometres, whatever the unit of
 * lengths: the field says so. Returns metres.
 */
export function parseDistance(text: string): Parsed {
  const [, number, unit] = /^(.*?)\s*(km|miles?|mi|m|ft)?$/.exec(text.trim().toLowerCase()) ?? []
  const read = parseDecimal(number ?? '')
  return read.ok ? parsed(read.value * (METRES[unit ?? 'km'] ?? 1000)) : read
}

/** As it is typed: `12.3 km`; nothing where nobody knows. */
export const typedDistance = (metres: number | undefined): string =>
  metres === undefined ? '' : `${Number((metres / 1000).toFixed(3))} km`

/** In both: `24.5 km (15.2 mi)`. */
export const formatDistance = (metres: number): string =>
  `${(metres / 1000).toFixed(1)} km (${(metres / MILE_M).toFixed(1)} mi)`
