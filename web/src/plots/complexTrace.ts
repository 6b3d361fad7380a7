/** A trace with phase, re 50 Ω. */
export interface ComplexTrace {
  id: string
  label: string
  /** One of eight strokes. */
  tone: number
  isChosen: boolean
  frequencyHz: number[]
  re: number[]
  im: number[]
}

/** Γ of a trace at `hz` on the straight line between its points; undefined beyond its ends. */
export function reflectionAt(
  t: Pick<ComplexTrace, 'frequencyHz' | 're' | 'im'>,
  hz: number,
): { re: number; im: number } | undefined {
  const f = t.frequencyHz
  const last = f.length - 1
  if (last < 0 || hz < (f[0] ?? 0) || hz > (f[last] ?? 0)) return undefined
  let low = 0
  let high = last
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((f[middle] ?? 0) <= hz) low = middle
    else high = middle
  }
  const from = f[low] ?? 0
  const to = f[high] ?? 0
  const share = to === from ? 0 : (hz - from) / (to - from)
  const at = (v: number[]) => (v[low] ?? 0) * (1 - share) + (v[high] ?? 0) * share
  return { re: at(t.re), im: at(t.im) }
}

/** What a marker reads: SWR, return loss in dB, R and X in ohms where they exist. */
export interface MarkerReading {
  hz: number
  swr: number
  returnLossDb: number
  resistanceOhm?: number
  reactanceOhm?: number
}

const REFERENCE_OHM = 50

export function markerReading(
  t: Pick<ComplexTrace, 'frequencyHz' | 're' | 'im'>,
  hz: number,
  hasPhase: boolean,
): MarkerReading | undefined {
  const g = reflectionAt(t, hz)
  if (!g) return undefined
  const rho = Math.hypot(g.re, g.im)
  const d = (1 - g.re) ** 2 + g.im ** 2
  return {
    hz,
    swr: rho >= 1 ? Infinity : (1 + rho) / (1 - rho),
    returnLossDb: -20 * Math.log10(Math.max(rho, 1e-3)),
    ...(hasPhase && d > 0
      ? {
          resistanceOhm: (REFERENCE_OHM * (1 - rho * rho)) / d,
          reactanceOhm: (REFERENCE_OHM * 2 * g.im) / d,
        }
      : {}),
  }
}
