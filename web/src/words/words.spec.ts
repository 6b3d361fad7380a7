import { describe, expect, it } from 'vitest'
import en from '@words/en.json'
import es from '@words/es.json'
import examples from '@words/examples.json'
import { joined } from '@/units/joined'
import { quantity } from './quantity'
import { LANGUAGES } from './catalogues'
import { Words } from './words'

const keys = (tree: object, above = ''): string[] =>
  Object.entries(tree).flatMap(([key, value]) =>
    typeof value === 'string' ? [above + key] : keys(value as object, `${above}${key}.`),
  )

describe('the catalogue', () => {
  // The same examples as on the server, so that both say the same.
  it.each(examples)('says $id', (example) => {
    expect(new Words('en', 'mm').sentence(example)).toBe(joined(example.en))
    expect(new Words('es', 'mm').sentence(example)).toBe(joined(example.es))
    if (example.enInch) expect(new Words('en', 'inch').sentence(example)).toBe(joined(example.enInch))
  })

  it('has the same keys in every language', () => {
    expect(LANGUAGES.map((l) => l.name)).toEqual(['English', 'Español'])
    expect(keys(es)).toEqual(keys(en))
  })

  it('has no words for what it does not know, and no unit for a name without one', () => {
    expect(() => new Words('en', 'mm').text('reason.NONE')).toThrow('reason.NONE')
    const newer = { id: 'reason.NONE', params: {}, text: 'A newer reason.' }
    expect(new Words('es', 'mm').sentence(newer)).toBe('A newer reason.')
    expect(new Words('es', 'mm').textOr('adjusted.NONE', 'the dummy')).toBe('the dummy')
    expect(() => quantity('weight', 1, {}, { unit: 'mm', bounded: () => '' })).toThrow('no unit')
  })
})
