import { describe, expect, it } from 'vitest'
import { emptyNeed, readNeed, type Assessment, type Need } from './choice'
import { sheetAddress } from './toSheet'

const usual = readNeed(emptyNeed(), 'mm').need as Need
const planned = (sheet: Assessment['sheet']) => ({ sheet }) as Assessment

describe('the way from plan to sheet', () => {
  it('asks the sheet what the plan was solved with, in mid band', () => {
    const address = sheetAddress(
      planned({ kind: 'beam', numbers: { diameterM: 0.008, holesM: 0.1 }, choices: { elements: '3' } }),
      usual,
    )
    expect(address).toMatchObject({
      kind: 'beam',
      f: '156000000',
      diameterM: '0.008',
      holesM: '0.1',
      elements: '~3',
    })
  })

  it('says nothing of what is as usual', () => {
    const address = sheetAddress(planned({ kind: 'quarter-wave-whip', numbers: {}, choices: {} }), usual)
    expect(address).not.toHaveProperty('diameterM')
  })
})
