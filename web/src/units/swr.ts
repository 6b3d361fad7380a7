/** |Γ| of a return loss in dB gives SWR; infinite at 0 dB. */
export function swrOfReturnLoss(returnLossDb: number): number {
  return swrOfMagnitude(10 ** (-returnLossDb / 20))
}

/** Return loss in positive dB of an SWR above 1. */
export function returnLossOfSwr(swr: number): number {
  return -20 * Math.log10((swr - 1) / (swr + 1))
}

/** `1.55`, `12.3`, and in every language `> 100`; an absent value is infinite. */
export function formatSwr(swr: number | undefined): string {
  if (swr === undefined || swr >= 100) return '> 100'
  return swr.toFixed(swr < 10 ? 2 : 1)
}

/** `1.5`: no needle shows hundredths. */
export const formatNeedleSwr = (swr: number) => swr.toFixed(1)

/** Below this nothing is read off a picture: 80 dB. */
const LEAST_MAGNITUDE = 1e-4

/** Return loss in dB of |Γ|, at most 80. */
export function returnLossOfMagnitude(magnitude: number): number {
  return -20 * Math.log10(Math.max(LEAST_MAGNITUDE, magnitude))
}

/** SWR of |Γ|; infinite where all is reflected. */
export function swrOfMagnitude(magnitude: number): number {
  return magnitude < 1 ? (1 + magnitude) / (1 - magnitude) : Infinity
}
