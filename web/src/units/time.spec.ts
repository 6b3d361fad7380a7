import { afterEach, expect, it, vi } from 'vitest'
import { formatDay, formatDayOfYear, formatTime } from './time'

const NOON = '2026-03-05T12:00:00Z'

afterEach(() => {
  vi.unstubAllGlobals()
  document.documentElement.lang = ''
})

it('writes dates in the language that is read, as it is written where the person is', () => {
  vi.stubGlobal('navigator', { languages: ['de-DE', 'es-MX', 'en-GB', 'en-US'] })
  document.documentElement.lang = 'es'
  expect(formatDay(NOON)).toBe(new Date(NOON).toLocaleDateString('es-MX', { dateStyle: 'medium' }))
  document.documentElement.lang = 'en'
  expect(formatDay(NOON)).toBe('5 Mar 2026')
  expect(formatTime(NOON)).toContain('5 Mar 2026')
})

it('leaves a day of the calendar the day that it is', () => {
  document.documentElement.lang = 'en'
  vi.stubGlobal('navigator', { languages: ['en-GB'] })
  vi.stubEnv('TZ', 'America/Los_Angeles')
  expect(formatDay('2026-12-07')).toBe('7 Dec 2026')
  expect(formatDayOfYear('2026-12-07')).toBe('7 Dec')
  vi.unstubAllEnvs()
})

it('takes the language alone where the person’s own are others', () => {
  vi.stubGlobal('navigator', { languages: ['de-DE'] })
  document.documentElement.lang = 'es'
  expect(formatDay(NOON)).toContain('mar')
})
