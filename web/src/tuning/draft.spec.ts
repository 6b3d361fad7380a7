import { beforeEach, describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { draftOfEntry, freshDraft } from './draft'
import { usePreferences } from '@/preferences'
import { readDraft } from './readDraft'
import type { Installation, Pass } from './sentence'
import { emptyRow } from './spots'

const installation = {
  id: 'i1',
  channels: [
    { name: 'Field', frequencyHz: 150e6, primary: true },
    { name: 'Base', frequencyHz: 160e6, primary: false },
  ],
  visits: [{ id: 'v1', number: 1, purpose: 'FITTING' }],
  circumstances: [],
} as unknown as Installation
const last = { source: 'SPOTS', analysis: { startHz: 140e6, stopHz: 170e6 } } as unknown as Pass

const entered = (what: Partial<Schemas['EnteredPass']>): Schemas['EnteredPass'] => ({
  changeM: 0,
  secondChangeM: 0,
  lookedOver: false,
  circumstances: [],
  oldAntenna: false,
  finalSweep: false,
  source: 'SPOTS',
  readingKind: 'INLINE_METER',
  spots: [],
  ...what,
})

beforeEach(() => localStorage.clear())

describe('what cannot be used of an entry', () => {
  it('is said in the language of whoever typed it', () => {
    usePreferences().language = 'es'
    const draft = freshDraft(installation, last, 'mm', false)
    draft.change = 'shortened'
    draft.amount = 'mucho'
    draft.meter.channels['150000000'] = { ...emptyRow(), swr: '0.5' }
    const { wrong } = readDraft(draft, installation, false, undefined, 'mm')
    expect(wrong).toEqual({ changeM: '«mucho» no es un número.', '150000000': 'Una ROE es 1 o más.' })
  })
})

describe('an entry that was taken back', () => {
  it('stands in the form with its watts and ranges, and means the same when it is sent unchanged', () => {
    const watts = { forwardW: 20, reflectedW: 0.4, forwardFullScaleW: 25, reflectedFullScaleW: 2.5 }
    const entry = entered({
      changeM: -0.0123,
      readingKind: 'WATTMETER',
      circumstances: ['INDOORS'],
      spots: [
        { frequencyHz: 150e6, swr: 1.33, lowSwr: 1.2, highSwr: 1.4, ...watts },
        { frequencyHz: 154.00625e6, swr: 1.33, lowSwr: 1.2, highSwr: 1.4, ...watts },
      ],
    })
    const draft = draftOfEntry(entry, 'in the yard', freshDraft(installation, last, 'inch', false), 'inch')
    const { pass, wrong } = readDraft(draft, installation, false, undefined, 'inch')
    expect(wrong).toEqual({})
    expect(pass).toMatchObject({
      kind: 'WATTMETER',
      recording: { note: 'in the yard', circumstances: ['INDOORS'] },
      spots: [
        { frequencyHz: 150e6, ...watts },
        { frequencyHz: 154.00625e6, ...watts },
      ],
    })
    expect(pass?.recording.changeM).toBeCloseTo(-0.0123, 6)
  })

  it('keeps a moved second piece, and the SWR and ohms of a dial', () => {
    const entry = entered({
      secondChangeM: 0.015,
      readingKind: 'DIAL_ANALYSER',
      spots: [
        { frequencyHz: 160e6, swr: 1.8, lowSwr: 1.6, highSwr: 2, resistanceOhm: 30, reactanceSizeOhm: 12 },
      ],
    })
    const fresh = freshDraft(installation, last, 'mm', false)
    const draft = draftOfEntry(entry, '', fresh, 'mm')
    expect(draft).toMatchObject({ piece: 'second', change: 'lengthened', amount: '15 mm', source: 'meter' })
    expect(draft.meter.channels['160000000']).toMatchObject({ swr: '1.8', r: '30', x: '12' })
    expect(draft.requestKey).toBe(fresh.requestKey)
  })
})
