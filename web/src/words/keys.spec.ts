import { describe, expect, it } from 'vitest'
import en from '@words/en.json'

const SOURCES = import.meta.glob(['../**/*.vue', '../**/*.ts', '!../**/*.spec.ts', '!../api/schema.d.ts'], {
  query: '?raw',
  import: 'default',
  eager: true,
})

/** Keys that stand whole in a source, as `'tuning.MET'`; those with a part that is put in name their area only. */
function keysOf(source: string): string[] {
  const areas = Object.keys(en).filter((area) => area !== 'language')
  return [...source.matchAll(/['`]([a-zA-Z]+)\.([A-Z][A-Z0-9_]*)['`]/g)]
    .filter((m) => areas.includes(m[1] ?? ''))
    .map((m) => `${m[1] ?? ''}.${m[2] ?? ''}`)
}

describe('what the pages say', () => {
  it('is written for every key that stands in a source', () => {
    const used = Object.values(SOURCES).flatMap((source) => keysOf(source as string))
    expect(used.length).toBeGreaterThan(100)
    const catalogue = en as unknown as Record<string, Record<string, string>>
    const missing = used.filter((key) => {
      const [area = '', name = ''] = key.split('.')
      return catalogue[area]?.[name] === undefined
    })
    expect(missing).toEqual([])
  })
})
