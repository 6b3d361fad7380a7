import type { Words } from '@/words/words'

/** The line of an SWR limit across a sweep, with its name. */
export const limitLine = (swr: number, words: Words) => ({
  swr,
  label: words.text('plot.LIMIT_AT', { limit: String(swr) }),
})
