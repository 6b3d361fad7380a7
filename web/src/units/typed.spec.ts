import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { usePreferences } from '@/preferences'
import { parseLength } from './length'
import { useTypedLengths, withUnit, withUnits } from './typed'

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})

describe('a length as it was typed', () => {
  it.each([
    ['22', 'inch', '22 in'],
    ['22', 'mm', '22 mm'],
    [' 1.5 ', 'inch', '1.5 in'],
    ['3 × 2', 'mm', '3 × 2 mm'],
    ['22 cm', 'inch', '22 cm'],
    ['1 ft 7', 'mm', '1 ft 7'],
    ['18 31/32', 'mm', '18 31/32'],
    ['0', 'inch', '0'],
    ['', 'inch', ''],
    ['wide', 'mm', 'wide'],
  ] as const)('%s in %s is kept as %s', (text, unit, kept) => {
    expect(withUnit(text, unit)).toBe(kept)
    const other = unit === 'mm' ? 'inch' : 'mm'
    expect(parseLength(withUnit(text, unit), other)).toEqual(parseLength(text, unit))
  })

  it('is found wherever it stands in a form, and nothing else is touched', () => {
    const form = {
      roofLength: '55',
      low: '118',
      near: [{ along: '20', name: '7' }],
      ways: [{ lineLength: '12', watts: '25' }],
    }
    expect(withUnits(form, 'inch')).toEqual({
      roofLength: '55 in',
      low: '118',
      near: [{ along: '20 in', name: '7' }],
      ways: [{ lineLength: '12 in', watts: '25' }],
    })
  })

  it('means the same after the unit is switched', () => {
    const preferences = usePreferences()
    preferences.unit = 'inch'
    const form = ref({ clearance: '90' })
    const kept = useTypedLengths(form)
    expect(kept()).toEqual({ clearance: '90 in' })
    preferences.unit = 'mm'
    expect(form.value).toEqual({ clearance: '90 in' })
  })
})
