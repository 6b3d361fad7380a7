import { watch, type Ref } from 'vue'
import { usePreferences } from '@/preferences'
import { parseLength, type LengthUnit } from './length'

/** Fields of forms that hold a length as it was typed. */
const LENGTHS = new Set([
  ...['roofLength', 'roofWidth', 'roomLength', 'roomHeight', 'mountHeight', 'clearance'],
  ...['along', 'across', 'from', 'to', 'thick', 'rod', 'wire', 'insulation', 'holes'],
  ...['partLength', 'jumperLength', 'lineLength', 'ownHeight', 'largest', 'totalHeight', 'height', 'whip'],
  ...[
    'amount',
    'smallestStep',
    'startLength',
    'shortestLength',
    'longestLength',
    'feedlineLength',
    'adapter',
  ],
])

/** `22` typed by somebody who works in inch is `22 in`; what says its unit already, or means the same in both, stays. */
export function withUnit(text: string, unit: LengthUnit): string {
  const [mm, inch] = [parseLength(text, 'mm'), parseLength(text, 'inch')]
  const isBare = mm.ok && inch.ok && mm.value !== inch.value
  return isBare ? `${text.trim()} ${unit === 'mm' ? 'mm' : 'in'}` : text
}

/** A form whose lengths say their units, so that it means the same to whoever opens it. */
export function withUnits<T>(form: T, unit: LengthUnit): T {
  if (Array.isArray(form)) return form.map((f: unknown) => withUnits(f, unit)) as T
  if (typeof form !== 'object' || form === null) return form
  return Object.fromEntries(
    Object.entries(form).map(([key, value]: [string, unknown]) => [
      key,
      typeof value === 'string' && LENGTHS.has(key) ? withUnit(value, unit) : withUnits(value, unit),
    ]),
  ) as T
}

/** Keeps what `form` means when the unit is switched; what is returned is the form as it is to be kept. */
export function useTypedLengths<T>(form: Ref<T>): () => T {
  const preferences = usePreferences()
  watch(
    () => preferences.unit,
    (_, before) => (form.value = withUnits(form.value, before)),
    { flush: 'sync' },
  )
  return () => withUnits(form.value, preferences.unit)
}
