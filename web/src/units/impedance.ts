/** Resistance or reactance, `−36.4`; never a minus before 0. Empty where it is not known. */
export function formatOhms(ohm: number | undefined, decimals: number): string {
  if (ohm === undefined) return ''
  const size = Math.abs(ohm).toFixed(decimals)
  return ohm < 0 && Number(size) > 0 ? `−${size}` : size
}

/** `−36 Ω`. */
export const formatOhm = (ohm: number) => `${formatOhms(ohm, 0)} Ω`

/** `35 − j1`, with as many decimals. Empty where either part is not known. */
export function formatImpedance(of: { resistanceOhm?: number; reactanceOhm?: number }, decimals = 0): string {
  if (of.resistanceOhm === undefined || of.reactanceOhm === undefined) return ''
  const reactance = formatOhms(of.reactanceOhm, decimals)
  const imaginary = reactance.startsWith('−') ? `− j${reactance.slice(1)}` : `+ j${reactance}`
  return `${formatOhms(of.resistanceOhm, decimals)} ${imaginary}`
}
