import { describe, expect, it } from 'vitest'
import { markerReading, reflectionAt } from './complexTrace'
import { impedanceOf, radiusOfSwr, reactanceRing, reflectionOf, resistanceRing } from './smith'
import { toneStyle, toneText } from './tones'

/** Points that textbooks mark on the chart, re 50 Ω: D. M. Pozar, Microwave Engineering, section 2.4, by the formula. */
describe('the reflection plane', () => {
  it('puts textbook points where they belong', () => {
    expect(reflectionOf(1, 0)).toEqual({ re: 0, im: 0 })
    expect(reflectionOf(0, 1)).toEqual({ re: 0, im: 1 })
    const p = reflectionOf(1, 1)
    expect(p.re).toBeCloseTo(0.2, 12)
    expect(p.im).toBeCloseTo(0.4, 12)
    const z = impedanceOf(p.re, p.im)
    expect(z?.r).toBeCloseTo(1, 12)
    expect(z?.x).toBeCloseTo(1, 12)
    expect(impedanceOf(1, 0)).toBeUndefined()
  })

  it('draws rings on which the points of equal resistance and reactance lie', () => {
    for (const [r, x] of [
      [0.5, 0.3],
      [2, -1.5],
    ] as const) {
      const g = reflectionOf(r, x)
      const a = resistanceRing(r)
      const b = reactanceRing(x)
      expect(Math.hypot(g.re - a.cx, g.im - a.cy)).toBeCloseTo(a.r, 12)
      expect(Math.hypot(g.re - b.cx, g.im - b.cy)).toBeCloseTo(b.r, 12)
    }
    expect(radiusOfSwr(3)).toBe(0.5)
  })

  it('reads a marker between points, with R and X only where the phase is known', () => {
    const t = { frequencyHz: [100e6, 200e6], re: [0, 0.5], im: [0, 0] }
    expect(reflectionAt(t, 150e6)).toEqual({ re: 0.25, im: 0 })
    expect(reflectionAt(t, 250e6)).toBeUndefined()
    const m = markerReading(t, 200e6, true)
    expect(m?.swr).toBeCloseTo(3, 9)
    expect(m?.resistanceOhm).toBeCloseTo(150, 9)
    expect(markerReading(t, 200e6, false)?.resistanceOhm).toBeUndefined()
    expect(markerReading(t, 99e6, true)).toBeUndefined()
  })

  it('gives every stroke its own colour and dashes, and none where none is asked for', () => {
    const strokes = Array.from({ length: 8 }, (_, i) => toneStyle(i))
    expect(new Set(strokes.map((s) => s.stroke)).size).toBe(8)
    expect(new Set(strokes.map((s) => s.strokeDasharray)).size).toBe(8)
    expect(toneStyle(undefined)).toEqual({})
    expect(toneText(3)).toEqual({ fill: 'var(--tone-3)' })
  })
})
