import { dateEnUS, dateEsAR, enUS, esAR, type NDateLocale, type NLocale } from 'naive-ui'

/** What the component library says by itself, in the person's language; a field without a hint of its own stays empty. */
export function naiveWords(language: string): { words: NLocale; dates: NDateLocale } {
  const [words, dates] = language === 'es' ? [esAR, dateEsAR] : [enUS, dateEnUS]
  return { words: { ...words, Input: { ...words.Input, placeholder: '' } }, dates }
}
