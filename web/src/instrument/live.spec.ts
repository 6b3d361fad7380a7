import { describe, expect, it } from 'vitest'
import { curveOf, nextLook, sentenceOf, touchstoneOf, widened, type LiveSweep } from './live'

const settings = { instrument: 'x', startHz: 140e6, stopHz: 160e6, points: 3, averages: 1, hold: false }
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
}

describe('a live sweep', () => {
  it('becomes a curve of return loss', () => {
    const curve = curveOf(sweep)
    expect(curve.frequencyHz).toEqual([140e6, 150e6, 160e6])
    // |Γ| = 0.5, 0.1 and 0.5: 6.02, 20 and 6.02 dB by definition.
    expect(curve.returnLossDb.map((d) => d.toFixed(2))).toEqual(['6.02', '20.00', '6.02'])
    expect(curveOf({ ...sweep, re: [0, 0], im: [0, 0] }).returnLossDb[0]).toBe(80)
  })

  it('is told in one sentence', () => {
    expect(sentenceOf(sweep)).toBe('Dip at 150.000 MHz, SWR 1.22.')
    expect(sentenceOf({ ...sweep, dipHz: 140e6, dipAtEdge: true })).toContain('lies below this span')
    expect(sentenceOf({ ...sweep, dipHz: 160e6, dipAtEdge: true })).toContain('lies above this span')
    expect(sentenceOf({ ...sweep, dipHz: undefined })).toContain('No dip in this span')
    expect(sentenceOf({ ...sweep, re: [0.02, 0.01, 0.02], im: [0, 0, 0] })).toContain('not an antenna')
  })

  it('is widened inside what an analyser covers', () => {
    expect(widened(settings, 2)).toMatchObject({ startHz: 130e6, stopHz: 170e6 })
    expect(widened(settings, 100)).toMatchObject({ startHz: 1e6, stopHz: 1e9 })
  })

  it('looks wider until there is a dip inside, then closes in', () => {
    const wider = nextLook(settings, { ...sweep, dipAtEdge: true })
    expect(wider.found).toBe(false)
    expect(wider.settings.startHz).toBe(130e6)
    const found = nextLook(settings, sweep)
    expect(found.found).toBe(true)
    expect(found.settings.startHz).toBe(141e6)
    expect(found.settings.stopHz).toBe(159e6)
  })

  it('is saved as a file that Dorada reads', () => {
    expect(touchstoneOf(sweep, 'note').split('\n')).toEqual([
      '! note',
      '# Hz S RI R 50',
      '140000000 0.5 0',
      '150000000 0 0.1',
      '160000000 0.3 0.4',
      '',
    ])
  })
})
