import type { Schemas } from '@/api/client'
import { formatChannelMhz } from '@/units/frequency'
import type { ChannelForm } from './planForm'

type Listed = Schemas['ChannelView']

/** A channel on its way into a plan. */
export interface PickedChannel {
  name: string
  mhz: string
  use: ChannelForm['use']
}

/**
 * Channels as a plan wants them. An antenna must serve both sides of a duplex channel, so that gives two: where this
 * side transmits, and where it receives.
 */
export function picked(channels: Listed[], prefix: string): PickedChannel[] {
  return channels.flatMap((c): PickedChannel[] => {
    const name = prefix ? `${prefix} ${c.name}` : c.name
    return c.transmitHz === c.receiveHz
      ? [{ name, mhz: formatChannelMhz(c.transmitHz), use: 'BOTH' }]
      : [
          { name: `${name} transmit`, mhz: formatChannelMhz(c.transmitHz), use: 'TRANSMIT' },
          { name: `${name} receive`, mhz: formatChannelMhz(c.receiveHz), use: 'RECEIVE' },
        ]
  })
}

/** A kept list as its lines, to be changed and kept again. */
export function listText(channels: Listed[]): string {
  return channels
    .map((c) => {
      const hears = c.receiveHz === c.transmitHz ? '' : `; ${formatChannelMhz(c.receiveHz)}`
      return `${c.name}; ${formatChannelMhz(c.transmitHz)}${hears}`
    })
    .join('\n')
}
