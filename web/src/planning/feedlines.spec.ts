import { describe, expect, it } from 'vitest'
import { lineIn } from './feedlines'

const lines = ['rg-8', 'rg-8x', 'rg-58', 'foam-10'].map((id) => ({ id }))

describe('what is said of a line', () => {
  it.each([
    ['rg-58, 4.5 m', { type: 'rg-58', length: '4.5 m' }],
    ['RG 58; 14 ft 9 in; BNC at both ends', { type: 'rg-58', length: '14 ft 9 in' }],
    ['RG-8X, 12 ft', { type: 'rg-8x', length: '12 ft' }],
    ['foam-10, crimped twice', { type: 'foam-10', length: '' }],
    ['rg-58, 2', { type: 'rg-58', length: '' }],
    ['4.5 m of the grey one', undefined],
    ['', undefined],
  ])('%s', (said, line) => expect(lineIn(said, lines, 'mm')).toEqual(line))
})
