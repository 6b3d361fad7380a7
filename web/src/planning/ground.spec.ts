import { describe, expect, it } from 'vitest'
import { formatKg } from '@/units/weight'
import { dragged, endOf, evenRadials, freshVariant, missing, NONE, requestOf } from './ground'

describe('radials', () => {
  it('stand evenly, turned from where the whip leans', () => {
    expect(evenRadials(4, 0.57, 30, 45).map((r) => r.azimuthDeg)).toEqual([45, 135, 225, 315])
    expect(evenRadials(3, 0.57, 30, 300).map((r) => r.azimuthDeg)).toEqual([300, 60, 180])
  })
  it('follow the finger, and come back where they were put', () => {
    const [radial] = evenRadials(1, 0.5, 60)
    if (!radial) throw new Error('one radial')
    const moved = dragged(radial, 0, 0.3)
    expect(moved).toMatchObject({ azimuthDeg: 90, lengthM: 0.6, droopDeg: 60 })
    expect(endOf(moved).y).toBeCloseTo(0.3)
    expect(endOf(moved).x).toBeCloseTo(0)
    expect(dragged(radial, 100, 0).lengthM).toBe(3)
    expect(dragged(radial, 0, 0).lengthM).toBe(0.05)
  })
})

describe('what is missing', () => {
  it('is a quarter-wave all round on a bare tab, and the gaps between two radials', () => {
    expect(missing(NONE, 0.56).every((m) => Math.abs(m.missingM - 0.5) < 1e-9)).toBe(true)
    const two = { ...freshVariant('RADIALS', 0.56), radials: evenRadials(2, 0.56, 0) }
    expect(missing(two, 0.56).filter((m) => m.missingM > 0.01)).toHaveLength(2)
    const four = { ...two, radials: evenRadials(4, 0.56, 0) }
    expect(missing(four, 0.56).every((m) => m.missingM < 0.01)).toBe(true)
    const sheet = { ...freshVariant('SHEET', 0.56), lengthM: 1.2, widthM: 0.4 }
    const [ahead, , left] = missing(sheet, 0.56)
    expect(ahead?.missingM).toBe(0)
    expect(left?.missingM).toBeCloseTo(0.36)
  })
})

describe('words', () => {
  it('weighs in grams and kilograms', () => {
    expect(formatKg(0.085)).toBe('85 g')
    expect(formatKg(1.44)).toBe('1.4 kg')
    expect(formatKg(0.9999)).toBe('1.0 kg')
  })
  it('asks for what was chosen', () => {
    const whip = {
      lowHz: 118e6,
      highHz: 137e6,
      limitSwr: 2.5,
      whipM: 0.56,
      slopeDeg: 15,
      whipRadiusM: 0.004,
      trim: true,
    }
    expect(requestOf(whip, freshVariant('MESH', 0.56))).toMatchObject({
      kind: 'MESH',
      lengthM: 1.12,
      trim: true,
    })
  })
})
