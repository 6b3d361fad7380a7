import { DRAFTS } from './drafts'
import { Words } from '@/words/words'
import { said } from '@/testing/said'
import { describe, expect, it } from 'vitest'
import {
  firstByRule,
  emptyNear,
  emptyNeed,
  installationOf,
  keptNeed,
  readNeed,
  type Assessment,
} from './choice'

const assessment = (candidate: Assessment['candidate'], effort: number, excluded?: string): Assessment => ({
  candidate,
  antennaKind: 'GROUND_PLANE',
  sheet: { kind: 'rod-ground-plane', numbers: {}, choices: {} },
  title: said(candidate.toLowerCase()),
  claim: said(''),
  effort,
  lengthM: 0.46,
  tipM: 2.4,
  reasons: [],
  ...(excluded === undefined ? {} : { excluded: said(excluded) }),
})

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
    expect(readNeed(form, 'mm').need?.near?.[0]).toMatchObject({ name: 'Thing 1', alongM: -0.5, fromM: 0 })
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
    localStorage.setItem(DRAFTS.antenna, JSON.stringify({ low: '118', surface: 'plastic' }))
    const old = keptNeed()
    expect(old).toEqual({ ...emptyNeed(), low: '118' })
    localStorage.clear()
    expect(keptNeed()).toBeUndefined()
  })
})

describe('before anything is solved', () => {
  it('names the first that may stand there', () => {
    const [high, fits] = [assessment('FIVE_EIGHTHS', 3, 'Too high.'), assessment('QUARTER_WAVE', 1)]
    expect(firstByRule([high, fits])).toBe(fits)
    expect(firstByRule([high])).toBeUndefined()
  })
})

describe('from plan to work', () => {
  it('fills the form of an installation of the kind that was planned', () => {
    const form = emptyNeed()
    const { need } = readNeed(form, 'mm')
    if (!need) throw new Error('a need')
    const plan = installationOf(form, need, assessment('RADIALS', 1), new Words('en', 'mm'))
    expect(plan).toMatchObject({ antennaKind: 'GROUND_PLANE', carrier: 'VEHICLE', limit: '2' })
    expect(plan.channels.map((c) => c.mhz)).toEqual(['153.000', '156.000', '159.000'])
  })
})
