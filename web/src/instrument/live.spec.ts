import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import { Words } from '@/words/words'
import { curveOf, pointsUpTo, sentenceOf, type LiveSweep } from './live'

const sweep: LiveSweep = {
  number: 1,
  startHz: 140e6,
  stopHz: 160e6,
  re: [0.5, 0, 0.3],
  im: [0, 0.1, 0.4],
  tookMs: 200,
  dipHz: 150e6,
  dipSwr: 1.222,
  dipAtEdge: false,
  flatAndLow: false,
  looking: false,
  warnings: [],
}

const words = new Words('en', 'mm')

describe('a live sweep', () => {
  it('becomes a curve of return loss', () => {
    const curve = curveOf(sweep)
    expect(curve.frequencyHz).toEqual([140e6, 150e6, 160e6])
    // |Γ| = 0.5, 0.1 and 0.5: 6.02, 20 and 6.02 dB by definition.
    expect(curve.returnLossDb.map((d) => d.toFixed(2))).toEqual(['6.02', '20.00', '6.02'])
    expect(curveOf({ ...sweep, re: [0, 0], im: [0, 0] }).returnLossDb[0]).toBe(80)
  })

  it('has no more points than its instrument sweeps', () => {
    expect(pointsUpTo(201)).toEqual([51, 101, 201])
    expect(pointsUpTo(1601).at(-1)).toBe(1601)
    expect(pointsUpTo().at(-1)).toBe(801)
    expect(pointsUpTo(11)).toEqual([51])
  })

  it('is told in one sentence', () => {
    expect(sentenceOf(sweep, words)).toBe(joined('Dip at 150.000 MHz, SWR 1.22.'))
    expect(sentenceOf({ ...sweep, dipHz: 140e6, dipAtEdge: true }, words)).toContain('lies below this span')
    expect(sentenceOf({ ...sweep, dipHz: 160e6, dipAtEdge: true }, words)).toContain('lies above this span')
    expect(sentenceOf({ ...sweep, dipHz: undefined }, words)).toContain('No dip in this span')
    expect(sentenceOf({ ...sweep, flatAndLow: true }, words)).toContain('not an antenna')
    expect(sentenceOf({ ...sweep, looking: true }, words)).toContain('Looking')
  })
})
