/** Geometry of the reflection plane: where constant resistance and reactance lie, and the way back. */

/** A circle of the grid in the Γ plane. */
export interface Ring {
  cx: number
  cy: number
  r: number
}

/** Constant resistance `r` times the reference: all Γ with that real part. Source: P. H. Smith (1939), formulas. */
export const resistanceRing = (r: number): Ring => ({ cx: r / (1 + r), cy: 0, r: 1 / (1 + r) })

/** Constant reactance `x` (not 0) times the reference. */
export const reactanceRing = (x: number): Ring => ({ cx: 1, cy: 1 / x, r: 1 / Math.abs(x) })

/** Γ of the impedance r + jx times the reference. */
export function reflectionOf(r: number, x: number): { re: number; im: number } {
  const d = (r + 1) * (r + 1) + x * x
  return { re: ((r - 1) * (r + 1) + x * x) / d, im: (2 * x) / d }
}

/** r + jx times the reference of Γ; undefined at an open circuit. */
export function impedanceOf(re: number, im: number): { r: number; x: number } | undefined {
  const d = (1 - re) * (1 - re) + im * im
  return d === 0 ? undefined : { r: (1 - re * re - im * im) / d, x: (2 * im) / d }
}

/** |Γ| of an SWR: the circle of that SWR about the middle. */
export const radiusOfSwr = (swr: number): number => (swr - 1) / (swr + 1)
