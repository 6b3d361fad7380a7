import { shallowReactive } from 'vue'
import en from '@words/en.json'

/** The languages that there is a catalogue of: a language is one file in `words` and one line here. */
const OTHERS = { es: () => import('@words/es.json') } as const
const NAMES = { en: 'English', es: 'Español' } as const

export type Language = keyof typeof NAMES

export const LANGUAGES = (Object.keys(NAMES) as Language[]).map((language) => ({
  language,
  name: NAMES[language],
}))

/** What was loaded; others are fetched when somebody chooses them. */
const loaded = shallowReactive<Partial<Record<Language, unknown>>>({ en })

/** English until the other one has come. */
export const catalogueOf = (language: Language): unknown => loaded[language] ?? en

export async function loadLanguage(language: Language) {
  if (language === 'en' || loaded[language]) return
  loaded[language] = (await OTHERS[language]()).default
}

export const isLanguage = (text: string): text is Language => text in NAMES
