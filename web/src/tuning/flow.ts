/**
 * Which field of a table comes next: by Enter the one after, past a frequency that stands there already; by an arrow the one above or
 * below in the same column.
 */
export function nextField(
  table: HTMLElement,
  from: HTMLInputElement,
  key: string,
): HTMLInputElement | undefined {
  const fields = [...table.querySelectorAll('input')]
  const at = fields.indexOf(from)
  if (at < 0) return undefined
  if (key === 'Enter') return fields.slice(at + 1).find((f) => f.placeholder !== 'MHz' || f.value === '')
  const rows = [...table.querySelectorAll('tr')].map((r) => [...r.querySelectorAll('input')])
  const filled = rows.filter((r) => r.length > 0)
  const row = filled.findIndex((r) => r.includes(from))
  const there = filled[row + (key === 'ArrowDown' ? 1 : -1)]
  // Counted from the right: only an added row begins with a field for its frequency.
  const fromTheEnd = (filled[row]?.length ?? 0) - (filled[row]?.indexOf(from) ?? 0)
  return there?.[Math.max(0, there.length - fromTheEnd)]
}
