import { describe, expect, it } from 'vitest'
import { listText, picked } from './channels'

const channel = (name: string, transmitHz: number, receiveHz = transmitHz) => ({
  name,
  transmitHz,
  receiveHz,
  note: '',
})

describe('channels of a service', () => {
  it('gives both sides of a duplex channel', () => {
    expect(picked([channel('16', 156.8e6), channel('24', 157.2e6, 161.8e6)], 'Marine')).toEqual([
      { name: 'Marine 16', mhz: '156.800', use: 'BOTH' },
      { name: 'Marine 24 transmit', mhz: '157.200', use: 'TRANSMIT' },
      { name: 'Marine 24 receive', mhz: '161.800', use: 'RECEIVE' },
    ])
  })
  it('keeps the digits of narrow channels', () => {
    expect(picked([channel('1', 446.00625e6), channel('Yard', 156.1e6)], '')).toEqual([
      { name: '1', mhz: '446.00625', use: 'BOTH' },
      { name: 'Yard', mhz: '156.100', use: 'BOTH' },
    ])
  })
  it('writes a kept list as lines that can be read again', () => {
    expect(listText([channel('Deck', 457.525e6, 467.525e6), channel('Quay', 446.2e6)])).toBe(
      'Deck; 457.525; 467.525\nQuay; 446.200',
    )
  })
})
