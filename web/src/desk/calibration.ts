import type { Schemas } from '@/api/client'
import type { Words } from '@/words/words'
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
  words: Words,
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
    if (!p.ok) return words.text('calibrationsPage.OF_STANDARDS', { why: p.why })
    values.push(p.value)
  }
  const [openOffsetM = 0, pf = 0, shortOffsetM = 0, nh = 0, loadOhm = 50] = values
  return { openOffsetM, openFarad: pf * 1e-12, shortOffsetM, shortHenry: nh * 1e-9, loadOhm }
}

const HOUR_MS = 3_600_000

/** How old it is, as people say it. */
export function ageWords(at: string, words: Words, now = Date.now()): string {
  const hours = (now - new Date(at).getTime()) / HOUR_MS
  if (hours < 1) return words.text('age.WITHIN_THE_HOUR')
  if (hours < 24) return words.text('age.HOURS', { hoursCount: Math.floor(hours) })
  return words.text('age.DAYS', { daysCount: Math.floor(hours / 24) })
}

/** Calibrations to choose from, with the span that each holds over. */
export const calibrationOptions = (
  calibrations: Schemas['CalibrationView'][] | undefined,
  words: Words,
): Option<string>[] =>
  (calibrations ?? []).map((c) => ({
    value: c.id,
    word: words.text('age.SPAN', {
      name: c.name,
      low: formatMhz(c.startHz, 0),
      high: formatMhz(c.stopHz, 0),
    }),
  }))
