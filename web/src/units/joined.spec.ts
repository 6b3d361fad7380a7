import { describe, expect, it } from 'vitest'
import { joined, plain } from './joined'

describe('a number with its unit', () => {
  it.each([
    ['Shorten it 9 mm, to 455 mm.', 'Shorten it 9~mm, to 455~mm.'],
    ['18 31/32 in (48.2 cm)', '18~31/32~in (48.2~cm)'],
    ['12 ft 3 1/2 in', '12~ft 3~1/2~in'],
    ['moved −1.738 MHz, or 1.0 %', 'moved −1.738~MHz, or 1.0~%'],
    ['3 dBi, 4.25 W, 50 Ω', '3~dBi, 4.25~W, 50~Ω'],
    ['rings counted: 3 × 2 mm', 'rings counted: 3~×~2~mm'],
    ['1 × c/4f', '1 × c/4f'],
  ])('stays on one line: %s', (text, whole) => {
    expect(joined(text).replaceAll('\u00a0', '~')).toBe(whole)
    expect(plain(joined(text))).toBe(text)
  })

  it.each(['5 men', '3 meters at 20', 'Tractor 7 moved', 'read for 3 minutes'])(
    'is told from other words: %s',
    (text) => {
      expect(joined(text)).toBe(text)
    },
  )
})
