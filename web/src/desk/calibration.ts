import type { Schemas } from '@/api/client'
import type { Option } from '@/ui/options'
import { formatMhz } from '@/units/frequency'
import { parseDecimal, type Parsed } from '@/units/number'

/** Open, short and load as typed. */
export interface StandardsForm {
  openOffset: string
  openPf: string
  shortOffset: string
  shortNh: string
  loadOhm: string
}

export const usualStandards = (): StandardsForm => ({
  openOffset: '0 mm',
  openPf: '0',
  shortOffset: '0 mm',
  shortNh: '0',
  loadOhm: '50',
})

/** What the standards are in SI units, or the sentence that says what cannot be used. */
export function readStandards(
  form: StandardsForm,
  length: (text: string) => Parsed,
): Schemas['StandardsRequest'] | string {
  const parts = [
    length(form.openOffset),
    parseDecimal(form.openPf),
    length(form.shortOffset),
    parseDecimal(form.shortNh),
    parseDecimal(form.loadOhm),
  ]
  const values: number[] = []
  for (const p of parts) {
    if (!p.ok) return `Standards: ${p.why}`
    values.push(p.value)
  }
  const [openOffsetM = 0, pf = 0, shortOffsetM = 0, nh = 0, loadOhm = 50] = values
  return { openOffsetM, openFarad: pf * 1e-12, shortOffsetM, shortHenry: nh * 1e-9, loadOhm }
}

const HOUR_MS = 3_600_000

/** How old it is, as people say it. */
export function ageWords(at: string, now = Date.now()): string {
  const hours = (now - new Date(at).getTime()) / HOUR_MS
  if (hours < 1) return 'within the hour'
  if (hours < 24) return `${Math.floor(hours)} h ago`
  const days = Math.floor(hours / 24)
  return days === 1 ? 'a day ago' : `${days} days ago`
}

/** Calibrations to choose from, with the span that each holds over. */
export const calibrationOptions = (
  calibrations: Schemas['CalibrationView'][] | undefined,
): Option<string>[] =>
  (calibrations ?? []).map((c) => ({
    value: c.id,
    word: `${c.name}, ${formatMhz(c.startHz, 0)} to ${formatMhz(c.stopHz, 0)} MHz`,
  }))
