/** `35 − j1`, with as many decimals; never a minus before 0. Empty where either part is not known. */
export function formatImpedance(of: { resistanceOhm?: number; reactanceOhm?: number }, decimals = 0): string {
  if (of.resistanceOhm === undefined || of.reactanceOhm === undefined) return ''
  const reactance = Math.abs(of.reactanceOhm).toFixed(decimals)
  const sign = of.reactanceOhm < 0 && Number(reactance) > 0 ? '−' : '+'
  return `${of.resistanceOhm.toFixed(decimals)} ${sign} j${reactance}`
}
