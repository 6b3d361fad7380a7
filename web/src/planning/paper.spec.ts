import { Words } from '@/words/words'
import { said } from '@/testing/said'
import { beforeEach, describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import { emptyNear, emptyNeed } from './choice'
import { DRAFTS, forgetPlan, rememberedPlan, rememberPlan, restoreDrafts } from './drafts'
import { usualGround } from './ground'
import { partLines } from './paper'
import { collectParts, restoreParts } from './saved'
import { emptyStation, readStation } from './station/plan'

const words = new Words('en', 'mm')
const cm = (m: number) => `${(m * 100).toFixed(0)} cm`

describe('the parts list', () => {
  const rods = [
    { count: 1, lengthM: 0.47, diameterM: 0.005, material: said('aluminium'), tube: false },
    { count: 4, lengthM: 0.5, diameterM: 0.008, material: said('aluminium'), tube: true },
  ]
  it('names pieces that are alike once, then the first way’s line', () => {
    const way = readStation(emptyStation(), 'mm').plan?.alternatives[0]
    const lines = partLines(rods, way, new Map([['rg-58', 'RG-58']]), cm, words)
    expect(lines).toEqual([
      joined('47 cm of 5.0 mm aluminium rod or wire, plus allowance'),
      joined('4 × 50 cm of 8.0 mm aluminium tube, plus allowance'),
      joined('500 cm of RG-58'),
      '2 connectors to suit',
      joined('radio: 50 W, rated for SWR up to 2'),
    ])
    if (!way) throw new Error('a way')
    expect(partLines([], { ...way, jumperM: 1 }, new Map(), cm, words)[1]).toBe(
      joined('jumper: 100 cm of rg-58'),
    )
  })
  it('is the metal alone where no line is planned', () => {
    expect(partLines(rods, undefined, new Map(), cm, words)).toHaveLength(2)
  })
})

describe('what is typed on three pages', () => {
  const pages = (unit: 'mm' | 'inch') => collectParts(unit).parts
  const type = (key: string, form: object) => localStorage.setItem(key, JSON.stringify(form))
  beforeEach(() => localStorage.clear())

  it('is numbers for the shop, and the same numbers when somebody opens it in the other unit', () => {
    const near = [{ ...emptyNear(), along: '-19 in', thick: '1 1/4 in' }]
    type(DRAFTS.antenna, { ...emptyNeed(), roofLength: '55', holes: '7/64 in', rod: '8 mm', near })
    type(DRAFTS.chosen, 'QUARTER_WAVE' as unknown as object)
    type(DRAFTS.ground, { ...usualGround(), whip: '22', slope: '12.5', chosen: 2 })
    type(DRAFTS.station, { ...emptyStation(), ownHeight: '7 ft', mhz: '136.975' })
    const typed = pages('inch')
    expect(typed?.need?.roofLengthM).toBeCloseTo(1.397, 9)
    expect(typed?.ground?.whipM).toBeCloseTo(0.5588, 9)
    expect(typed?.ground?.radials).toHaveLength(4)
    for (const unit of ['mm', 'inch'] as const) {
      if (typed) restoreParts(typed, unit)
      const again = JSON.stringify(pages(unit), rounded)
      expect(again).toBe(JSON.stringify(typed, rounded))
    }
  })

  it('is left out where nothing was typed, and named where it can’t be read', () => {
    expect(pages('mm')).toEqual({})
    type(DRAFTS.ground, { ...usualGround(), whip: 'long' })
    expect(collectParts('mm').wrong).toContain('Ground: "long" is not a number')
    localStorage.clear()
    type(DRAFTS.station, { ...emptyStation(), duty: '' })
    expect(collectParts('mm').wrong).toContain('Power and reach: Please type a number')
  })

  it('takes nothing from the plan that was open before', () => {
    type(DRAFTS.station, emptyStation())
    restoreParts({ candidate: 'DIPOLE' }, 'mm')
    expect(localStorage.getItem(DRAFTS.station)).toBeNull()
    expect(localStorage.getItem(DRAFTS.chosen)).toBe('"DIPOLE"')
  })

  it('comes back from the text of an old plan', () => {
    type(DRAFTS.station, emptyStation())
    restoreDrafts('{"antenna":{"low":"118"},"chosen":"RADIALS"}')
    expect(localStorage.getItem(DRAFTS.antenna)).toBe('{"low":"118"}')
    expect(localStorage.getItem(DRAFTS.chosen)).toBe('"RADIALS"')
    expect(localStorage.getItem(DRAFTS.station)).toBeNull()
  })

  it('the saved plan that is open is remembered', () => {
    rememberPlan({ id: 'p', version: 2, name: 'Pick-up' })
    expect(rememberedPlan()).toMatchObject({ id: 'p', version: 2, name: 'Pick-up', isText: false })
    forgetPlan()
    expect(rememberedPlan()).toBeUndefined()
  })
})

/** To the nanometre: what binary fractions add is nobody's. */
const rounded = (_: string, value: unknown) => (typeof value === 'number' ? Number(value.toFixed(9)) : value)
