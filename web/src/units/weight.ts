import { parseDecimal, parsed, refused, type Parsed } from './number'

const KG: Record<string, number> = { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237, oz: 0.028349523125 }

/** Reads `1.8 kg`, `850 g`, `4 lb`, `6 oz`; a bare number could be either and is refused. Returns kilograms. */
export function parseWeight(text: string): Parsed {
  const [, number, unit] = /^(.*?)\s*(kg|g|lbs?|oz)$/.exec(text.trim().toLowerCase()) ?? []
  if (unit === undefined) return refused('WEIGHT')
  const read = parseDecimal(number ?? '')
  return read.ok ? parsed(read.value * (KG[unit] ?? NaN)) : read
}

/** `85 g`, `1.4 kg`. */
export function formatKg(kg: number): string {
  return kg < 0.9995 ? `${Math.round(kg * 1000)} g` : `${kg.toFixed(1)} kg`
}
