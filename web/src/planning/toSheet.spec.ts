import { describe, expect, it } from 'vitest'
import { emptyNeed, readNeed, type Assessment, type Need } from './choice'
import { sheetAddress } from './toSheet'

const usual = readNeed(emptyNeed(), 'mm').need as Need
const need = (change: Partial<Need> = {}): Need => ({ ...usual, ...change })
const ALL: Assessment['candidate'][] = [
  'QUARTER_WAVE',
  'FIVE_EIGHTHS',
  'HALF_WAVE',
  'LOADED_WHIP',
  'RADIALS',
  'J_POLE',
  'RIBBON_J_POLE',
  'DIPOLE',
  'LOOP',
  'FOLDED_VERTICAL',
  'BEAM',
  'HANDHELD_ROD',
  'HANDHELD_COUNTERPOISE',
]

describe('the way from plan to sheet', () => {
  it('knows one for every candidate, in mid band', () => {
    for (const c of ALL) {
      const address = sheetAddress(c, need())
      expect(address.kind).toBeTruthy()
      expect(address.f).toBe('156000000')
    }
  })

  it('takes the material on hand along', () => {
    expect(sheetAddress('BEAM', need({ rodRadiusM: 0.004, holesM: 0.1 }))).toMatchObject({
      diameterM: '0.008',
      holesM: '0.1',
      elements: '~3',
    })
    expect(sheetAddress('LOOP', need({ wireRadiusM: 0.001, insulationM: 0.0006 }))).toMatchObject({
      diameterM: '0.002',
      insulationM: '0.0006',
    })
    expect(sheetAddress('QUARTER_WAVE', need())).not.toHaveProperty('diameterM')
  })

  it('folds under the roof that was given and slopes on an aircraft', () => {
    expect(sheetAddress('FOLDED_VERTICAL', need({ carrier: 'INDOOR', roomHeightM: 2.4 })).uprightM).toBe(
      '2.2',
    )
    expect(sheetAddress('QUARTER_WAVE', need({ carrier: 'AIRCRAFT' })).kind).toBe('airband-quarter-wave')
  })
})
