import { describe, expect, it } from 'vitest'
import {
  advised,
  choiceSentence,
  emptyNear,
  emptyNeed,
  installationOf,
  openedNeed,
  readNeed,
  type Assessment,
  type Computed,
} from './choice'

const assessment = (candidate: Assessment['candidate'], effort: number, excluded?: string): Assessment => ({
  candidate,
  antennaKind: 'GROUND_PLANE',
  sheet: { kind: 'rod-ground-plane', numbers: {}, choices: {} },
  title: candidate.toLowerCase(),
  claim: '',
  effort,
  lengthM: 0.46,
  tipM: 2.4,
  reasons: [],
  ...(excluded === undefined ? {} : { excluded }),
})
const solved = (holds: boolean, wantedDbi: number, worstSwr = 1.8, merit = wantedDbi) =>
  ({ holds, wantedDbi, worstSwr, lengthM: 0.45, merit }) as unknown as Computed
const mm = (m: number) => `${Math.round(m * 1000)} mm`

describe('what is wanted', () => {
  it('is read in any unit, the roof only where there is one', () => {
    const metal = readNeed({ ...emptyNeed(), roofLength: '55 in' }, 'inch')
    expect(metal.need?.roofLengthM).toBeCloseTo(1.397)
    const mast = readNeed({ ...emptyNeed(), carrier: 'MAST', roofLength: 'wide' }, 'mm')
    expect(mast.need).toMatchObject({ material: 'NONE', roofLengthM: 0, lowHz: 153e6 })
    expect(Object.keys(readNeed({ ...emptyNeed(), low: 'x' }, 'mm').wrong)).toEqual(['low'])
  })

  it('names what stands near, and its trouble at its field', () => {
    const form = { ...emptyNeed(), near: [{ ...emptyNear(), name: '', thick: '2 in' }] }
    expect(readNeed(form, 'mm').need?.near?.[0]).toMatchObject({ name: 'thing 1', alongM: -0.5, fromM: 0 })
    expect(readNeed(form, 'mm').need?.near?.[0]?.radiusM).toBeCloseTo(0.0254)
    const odd = { ...form, near: [{ ...emptyNear(), to: 'high' }] }
    expect(Object.keys(readNeed(odd, 'mm').wrong)).toEqual(['near[0].to'])
  })

  it('asks for a direction and a room only where they count', () => {
    const all = readNeed({ ...emptyNeed(), bearing: 'there', roomLength: '?' }, 'mm')
    expect(all.need).toMatchObject({ bearingDeg: 0, roomLengthM: 0 })
    const attic = { ...emptyNeed(), carrier: 'INDOOR' as const, target: 'ONE_STATION' as const, bearing: '?' }
    expect(readNeed(attic, 'mm').wrong).toHaveProperty('bearing')
    expect(readNeed({ ...attic, bearing: '90' }, 'mm').need).toMatchObject({
      roomHeightM: 2.4,
      bearingDeg: 90,
    })
  })

  it('opens a draft of an earlier day, without what is no longer known', () => {
    const old = openedNeed(JSON.stringify({ low: '118', surface: 'plastic' }))
    expect(old).toEqual({ ...emptyNeed(), low: '118' })
    expect(openedNeed(null)).toEqual(emptyNeed())
  })
})

describe('the sentence', () => {
  const two = [assessment('QUARTER_WAVE', 1), assessment('FIVE_EIGHTHS', 3)]
  it('names the likeliest until all are solved', () => {
    expect(choiceSentence(two, new Map(), 2, mm)).toBe(
      'Best by rule of thumb: quarter_wave, 460 mm. Compute it on this mount to be sure.',
    )
  })
  it('advises what brings most for its trouble', () => {
    const close = new Map([
      ['QUARTER_WAVE', solved(true, -0.5)],
      ['FIVE_EIGHTHS', solved(true, 0.4, 1.8, -1)],
    ])
    expect(choiceSentence(two, close, 2, mm)).toBe(
      'Fit the quarter_wave, 450 mm: under 2 on all of it, −0.5 dBi toward what it must reach.',
    )
    expect(advised(two, close)).toBe(two[0])
    close.set('FIVE_EIGHTHS', solved(true, 2.2))
    expect(choiceSentence(two, close, 2, mm)).toContain('five_eighths')
    // What is made of the sentence is what it names.
    expect(advised(two, close)).toBe(two[1])
  })
  it('does not hide an antenna that reaches far more behind a better match', () => {
    const deaf = new Map([
      ['QUARTER_WAVE', solved(true, -14)],
      ['FIVE_EIGHTHS', solved(false, 5, 2.7)],
    ])
    expect(choiceSentence(two, deaf, 2, mm)).toBe(
      'The quarter_wave holds 2, but the five_eighths reaches 19 dB more, at 2.7: match it, or accept more.',
    )
  })
  it('explains where none can hold the band, or none may stand', () => {
    const none = new Map([
      ['QUARTER_WAVE', solved(false, 0, 2.9)],
      ['FIVE_EIGHTHS', solved(false, 0, 4)],
    ])
    expect(choiceSentence(two, none, 2, mm)).toContain('nearest is the quarter_wave, 2.9 at worst')
    expect(choiceSentence([assessment('QUARTER_WAVE', 1, 'Too high.')], new Map(), 2, mm)).toBe('Too high.')
  })
})

describe('from plan to work', () => {
  it('fills the form of an installation of the kind that was planned', () => {
    const form = emptyNeed()
    const { need } = readNeed(form, 'mm')
    if (!need) throw new Error('a need')
    const plan = installationOf(form, need, assessment('RADIALS', 1), 'mm')
    expect(plan).toMatchObject({ antennaKind: 'GROUND_PLANE', carrier: 'VEHICLE', limit: '2' })
    expect(plan.channels.map((c) => c.mhz)).toEqual(['153.000', '156.000', '159.000'])
  })
})
