import { catalogueOf, type Language } from './catalogues'
import { IntlMessageFormat } from 'intl-messageformat'
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import type { LengthUnit } from '@/units/length'
import { joined } from '@/units/joined'
import { sayRefusals } from '@/units/number'
import { quantity } from './quantity'

/** Something found out: what it is, and what it depends on, in SI units. */
export interface Outcome {
  id: string
  params: Record<string, unknown>
  /** The same in English, where it comes from the server. */
  text?: string
}

/** A sentence with its number apart. */
export interface Apart {
  before: string
  amount: string
  after: string
}

/** No letter of any language: what stands between two of them is the amount. */
const APART = '\u0002'

interface Catalogue {
  [key: string]: string | Catalogue
}

export type { Language }

const formats = new Map<string, IntlMessageFormat>()

function find(language: Language, key: string): string | undefined {
  let found: string | Catalogue | undefined = catalogueOf(language) as Catalogue
  for (const part of key.split('.')) found = typeof found === 'object' ? found[part] : undefined
  return typeof found === 'string' ? found : undefined
}

function pattern(language: Language, key: string): string {
  const found = find(language, key)
  if (found === undefined) throw new Error(`Nothing is written for ${key}.`)
  return found
}

function format(language: Language, key: string): IntlMessageFormat {
  // By what is written: until its catalogue has come, a language says it in English.
  const written = pattern(language, key)
  const kept = formats.get(`${language} ${written}`)
  if (kept) return kept
  const made = new IntlMessageFormat(written, language)
  formats.set(`${language} ${written}`, made)
  return made
}

/** Says outcomes and labels in one language, lengths in one unit. */
export class Words {
  constructor(
    readonly language: Language,
    readonly unit: LengthUnit,
  ) {}

  /** The words for `key`; what is in `params` by its name's unit, texts and counts as they are. */
  text(key: string, params: Record<string, unknown> = {}): string {
    const values = Object.entries(params).map(([name, value]) => [name, this.value(name, value, params)])
    return joined(
      String(format(this.language, key).format(Object.fromEntries(values) as Record<string, string>)),
    )
  }

  /** The words for `key` before and after its one `{amount}`, which can so be shown in gold. */
  around(key: string, amount: string, params: Record<string, unknown> = {}): Apart {
    const [before = '', said = '', after = ''] = this.text(key, {
      ...params,
      amount: `${APART}${amount}${APART}`,
    }).split(APART)
    return { before, amount: said, after }
  }

  /** The words for `key`, or `otherwise` where nothing is written for it. */
  textOr(key: string, otherwise: string): string {
    return find(this.language, key) === undefined ? otherwise : this.text(key)
  }

  /** As it stands within a sentence; what a newer server says is said as it comes. */
  phrase(outcome: Outcome): string {
    return find(this.language, outcome.id) === undefined && outcome.text !== undefined
      ? outcome.text
      : this.text(outcome.id, outcome.params)
  }

  /** As a sentence of its own. */
  sentence(outcome: Outcome): string {
    return capital(this.phrase(outcome))
  }

  sentences(outcomes: Outcome[]): string {
    return outcomes.map((o) => this.sentence(o)).join(' ')
  }

  private value(name: string, value: unknown, beside: Record<string, unknown>): string | number {
    if (Array.isArray(value)) return value.map((v) => this.value(name, v, beside)).join(', ')
    if (isOutcome(value)) return this.phrase(value)
    if (typeof value !== 'number') return String(value)
    return COUNTED.test(name)
      ? value
      : quantity(name, value, beside, {
          unit: this.unit,
          bounded: (how, bound) => pattern(this.language, `quantity.${how}`).replace('{value}', bound),
        })
  }
}

/** Counts say so in their name. */
const COUNTED = /count$/i

const isOutcome = (value: unknown): value is Outcome =>
  typeof value === 'object' && value !== null && 'id' in value && 'params' in value

export const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** The words in this person's language and unit, as they are now. */
export function currentWords(): Words {
  const preferences = usePreferences()
  return new Words(preferences.language, preferences.unit)
}

sayRefusals((id, params) => currentWords().text(`typed.${id}`, params))

/** The same, following every change of either. */
export const useWords = () => computed(currentWords)
