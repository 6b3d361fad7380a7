/** One of what a field offers, and the words for it. */
export interface Option<T> {
  value: T
  word: string
  group?: string
}

/** Words by their value, as options. */
export const optionsOf = <T extends string>(words: Record<T, string>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, word]) => ({ value, word }))
