import type { Words } from '@/words/words'
import type { Schemas } from '@/api/client'
import { parseDecimal } from '@/units/number'

export type Instrument = Schemas['InstrumentView']
export type Profile = Required<Schemas['CommandProfile']>

export const SERIAL = 'scpi-serial'
const NETWORK = 'scpi-tcp'

/** What each command is for, in the order of a conversation. */
export const TEXTS: (keyof Profile)[] = [
  'identity',
  'setUp',
  'startHz',
  'stopHz',
  'points',
  'averages',
  'begin',
  'isMeasuring',
  'data',
  'abort',
  'error',
  'raw',
  'corrected',
]

/** An instrument as it is typed; frequencies in MHz. */
export interface Typed {
  id?: string
  version: number
  name: string
  driver: string
  host: string
  port: string
  serialPort: string
  baud: string
  lowest: string
  highest: string
  mostPoints: string
  profile: Profile
}

/** As `i` is kept; a new one begins with the texts of `like`. */
export function typed(i: Instrument | undefined, like: Instrument): Typed {
  const texts = (i ?? like).profile
  return {
    id: i?.id,
    version: i?.version ?? 0,
    name: i?.name ?? '',
    driver: i?.driver ?? NETWORK,
    host: i?.host ?? '',
    port: i && !i.port ? '' : String(i?.port ?? 5025),
    serialPort: i?.serialPort ?? '',
    baud: String(i?.baud ?? 115200),
    lowest: megahertz(i?.lowestHz),
    highest: megahertz(i?.highestHz),
    mostPoints: i?.mostPoints === undefined ? '' : String(i.mostPoints),
    profile: Object.fromEntries(TEXTS.map((t) => [t, texts[t] ?? ''])) as Profile,
  }
}

function megahertz(hz?: number): string {
  return hz === undefined ? '' : String(hz / 1e6)
}

/** What is wrong with what was typed, by field; the server looks at the rest. */
export function refusals(t: Typed, words: Words): Record<string, string> {
  const wrong: Record<string, string> = {}
  const number = (field: keyof Typed, text: string, whole: boolean) => {
    const read = parseDecimal(text)
    if (text.trim() && (!read.ok || (whole && !Number.isInteger(read.value)))) {
      wrong[field] = words.text(whole ? 'instrumentPage.WHOLE' : 'instrumentPage.IN_MHZ')
    }
  }
  number('lowest', t.lowest, false)
  number('highest', t.highest, false)
  number('mostPoints', t.mostPoints, true)
  if (t.driver === SERIAL) number('baud', t.baud, true)
  else number('port', t.port, true)
  return wrong
}

export function request(t: Typed): Schemas['InstrumentRequest'] {
  const isSerial = t.driver === SERIAL
  return {
    version: t.version,
    name: t.name,
    driver: t.driver,
    ...(isSerial ? { serialPort: t.serialPort, baud: value(t.baud) } : { host: t.host, port: value(t.port) }),
    lowestHz: value(t.lowest, 1e6),
    highestHz: value(t.highest, 1e6),
    mostPoints: value(t.mostPoints),
    profile: t.profile,
  }
}

function value(text: string, times = 1): number | undefined {
  const read = parseDecimal(text)
  return text.trim() && read.ok ? read.value * times : undefined
}

/** `bench-3, port 5025`, `/dev/ttyUSB0 at 115200 bits a second`. */
export function where(i: Instrument, words: Words): string {
  return i.serialPort
    ? words.text('instrumentPlace.SERIAL', { port: i.serialPort, baud: `${i.baud}` })
    : words.text('instrumentPlace.NETWORK', { host: i.host, port: `${i.port}` })
}

/** What it sweeps, in words. */
export function covers(i: Instrument, words: Words): string {
  return i.lowestHz === undefined || i.highestHz === undefined
    ? words.text('instrumentPlace.NO_LIMITS')
    : words.text('instrumentPlace.COVERS', {
        low: `${i.lowestHz / 1e6}`,
        high: `${i.highestHz / 1e6}`,
        points: `${i.mostPoints}`,
      })
}
