import { parseFrequency } from '@/units/frequency'
import { parseDecimal } from '@/units/number'

/** More rows than this nobody reads by hand. */
const MOST_ROWS = 60
const HZ = 1e6

export type SpotSpan =
  { ok: true; mhz: string[] } | { ok: false; why: 'SPAN_SHAPE' | 'SPAN_MANY' | 'SPAN_ORDER' }

/** `118 to 136`, `118-136 every 2`, `118..136/0.5`: the frequencies, a megahertz apart where nothing else is said. */
export function parseSpotSpan(text: string): SpotSpan {
  const parts =
    /^\s*([\d.,]+)\s*(?:to|a|\.\.|-|–|−|…)\s*([\d.,]+)(?:\s*(?:every|cada|step|\/|@|\s)\s*([\d.,]+))?\s*(?:MHz)?\s*$/i.exec(
      text,
    )
  const [, from = '', to = '', every = '1'] = parts ?? []
  const low = parseFrequency(from)
  const high = parseFrequency(to)
  const step = parseDecimal(every)
  if (!parts || !low.ok || !high.ok || !step.ok || !(step.value > 0)) return { ok: false, why: 'SPAN_SHAPE' }
  if (high.value <= low.value) return { ok: false, why: 'SPAN_ORDER' }
  // A hair more, so that the last one is there in spite of rounding.
  const rows = Math.floor((high.value - low.value) / (step.value * HZ) + 1e-6) + 1
  if (rows > MOST_ROWS) return { ok: false, why: 'SPAN_MANY' }
  return {
    ok: true,
    mhz: Array.from({ length: rows }, (_, i) => String(Number((low.value / HZ + i * step.value).toFixed(6)))),
  }
}
