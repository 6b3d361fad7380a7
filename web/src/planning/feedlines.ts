import type { Schemas } from '@/api/client'
import type { Option } from '@/ui/options'
import { parseLength, type LengthUnit } from '@/units/length'
import type { Words } from '@/words/words'

/** Feedlines of the catalogue to choose from; `none` are the words for none of them. */
export const feedlineOptions = (
  lines: Schemas['FeedlineView'][] | undefined,
  words: Words,
  none?: string,
): Option<string>[] => [
  ...(none === undefined ? [] : [{ value: '', word: none }]),
  ...(lines ?? []).map((l) => ({ value: l.id, word: words.phrase(l.title) })),
]

/**
 * Type and length in what is said of a line, such as `rg-58, 4.5 m`; undefined where no type of the catalogue is named. The length is
 * as it was written, empty where there is none.
 */
export function lineIn(said: string, lines: Pick<Schemas['FeedlineView'], 'id'>[], unit: LengthUnit) {
  const plain = (text: string) => text.toLowerCase().replace(/[^a-z0-9]/g, '')
  const parts = said.split(/[,;]/).map((p) => p.trim())
  // The longest name first: rg-8x is no rg-8.
  const byLength = [...lines].sort((a, b) => b.id.length - a.id.length)
  const line = byLength.find((l) => parts.some((p) => plain(p).includes(plain(l.id))))
  if (!line) return undefined
  // A number alone may be of anything.
  const length = parts.find((p) => /[a-z"'′″”’]$/i.test(p) && parseLength(p, unit).ok)
  return { type: line.id, length: length ?? '' }
}
