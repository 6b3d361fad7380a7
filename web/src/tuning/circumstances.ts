import type { Words } from '@/words/words'
import type { Pass } from './sentence'

/** What was not as it should be, in words; that all was, where nothing is named. */
export const namedCircumstances = (circumstances: Pass['circumstances'], words: Words): string =>
  circumstances.map((c) => words.text(`circumstance.${c.name}`)).join(', ') ||
  words.text('oldAndNew.AS_IT_SHOULD')
