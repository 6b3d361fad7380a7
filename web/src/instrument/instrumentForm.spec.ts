import { currentWords } from '@/words/words'
import { Words } from '@/words/words'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import { covers, refusals, request, SERIAL, typed, where, type Instrument } from './instrumentForm'

const STAND_IN = {
  id: 'stand-in',
  version: 0,
  name: 'Stand-in',
  driver: 'scpi-tcp',
  driverWords: 'SCPI over the network',
  host: '127.0.0.1',
  port: 5025,
  lowestHz: 1e6,
  highestHz: 1e9,
  mostPoints: 801,
  profile: { identity: '*IDN?', raw: 'CORR OFF', corrected: 'CORR ON' },
  standIn: true,
  recorded: false,
} as unknown as Instrument
const ON_A_CABLE: Instrument = {
  ...STAND_IN,
  id: '7',
  version: 3,
  driver: SERIAL,
  host: '',
  port: 0,
  serialPort: '/dev/ttyUSB0',
  baud: 115200,
  standIn: false,
}

const en = new Words('en', 'mm')

describe('an instrument as it is typed', () => {
  it('begins with the texts of another, and with no limits of its own', () => {
    const t = typed(undefined, STAND_IN)
    expect(t.profile.raw).toBe('CORR OFF')
    expect([t.name, t.host, t.lowest, t.mostPoints]).toEqual(['', '', '', ''])
    expect(request({ ...t, name: 'Bench', host: 'bench-3' })).toMatchObject({
      driver: 'scpi-tcp',
      host: 'bench-3',
      port: 5025,
      lowestHz: undefined,
    })
  })

  it('keeps all that it had when it is changed', () => {
    const sent = request(typed(ON_A_CABLE, STAND_IN))
    expect(sent).toMatchObject({
      version: 3,
      driver: SERIAL,
      serialPort: '/dev/ttyUSB0',
      baud: 115200,
      lowestHz: 1e6,
      highestHz: 1e9,
      mostPoints: 801,
    })
    expect(sent.profile.corrected).toBe('CORR ON')
    expect(sent.host).toBeUndefined()
  })

  it('reads frequencies in MHz, with a comma too, and says what is no number', () => {
    const t = {
      ...typed(ON_A_CABLE, STAND_IN),
      lowest: '0,05',
      highest: '3000',
      mostPoints: 'many',
      baud: '9600.5',
    }
    expect(request({ ...t, mostPoints: '201' })).toMatchObject({
      lowestHz: 50_000,
      highestHz: 3e9,
      mostPoints: 201,
    })
    expect(Object.keys(refusals(t, currentWords())).sort()).toEqual(['baud', 'mostPoints'])
    expect(refusals({ ...t, mostPoints: '', baud: '9600' }, currentWords())).toEqual({})
  })

  it('says where it is and what it covers', () => {
    expect(where(STAND_IN, en)).toBe('127.0.0.1, port 5025')
    expect(where(ON_A_CABLE, en)).toBe('/dev/ttyUSB0 at 115200 bits a second')
    expect(covers(ON_A_CABLE, en)).toBe(joined('1 to 1000 MHz, up to 801 points.'))
    expect(covers({ ...ON_A_CABLE, lowestHz: undefined }, en)).toContain('not stated')
  })
})
