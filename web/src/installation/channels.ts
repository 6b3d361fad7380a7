import type { Schemas } from '@/api/client'
import { formatMhz } from '@/units/frequency'

type Service = Schemas['ServiceView']
type Listed = Schemas['ChannelView']

/** A channel on its way into a plan. */
export interface PickedChannel {
  name: string
  mhz: string
}

/** Enough digits for 6.25 and 8.33 kHz steps, and no more zeros than usual. */
function mhz(hz: number): string {
  const fine = formatMhz(hz, 5)
  return fine.endsWith('00') ? fine.slice(0, -2) : fine
}

/** Short words for a service before its channel's number: `CB 19`, `marine 16`. */
export function shortName(service: Service): string {
  const [word = service.title] = service.title.split(/[ ,]/)
  return word === 'Amateur' ? service.title.replace('Amateur ', '') : word
}

/**
 * Channels as a plan wants them. An antenna must serve both sides of a duplex channel, so that gives two: where this
 * side transmits, and where it receives.
 */
export function picked(channels: Listed[], prefix: string): PickedChannel[] {
  return channels.flatMap((c) => {
    const name = prefix ? `${prefix} ${c.name}` : c.name
    return c.transmitHz === c.receiveHz
      ? [{ name, mhz: mhz(c.transmitHz) }]
      : [
          { name: `${name} transmit`, mhz: mhz(c.transmitHz) },
          { name: `${name} receive`, mhz: mhz(c.receiveHz) },
        ]
  })
}
