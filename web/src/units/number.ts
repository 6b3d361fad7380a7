/** What a person typed, or why it cannot be used. */
export type Parsed = { ok: true; value: number } | { ok: false; why: string }

export const parsed = (value: number): Parsed => ({ ok: true, value })

/** Said by the catalogue of words, of which units know nothing. */
type Say = (id: string, params: Record<string, unknown>) => string
let say: Say = (id) => id
export function sayRefusals(how: Say): void {
  say = how
}
/** What is wrong with something typed, `typed.<id>` of the catalogue, in the person's language. */
export const why = (id: string): string => say(id, {})

/** What cannot be used: `typed.<id>` of the catalogue, in the person's language. */
export const refused = (id: string, params: Record<string, unknown> = {}): Parsed => ({
  ok: false,
  why: say(id, params),
})

/**
 * A plain decimal. A comma is read as the decimal mark where it cannot be a thousands mark; `1,482` could be both and
 * is refused.
 */
export function parseDecimal(text: string): Parsed {
  const trimmed = text.trim().replace('−', '-')
  if (/^[+-]?\d{1,3},\d{3}$/.test(trimmed)) {
    return refused('TWO_WAYS', { text: trimmed })
  }
  const normal = /^[+-]?\d*,\d+$/.test(trimmed) ? trimmed.replace(',', '.') : trimmed
  if (!/^[+-]?(\d+\.?\d*|\.\d+)$/.test(normal)) {
    return trimmed === '' ? refused('NUMBER_MISSING') : refused('NO_NUMBER', { text: trimmed })
  }
  return parsed(Number(normal))
}
