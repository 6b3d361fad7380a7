import { parseDecimal, parsed, refused, type Parsed } from './number'

const HERTZ: Record<string, number> = { hz: 1, khz: 1e3, mhz: 1e6, ghz: 1e9 }

/** Reads `146.52`, `146.52 MHz`, `446200 kHz`; a bare number is in MHz. Returns Hz. */
export function parseFrequency(text: string): Parsed {
  const match = /^(.*?)\s*(hz|khz|mhz|ghz)?$/i.exec(text.trim())
  const number = parseDecimal(match?.[1] ?? '')
  if (!number.ok) return number
  const hz = number.value * (HERTZ[(match?.[2] ?? 'mhz').toLowerCase()] ?? NaN)
  return hz >= 1e6 && hz <= 1e9 ? parsed(Math.round(hz)) : refused('FREQUENCY_RANGE')
}

/** `153.050`: MHz to the kilohertz. */
export function formatMhz(hz: number, digits = 3): string {
  return (hz / 1e6).toFixed(digits)
}

/** As a channel is written: `156.800`, and more digits where steps of 6.25 or 8.33 kHz need them: `446.00625`. */
export function formatChannelMhz(hz: number): string {
  return formatMhz(hz, 6).replace(/0{1,3}$/, '')
}
