import { Words } from '@/words/words'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import {
  completeAddress,
  cutSentence,
  cutsInWords,
  sawTo,
  formatBars,
  isAsked,
  parseBars,
  parseQuantity,
  readAddress,
  requestOf,
  shown,
  typed,
  writeAddress,
  type Asked,
} from './sheet'
import { anInput, aPiece, aSheet } from './testSheet'

const asked: Asked = {
  kind: 'beam',
  frequencyHz: 446e6,
  numbers: { diameterM: 0.0064, holesM: 0 },
  choices: { elements: '5', drive: 'gamma' },
  uses: 'RULE',
  stockM: [2, 2, 1.2],
  kerfM: 0.001,
  antennas: 10,
}

describe('the address of a sheet', () => {
  it('gives back everything that was asked', () => {
    expect(readAddress(writeAddress(asked) as Record<string, string>)).toEqual(asked)
  })

  it('holds SI numbers, so that nobody’s unit is guessed', () => {
    expect(writeAddress(asked)).toMatchObject({ kind: 'beam', f: '446000000', diameterM: '0.0064' })
  })

  it('leaves out what is neither a number nor a marked choice', () => {
    const read = readAddress({ kind: 'beam', f: 'x', diameterM: 'thick', elements: '~4', uses: 'MAGIC' })
    expect(read).toMatchObject({ frequencyHz: 0, numbers: {}, choices: { elements: '4' }, uses: 'BEST' })
  })

  it('does not take the page’s own words for inputs', () => {
    const read = readAddress({ kind: 'beam', f: '1', installation: '7', sheet: '8', show: 'steps' })
    expect(read.numbers).toEqual({})
  })

  it('is complete for a colleague, also in what was left as usual', () => {
    const sheet = aSheet({ numbers: { diameterM: 0.0024, baseM: 0.02 }, choices: { held: 'screw' } })
    const own = { ...asked, kind: 'quarter-wave-whip', numbers: {}, choices: {} }
    expect(completeAddress(own, sheet)).toMatchObject({ diameterM: '0.0024', baseM: '0.02', held: '~screw' })
  })

  it('is for one antenna where it says no sensible number', () => {
    for (const antennas of ['', '0', '2.5', '51', 'x'])
      expect(readAddress({ kind: 'beam', f: '1', antennas }).antennas).toBe(1)
  })

  it('asks for bars only where there are some', () => {
    expect(requestOf(asked)).toMatchObject({ stockM: [2, 2, 1.2], kerfM: 0.001, antennas: 10 })
    expect(requestOf({ ...asked, stockM: [] })).not.toHaveProperty('stockM')
  })
})

describe('numbers of a sheet', () => {
  it.each([
    ['482 mm', 'LENGTH', 0.482],
    ['18 31/32 in', 'LENGTH', 0.48180625],
    ['0', 'LENGTH', 0],
    ['45°', 'ANGLE', 45],
    ['0.93', 'FACTOR', 0.93],
    ['6', 'COUNT', 6],
    ['27.185', 'FREQUENCY', 27.185e6],
    ['1.8 µH', 'INDUCTANCE', 1.8e-6],
    ['13.3 nH', 'INDUCTANCE', 13.3e-9],
    ['2.9 pF', 'CAPACITANCE', 2.9e-12],
  ] as const)('reads %s as %s', (text, quantity, value) => {
    const read = parseQuantity(text, quantity, 'mm')
    expect(read.ok && read.value).toBeCloseTo(value, 15)
  })

  it('refuses half a turn and half a word', () => {
    expect(parseQuantity('5.5', 'COUNT', 'mm')).toMatchObject({ ok: false, why: 'A whole number, please.' })
    expect(parseQuantity('thick', 'FACTOR', 'mm').ok).toBe(false)
  })

  it('reads back what it wrote, in both units', () => {
    for (const unit of ['mm', 'inch'] as const)
      for (const [value, quantity] of [
        [0.0024, 'LENGTH'],
        [1.5, 'LENGTH'],
        [45, 'ANGLE'],
        [1.8e-6, 'INDUCTANCE'],
        [1.33e-8, 'INDUCTANCE'],
        [3e-12, 'CAPACITANCE'],
        [146.52e6, 'FREQUENCY'],
      ] as const) {
        const read = parseQuantity(typed(value, quantity, unit), quantity, unit)
        // A thirty-second of an inch is as fine as a tape is read.
        expect(read.ok && Math.abs(read.value - value)).toBeLessThan(
          quantity === 'LENGTH' ? 0.0004 : value * 0.01,
        )
      }
  })

  it('shows lengths in both units, the preferred one first', () => {
    expect(shown(0.4566, 'LENGTH', 'mm')).toBe(joined('456.6 mm (17 31/32 in)'))
    expect(shown(0.4566, 'LENGTH', 'inch')).toBe(joined('17 31/32 in (456.6 mm)'))
    expect(shown(146.52e6, 'FREQUENCY', 'mm')).toBe('146.520 MHz')
  })
})

describe('bars on hand', () => {
  it('are typed one by one or several at once', () => {
    expect(parseBars('2 × 3 m, 1200 mm', 'mm').bars).toEqual([3, 3, 1.2])
    expect(parseBars('3 x 6 ft; 19 in', 'inch').bars.map((b) => b.toFixed(3))).toEqual([
      '1.829',
      '1.829',
      '1.829',
      '0.483',
    ])
    expect(parseBars('', 'mm').bars).toEqual([])
  })

  it('say what can’t be read', () => {
    expect(parseBars('2 × long', 'mm').why).toBeTruthy()
    expect(parseBars('-1 m', 'mm').why).toBe('A bar is longer than 0.')
  })

  it('are written as they are typed', () => {
    expect(formatBars([3, 3, 1.2], 'mm')).toBe('2 × 3000 mm, 1200 mm')
    expect(parseBars(formatBars([3, 3, 1.2], 'mm'), 'mm').bars).toEqual([3, 3, 1.2])
  })
})

describe('the sentence', () => {
  it('says what to set the saw to and what of it is for tuning', () => {
    const s = cutSentence(aSheet(), new Words('en', 'mm'))
    expect(s.before + s.amount + s.after).toBe(
      joined('Cut the whip to 460 mm (18 1/8 in); 9 mm of that is for trimming, 15 mm in the base.'),
    )
  })

  it('says to the tenth what is not trimmed any more', () => {
    const end = aPiece({ trimM: 0, extraM: 0, cutM: 0.9945, tuned: false })
    expect(sawTo(end, 'mm')).toContain(joined('994.5 mm'))
    expect(sawTo({ ...end, trimM: 0.01 }, 'mm')).toMatch(/^99[45]\smm/)
    const cut = { piece: end.number, part: 1, parts: 1, lengthM: 0.9945 }
    expect(cutsInWords([cut], [end], new Words('en', 'mm'))).toContain(joined('994.5 mm'))
    expect(cutsInWords([cut], [{ ...end, trimM: 0.01 }], new Words('en', 'mm'))).not.toContain('994.5')
  })

  it('does not speak of cutting where nothing is to trim', () => {
    const sheet = aSheet({ pieces: [aPiece({ trimM: 0, extraM: 0, cutM: 0.4, tuned: false })] })
    const s = cutSentence(sheet, new Words('en', 'mm'))
    expect(s.before + s.amount + s.after).toBe(joined('Make the whip 400 mm (15 3/4 in) long.'))
  })

  it('speaks of all that are alike, and of each antenna', () => {
    const half = { id: 'cut.parallelBeam.HALF_OF_THE_DRIVEN_ELEMENT', params: {}, text: '' }
    const said = (count: number, antennas: number, language: 'en' | 'es' = 'en') => {
      const sheet = aSheet({ pieces: [aPiece({ name: half, count, cutM: 0.161, trimM: 0.015, extraM: 0 })] })
      const s = cutSentence(sheet, new Words(language, 'mm'), antennas)
      return s.before + s.amount + s.after
    }
    expect(said(2, 1)).toBe(
      joined(
        'Cut both halves of the driven element to 161 mm (6 11/32 in) each; 15 mm of that is for trimming.',
      ),
    )
    expect(said(4, 1)).toContain('Cut all 4 halves of the driven element to')
    expect(said(1, 3)).toContain('Cut the half of the driven element of each of 3 antennas to')
  })
})

describe('what is asked for', () => {
  it('depends on another choice where it says so', () => {
    const input = anInput({ onlyInput: 'boom', onlyOptions: ['through'] })
    expect(isAsked(input, { boom: 'through' })).toBe(true)
    expect(isAsked(input, { boom: 'wood' })).toBe(false)
    expect(isAsked(anInput({}), {})).toBe(true)
  })
})
