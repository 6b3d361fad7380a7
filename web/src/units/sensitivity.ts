import { INCH_M, type LengthUnit } from './length'

const M = { mm: 0.001, inch: INCH_M }

/** How far a dip rises with a millimetre, or an inch, taken off, in MHz; from Hz per metre of set length, which is negative; nothing for nothing. */
export const formatSensitivity = (hzPerM: number | undefined, unit: LengthUnit): string =>
  hzPerM === undefined ? '' : ((-hzPerM * M[unit]) / 1e6).toFixed(unit === 'mm' ? 2 : 1)
