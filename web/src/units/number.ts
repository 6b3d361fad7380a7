/** What a person typed, or why it cannot be used. */
export type Parsed = { ok: true; value: number } | { ok: false; why: string }

export const parsed = (value: number): Parsed => ({ ok: true, value })
export const refused = (why: string): Parsed => ({ ok: false, why })

/**
 * A plain decimal. A comma is read as the decimal mark where it cannot be a thousands mark; `1,482` could be both and
 * is refused.
 */
export function parseDecimal(text: string): Parsed {
  const trimmed = text.trim().replace('−', '-')
  if (/^[+-]?\d{1,3},\d{3}$/.test(trimmed)) {
    return refused(`"${trimmed}" can be read in two ways. Please use a point for decimals.`)
  }
  const normal = /^[+-]?\d*,\d+$/.test(trimmed) ? trimmed.replace(',', '.') : trimmed
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(normal)) {
    return refused(trimmed === '' ? 'Please type a number.' : `"${trimmed}" is not a number.`)
  }
  return parsed(Number(normal))
}
