import type { Language } from '@/words/words'
import type { LengthUnit } from '@/units/length'

interface HowPrinted {
  language: Language
  unit: LengthUnit
  format?: 'A4' | 'LETTER'
  isForShop?: boolean
}

const queryOf = (how: HowPrinted) => ({
  format: how.format ?? usualPaper(how.unit),
  language: how.language.toUpperCase(),
  unit: how.unit === 'inch' ? 'IN' : 'MM',
  isForShop: String(how.isForShop ?? false),
})

/** Where the sheets of all that a customer has are, in one document. */
export const folderAddress = (customer: string, how: HowPrinted): string =>
  `/api/hand-overs?${new URLSearchParams({ customer, ...queryOf(how) }).toString()}`

/** Where the sheet of an installation is, for whoever reads in this language and unit. */
export const handOverAddress = (installationId: string, how: HowPrinted): string =>
  `/api/installations/${installationId}/hand-over?${new URLSearchParams(queryOf(how)).toString()}`

/** Where people measure in inches their printers hold another paper. */
export const usualPaper = (unit: LengthUnit): 'A4' | 'LETTER' => (unit === 'inch' ? 'LETTER' : 'A4')
