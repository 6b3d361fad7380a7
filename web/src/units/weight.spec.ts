import { describe, expect, it } from 'vitest'
import { formatKg, parseWeight } from './weight'

describe('a weight', () => {
  it.each([
    ['1.8 kg', 1.8],
    ['850 g', 0.85],
    ['850g', 0.85],
    ['4 lb', 1.814],
    ['6 oz', 0.17],
    ['1,8 kg', 1.8],
  ])('reads %s', (text, kg) => {
    const read = parseWeight(text)
    expect(read.ok && read.value).toBeCloseTo(kg, 3)
  })

  it.each(['2', '', 'heavy', '2 stone'])('refuses “%s”, which could be anything', (text) => {
    expect(parseWeight(text).ok).toBe(false)
  })

  it('writes what it reads', () => {
    expect([formatKg(0.085), formatKg(1.4)]).toEqual(['85 g', '1.4 kg'])
  })
})
