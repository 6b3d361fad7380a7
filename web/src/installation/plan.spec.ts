import { describe, expect, it } from 'vitest'
import { merge } from './merge'
import en from '@words/en.json'
import { Words } from '@/words/words'
import { channelForm, emptyForm, formOf, planFieldKey, planWords, readPlan } from './planForm'

const mm = new Words('en', 'mm')

describe('the plan form', () => {
  const filled = () => ({
    ...emptyForm('mm'),
    title: 'Tractor 7',
    startLength: '1 ft 7',
    ratedPower: '25 W',
    channels: [channelForm('Field', '153.05', true), channelForm('', '', false)],
  })

  it('turns what was typed into SI', () => {
    const { plan, wrong } = readPlan(filled(), 'mm')
    expect(wrong).toEqual({})
    expect(plan.startLengthM).toBeCloseTo(0.4826, 9)
    expect(plan.ratedPowerW).toBe(25)
    expect(plan.channels).toEqual([
      { name: 'Field', frequencyHz: 153_050_000, primary: true, use: 'BOTH', weight: 1, radio: '' },
    ])
  })

  it('takes a range in any unit, and a longest only of what slides', () => {
    const typed = { ...filled(), shortestLength: '17 1/2 in', longestLength: '50 cm' }
    expect(readPlan(typed, 'mm').plan.shortestLengthM).toBeCloseTo(0.4445, 9)
    expect(readPlan(typed, 'mm').plan.longestLengthM).toBeUndefined()
    const slides = readPlan({ ...typed, adjust: 'slide' }, 'mm').plan
    expect(slides.longestLengthM).toBeCloseTo(0.5, 9)
    expect(formOf(slides, 'inch').shortestLength).toBe('17 1/2 in')
    expect(planWords(slides, 'longestLengthM', mm)).toBe('500 mm')
    expect(planWords({ ...slides, shortestLengthM: undefined }, 'shortestLengthM', mm)).toBe('not known')
    expect(readPlan({ ...typed, shortestLength: 'short' }, 'mm').wrong).toHaveProperty('shortestLengthM')
  })

  it('shows a saved plan so that it reads back unchanged', () => {
    const { plan } = readPlan(filled(), 'mm')
    const again = readPlan(formOf(plan, 'mm'), 'mm').plan
    expect(again.channels).toEqual(plan.channels)
    expect(again.smallestStepM).toBeCloseTo(plan.smallestStepM, 9)
    expect(again.limitSwr).toBe(plan.limitSwr)
  })

  it('names every field that cannot be used', () => {
    const { wrong } = readPlan(
      { ...filled(), title: ' ', swrCeiling: 'two', channels: [channelForm('', '9999', true)] },
      'mm',
    )
    expect(Object.keys(wrong).sort()).toEqual([
      'channels[0].frequencyHz',
      'channels[0].name',
      'swrCeiling',
      'title',
    ])
  })

  it('a part of it can be said in words', () => {
    const { plan } = readPlan(filled(), 'mm')
    expect(planWords(plan, 'channels', mm)).toBe('Field 153.050')
    expect(planWords(plan, 'startLengthM', new Words('en', 'inch'))).toBe('19 in')
    expect(planWords({ ...plan, startLengthM: undefined }, 'startLengthM', mm)).toBe('not measured')
    expect(planWords(plan, 'oneWay', mm)).toBe('cut, one way')
    expect(planWords(plan, 'ruleName', mm)).toBe('Under a limit on every channel')
    expect(planWords(plan, 'ruleName', new Words('es', 'mm'))).not.toContain('limit ')
    expect(planWords(plan, 'ratedPowerW', mm)).toBe('25')
  })

  it('other radios are read, and a channel of a radio that is gone goes back to the first', () => {
    const radio = { name: 'Relay', ratedPower: '5 W', swrCeiling: '3' }
    const channel = { ...channelForm('Deck', '157', true, 'RECEIVE'), weight: '2', radio: 'Relay' }
    const { plan } = readPlan({ ...filled(), channels: [channel], otherRadios: [radio] }, 'mm')
    expect(plan.otherRadios).toEqual([{ name: 'Relay', ratedPowerW: 5, swrCeiling: 3 }])
    expect(plan.channels[0]).toMatchObject({ use: 'RECEIVE', weight: 2, radio: 'Relay' })
    expect(formOf(plan, 'mm')).toMatchObject({
      channels: [{ weight: '2' }],
      otherRadios: [{ name: 'Relay', ratedPower: '5' }],
    })
    expect(readPlan({ ...filled(), channels: [channel] }, 'mm').plan.channels[0]?.radio).toBe('')
    const odd = readPlan({ ...filled(), otherRadios: [{ ...radio, name: ' ', swrCeiling: '?' }] }, 'mm')
    expect(Object.keys(odd.wrong)).toEqual(['otherRadios[0].name', 'otherRadios[0].swrCeiling'])
  })

  it('even ends has its own limit', () => {
    const { plan, wrong } = readPlan({ ...filled(), ruleName: 'EVEN_ENDS', limit: 'whatever' }, 'mm', false)
    expect(wrong).toEqual({})
    expect(plan.limitSwr).toBe(2)
  })
})

describe('two people changing the same plan', () => {
  const base = { title: 'A', limit: 2, channels: [1, 2] }

  it('takes over what only one of them changed', () => {
    const result = merge(base, { ...base, limit: 1.7 }, { ...base, title: 'B' })
    expect(result).toEqual({ merged: { title: 'B', limit: 1.7, channels: [1, 2] }, collisions: [] })
  })

  it('asks where both changed the same, and not where they agree', () => {
    const result = merge(
      base,
      { title: 'X', limit: 3, channels: [1] },
      { title: 'Y', limit: 3, channels: [1, 2] },
    )
    expect(result.collisions).toEqual(['title'])
    expect(result.merged).toEqual({ title: 'X', limit: 3, channels: [1] })
  })
})

describe('the parts of a plan', () => {
  it('each have words in the catalogue', () => {
    const names = Object.keys(en.planField)
    expect(planFieldKey('startLengthM')).toBe('planField.START_LENGTH_M')
    const plan = readPlan({ ...emptyForm('mm'), feedlineType: 'rg-58', radioId: 'x' }, 'mm').plan
    const fields = Object.keys(plan) as (keyof typeof plan)[]
    expect(fields.length).toBeGreaterThan(18)
    expect(fields.filter((f) => !names.includes(planFieldKey(f).replace('planField.', '')))).toEqual([])
  })
})
