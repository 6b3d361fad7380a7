import type { Outcome } from '@/words/words'
import type { Schemas } from '@/api/client'
import { parseFrequency } from '@/units/frequency'
import { parseDecimal } from '@/units/number'

export type TraceData = Schemas['TraceData']
export type Look = Schemas['LookView']
export type View = NonNullable<Schemas['LookRequest']['view']>
export type Feedline = Schemas['FeedlineView']

/** One trace on the desk. */
export interface DeskTrace {
  id: string
  name: string
  tone: number
  trace: TraceData
  /** What its file cannot give, or ''. */
  /** What the file cannot give; absent where nothing is missing. */
  lacks?: Outcome
  warnings: Outcome[]
  /** The calibration that has corrected it: once is enough. */
  correctedWith?: string
  /** The file itself, to keep it with an installation; not there after a reload, nor for a pass. */
  file?: File
  port: number
  ports: number
  columns: Schemas['ColumnView'][]
  firstRows: string[][]
}

export const MOST_TRACES = 8

/** How the desk looks at its traces. */
export interface DeskSettings {
  wanted: string
  limit: string
  view: View
  feedline: string
  lineLength: string
  adapter: string
  adapterLoss: string
  /** An adapter that was measured as a two-port. */
  adapterFile?: { name: string; data: Schemas['AdapterData'] }
  window: string
}

export const usualSettings = (): DeskSettings => ({
  wanted: '',
  limit: '2',
  view: 'AS_MEASURED',
  feedline: '',
  lineLength: '5 m',
  adapter: '',
  adapterLoss: '',
  window: 'kaiser',
})

/** Frequencies in MHz, separated by commas, semicolons or blanks. */
export function readWanted(text: string): { hz: number[]; why: string } {
  const hz: number[] = []
  for (const word of text.split(/[;\s]+|,(?=\s)|,(?=\d+\.)/).filter(Boolean)) {
    const p = parseFrequency(word.replace(/,$/, ''))
    if (!p.ok) return { hz: [], why: `“${word}”: ${p.why}` }
    hz.push(p.value)
  }
  return { hz: [...new Set(hz)].sort((a, b) => a - b), why: '' }
}

/** A stroke that no trace on the desk has yet. */
export function freeTone(traces: { tone: number }[]): number {
  for (let tone = 0; tone < MOST_TRACES; tone++) if (!traces.some((t) => t.tone === tone)) return tone
  return 0
}

/** A request's line, or why there is none. */
export function readLine(
  feedlines: Feedline[],
  id: string,
  lengthM: number | undefined,
): Schemas['FeedlineRequest'] | undefined {
  const type = feedlines.find((f) => f.id === id)
  if (!type || lengthM === undefined) return undefined
  return {
    lengthM,
    velocityFactor: type.velocityFactor,
    impedanceOhm: type.impedanceOhm,
    k1DbPer100mSqrtMHz: type.k1DbPer100mSqrtMHz,
    k2DbPer100mMHz: type.k2DbPer100mMHz,
  }
}

/** Shift of a dip against the first trace: `−1.56 MHz, −1.0 %`. */
export function shiftWords(s: Schemas['ShiftView']): string {
  if (s.shiftHz === undefined || s.shiftShare === undefined) return ''
  const sign = s.shiftHz < 0 ? '−' : '+'
  return `${sign}${Math.abs(s.shiftHz / 1e6).toFixed(2)} MHz, ${sign}${Math.abs(s.shiftShare * 100).toFixed(1)} %`
}

/** Noise of |Γ| as the return loss in dB that it hides: below this depth the curve is noise. */
export const hiddenDb = (noise: number): number => -20 * Math.log10(Math.max(noise, 1e-6))

/** The SWR limit that is typed; the usual one where it is none. */
export function readLimit(text: string): number {
  const p = parseDecimal(text)
  return p.ok && p.value > 1 && p.value <= 100 ? p.value : 2
}
