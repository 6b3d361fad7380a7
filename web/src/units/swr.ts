/** |Γ| of a return loss in dB gives SWR; infinite at 0 dB. */
export function swrOfReturnLoss(returnLossDb: number): number {
  const magnitude = 10 ** (-returnLossDb / 20)
  return magnitude >= 1 ? Infinity : (1 + magnitude) / (1 - magnitude)
}

/** Return loss in positive dB of an SWR above 1. */
export function returnLossOfSwr(swr: number): number {
  return -20 * Math.log10((swr - 1) / (swr + 1))
}

/** `1.55`, `12.3`, `over 100`; an absent value is infinite. */
export function formatSwr(swr: number | undefined): string {
  if (swr === undefined || swr >= 100) return 'over 100'
  return swr.toFixed(swr < 10 ? 2 : 1)
}
