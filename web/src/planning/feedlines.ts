import type { Schemas } from '@/api/client'
import type { Option } from '@/ui/options'
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
