import { describe, expect, it } from 'vitest'
import { formatDistance, parseDistance } from './distance'

describe('a distance between stations', () => {
  it.each([
    ['8', 8000],
    ['8 km', 8000],
    ['8,5 km', 8500],
    ['10 mi', 16093.44],
    ['1 mile', 1609.344],
    ['900 m', 900],
  ])('reads %s', (text, metres) => {
    const read = parseDistance(text)
    expect(read.ok && read.value).toBeCloseTo(metres, 2)
  })

  it('says what is no distance', () => {
    expect(parseDistance('far')).toMatchObject({ ok: false, why: '"far" is not a number.' })
  })

  it('is told in both', () => {
    expect(formatDistance(24_500)).toBe('24.5 km (15.2 mi)')
  })
})
