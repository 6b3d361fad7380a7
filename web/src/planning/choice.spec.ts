import { describe, expect, it } from 'vitest'
import { choiceSentence, emptyNeed, installationOf, readNeed, type Assessment, type Computed } from './choice'

const assessment = (candidate: Assessment['candidate'], effort: number, excluded?: string): Assessment => ({
  candidate,
  title: candidate.toLowerCase(),
  claim: '',
  effort,
  lengthM: 0.46,
  tipM: 2.4,
  reasons: [],
  ...(excluded === undefined ? {} : { excluded }),
})
const solved = (holds: boolean, horizonDbi: number, worstSwr = 1.8, merit = horizonDbi) =>
  ({ holds, horizonDbi, worstSwr, lengthM: 0.45, merit }) as unknown as Computed
const mm = (m: number) => `${Math.round(m * 1000)} mm`

describe('what is wanted', () => {
  it('is read in any unit, the roof only where there is one', () => {
    const metal = readNeed({ ...emptyNeed(), roofLength: '55 in' }, 'inch')
    expect(metal.need?.roofLengthM).toBeCloseTo(1.397)
    const mast = readNeed({ ...emptyNeed(), carrier: 'MAST', roofLength: 'wide' }, 'mm')
    expect(mast.need).toMatchObject({ isMetal: false, roofLengthM: 0, lowHz: 153e6 })
    expect(Object.keys(readNeed({ ...emptyNeed(), low: 'x' }, 'mm').wrong)).toEqual(['low'])
  })
})

describe('the sentence', () => {
  const two = [assessment('QUARTER_WAVE', 1), assessment('FIVE_EIGHTHS', 3)]
  it('names the likeliest until all are solved', () => {
    expect(choiceSentence(two, new Map(), 2, mm)).toBe('Likeliest: quarter_wave, 460 mm. Solve to be sure.')
  })
  it('advises what brings most for its trouble', () => {
    const close = new Map([
      ['QUARTER_WAVE', solved(true, -0.5)],
      ['FIVE_EIGHTHS', solved(true, 0.4, 1.8, -1)],
    ])
    expect(choiceSentence(two, close, 2, mm)).toBe(
      'Fit the quarter_wave, 450 mm: under 2 on all of it, −0.5 dBi to the horizon.',
    )
    close.set('FIVE_EIGHTHS', solved(true, 2.2))
    expect(choiceSentence(two, close, 2, mm)).toContain('five_eighths')
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
  it('fills the form of an installation where the kind can be tuned', () => {
    const form = emptyNeed()
    const { need } = readNeed(form, 'mm')
    if (!need) throw new Error('a need')
    const plan = installationOf(form, need, assessment('QUARTER_WAVE', 1), 'mm')
    expect(plan).toMatchObject({ antennaKind: 'QUARTER_WAVE_WHIP', carrier: 'VEHICLE', limit: '2' })
    expect(plan?.channels.map((c) => c.mhz)).toEqual(['153.000', '156.000', '159.000'])
    expect(installationOf(form, need, assessment('J_POLE', 3), 'mm')).toBeUndefined()
  })
})
