import en from '@words/en.json'
import es from '@words/es.json'

/** A language is one file in `words` and one line here. */
export const CATALOGUES = { en, es } as const

/** The languages that there is a catalogue of. */
export type Language = keyof typeof CATALOGUES

export const isLanguage = (text: string): text is Language => text in CATALOGUES
