import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { emptyCheck, fromPractice, likeBefore, OWN, readCheck, type Radio } from './check'

const radio = { id: 'r', version: 0, name: 'Base', ratedPowerW: 25, swrCeiling: 2, note: '' } as Radio
const services = [
  { id: 'marine', frequencyTolerance: { value: 10, unit: 'PPM', source: 'a rule' } },
] as Schemas['ServiceView'][]
const read = (more: object) =>
  readCheck({ ...emptyCheck(), channel: '156.8', ...more }, radio, services, () => 'so: 100 to 250')

describe('a bench check as typed', () => {
  it('counts only what is typed as read', () => {
    const { body, wrong } = read({})
    expect(wrong).toEqual({})
    expect(body).toMatchObject({ channelHz: 156.8e6, ratedPowerW: 25, counterPpm: 0.5 })
    expect([body.forwardW, body.carrierHz, body.spuriousDbc, body.tolerance]).toEqual(
      Array(4).fill(undefined),
    )
  })

  it('takes the tolerance of a service with its source, or the typed one in ppm', () => {
    expect(read({ service: 'marine', tolerance: '3' }).body).toMatchObject({
      tolerance: 10,
      toleranceSource: 'a rule',
    })
    expect(read({ service: OWN, tolerance: '3' }).body).toMatchObject({ tolerance: 3, toleranceUnit: 'PPM' })
  })

  it.each(['100 to 250', '100-250', '100 - 250 MHz', '100 .. 250'])('reads a plug for %s', (plugBand) => {
    expect(read({ plugBand }).body).toMatchObject({ plugLowHz: 100e6, plugHighHz: 250e6 })
  })

  it('says what cannot be used, at its field', () => {
    expect(Object.keys(read({ plugBand: '250 to 100' }).wrong)).toEqual(['plugBand'])
    expect(Object.keys(read({ forward: '12' }).wrong)).toEqual(['plug'])
    expect(Object.keys(read({ forward: 'much', plug: '25' }).wrong)).toEqual(['forward'])
    expect(Object.keys(read({ channel: '' }).wrong)).toEqual(['channel'])
  })

  it('begins where the last check was, but for what was read', () => {
    const before = read({ service: 'marine', forward: '24', plug: '50', plugBand: '100 to 250' }).body
    expect(likeBefore(before, services)).toEqual({
      ...emptyCheck(),
      channel: '156.800',
      plug: '50',
      plugBand: '100 to 250',
      service: 'marine',
    })
  })

  it('takes over what the practice bench shows', () => {
    const shown = fromPractice(
      emptyCheck(),
      {
        forwardW: 24.5,
        reflectedW: 0,
        counterHz: 156_800_036,
        spuriousDbc: -66.4,
      } as Schemas['MeterReadingView'],
      'practice bench',
    )
    expect(shown).toMatchObject({
      forward: '24.5',
      reflected: '0',
      counter: '156.800036',
      spuriousDbc: '-66',
      note: 'practice bench',
    })
  })
})
