import { currentWords } from '@/words/words'
import { said } from '@/testing/said'
import { describe, expect, it } from 'vitest'
import { ageWords, readStandards, usualStandards } from './calibration'
import { freeTone, hiddenDb, readLimit, readLine, readWanted, shiftWords } from './desk'
import { parseLength } from '@/units/length'

describe('the trace desk', () => {
  it('reads channels however they are separated', () => {
    expect(readWanted('157.45, 153.05').hz).toEqual([153.05e6, 157.45e6])
    expect(readWanted('153.05,157.45').hz).toEqual([153.05e6, 157.45e6])
    expect(readWanted('27.185 27.185; 27.405 MHz').why).toContain('MHz')
    expect(readWanted('').hz).toEqual([])
    expect(readWanted('153.05, nine').why).toContain('nine')
  })

  it('takes the usual limit where none is typed', () => {
    expect(['1.5', '', 'many', '1', '500'].map(readLimit)).toEqual([1.5, 2, 2, 2, 2])
  })

  it('gives shifts with their sign, and nothing where there is no dip', () => {
    expect(shiftWords({ shiftHz: -1.56e6, shiftShare: -0.01 })).toBe('−1.56 MHz, −1.0 %')
    expect(shiftWords({})).toBe('')
  })

  it('gives each trace a stroke of its own', () => {
    expect(freeTone([{ tone: 0 }, { tone: 2 }])).toBe(1)
    expect(freeTone(Array.from({ length: 8 }, (_, tone) => ({ tone })))).toBe(0)
  })

  it('takes a line from the catalogue only with a length', () => {
    const catalogue = [
      {
        id: 'rg-58',
        title: said('RG-58'),
        impedanceOhm: 50,
        velocityFactor: 0.66,
        k1DbPer100mSqrtMHz: 1.55,
        k2DbPer100mMHz: 0.012,
      },
    ]
    expect(readLine(catalogue, 'rg-58', 4.2)).toMatchObject({ lengthM: 4.2, velocityFactor: 0.66 })
    expect(readLine(catalogue, 'rg-58', undefined)).toBeUndefined()
    expect(readLine(catalogue, '', 4.2)).toBeUndefined()
  })

  it('says noise as the depth that it hides', () => {
    expect(hiddenDb(0.001)).toBeCloseTo(60)
  })
})

describe('calibration as typed', () => {
  it('becomes SI units or a sentence', () => {
    const length = (t: string) => parseLength(t, 'mm')
    const made = readStandards(
      { ...usualStandards(), openOffset: '4 mm', openPf: '0.08' },
      length,
      currentWords(),
    )
    expect(made).toMatchObject({ openOffsetM: 0.004, loadOhm: 50 })
    expect((made as { openFarad: number }).openFarad).toBeCloseTo(8e-14, 20)
    expect(readStandards({ ...usualStandards(), loadOhm: 'fifty' }, length, currentWords())).toContain(
      'Standards:',
    )
  })

  it('is as old as people say it', () => {
    const now = Date.parse('2026-05-10T12:00:00Z')
    expect(ageWords('2026-05-10T11:30:00Z', currentWords(), now)).toBe('within the hour')
    expect(ageWords('2026-05-10T07:00:00Z', currentWords(), now)).toBe('5 h ago')
    expect(ageWords('2026-05-09T11:00:00Z', currentWords(), now)).toBe('a day ago')
    expect(ageWords('2026-05-01T11:00:00Z', currentWords(), now)).toBe('9 days ago')
  })
})
