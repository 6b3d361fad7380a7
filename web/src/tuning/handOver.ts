import type { Language } from '@/words/words'
import type { LengthUnit } from '@/units/length'

/** Where the sheet of an installation is, for whoever reads in this language and unit. */
export function handOverAddress(
  installationId: string,
  how: { language: Language; unit: LengthUnit; format?: 'A4' | 'LETTER'; isForShop?: boolean },
): string {
  const query = new URLSearchParams({
    format: how.format ?? usualPaper(how.unit),
    language: how.language.toUpperCase(),
    unit: how.unit === 'inch' ? 'IN' : 'MM',
    isForShop: String(how.isForShop ?? false),
  })
  return `/api/installations/${installationId}/hand-over?${query.toString()}`
}

/** Where people measure in inches their printers hold another paper. */
export const usualPaper = (unit: LengthUnit): 'A4' | 'LETTER' => (unit === 'inch' ? 'LETTER' : 'A4')
