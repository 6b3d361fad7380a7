import { describe, expect, it } from 'vitest'
import { collectDrafts, DRAFTS, forgetKept, rememberedKept, rememberKept, restoreDrafts } from './drafts'
import { partLines } from './paper'
import { emptyStation, readStation } from './station'

const cm = (m: number) => `${(m * 100).toFixed(0)} cm`

describe('the parts list', () => {
  const rods = [
    { count: 1, lengthM: 0.47, diameterM: 0.005, material: 'aluminium', tube: false },
    { count: 4, lengthM: 0.5, diameterM: 0.008, material: 'aluminium', tube: true },
  ]
  it('names pieces that are alike once, then the first way’s line', () => {
    const way = readStation(emptyStation(), 'mm').plan?.alternatives[0]
    const lines = partLines(rods, way, new Map([['rg-58', 'RG-58']]), cm)
    expect(lines).toEqual([
      '47 cm of 5.0 mm aluminium rod or wire, plus allowance',
      '4 × 50 cm of 8.0 mm aluminium tube, plus allowance',
      '500 cm of RG-58',
      '2 connectors to suit',
      'radio: 50 W, rated for SWR up to 2',
    ])
    if (!way) throw new Error('a way')
    expect(partLines([], { ...way, jumperM: 1 }, new Map(), cm)[1]).toBe('jumper: 100 cm of rg-58')
  })
  it('is the metal alone where no line is planned', () => {
    expect(partLines(rods, undefined, new Map(), cm)).toHaveLength(2)
  })
})

describe('what is typed on three pages', () => {
  it('goes into one text and back', () => {
    localStorage.clear()
    localStorage.setItem(DRAFTS.antenna, JSON.stringify({ low: '118' }))
    localStorage.setItem(DRAFTS.chosen, JSON.stringify('RADIALS'))
    const body = collectDrafts()
    localStorage.setItem(DRAFTS.station, JSON.stringify({ mhz: '27' }))
    localStorage.setItem(DRAFTS.antenna, JSON.stringify({ low: '153' }))
    restoreDrafts(body)
    expect(localStorage.getItem(DRAFTS.antenna)).toBe('{"low":"118"}')
    expect(localStorage.getItem(DRAFTS.chosen)).toBe('"RADIALS"')
    expect(localStorage.getItem(DRAFTS.station)).toBeNull()
  })
  it('the kept plan that is open is remembered', () => {
    rememberKept({ id: 'p', version: 2, name: 'Pick-up' })
    expect(rememberedKept()).toMatchObject({ id: 'p', version: 2, name: 'Pick-up' })
    forgetKept()
    expect(rememberedKept()).toBeUndefined()
  })
})
