import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import { Words } from '@/words/words'
import { nextAction } from './nextAction'
import {
  adviceName,
  changeWords,
  dipWords,
  passName,
  sentence,
  type Advice,
  type Installation,
  type Pass,
} from './sentence'

const mm = new Words('en', 'mm')
const reason = (id: string, params = {}) => ({ id: `reason.${id}`, params, text: '' })

const installation = {
  antennaKind: 'QUARTER_WAVE_WHIP',
  smallestStepM: 0.001,
  oneWay: true,
  antennaPiece: { id: 'adjusted.WHIP', params: {}, text: 'the whip' },
  carrier: 'VEHICLE',
  swrCeiling: 2,
} as Installation

const advice: Advice = {
  action: 'SHORTEN',
  onSecond: false,
  fit: 'TOO_LONG',
  amountM: 0.006,
  needLowM: 0.007,
  needHighM: 0.011,
  dipHz: 150e6,
  dipDoubtHz: 0,
  hypotheses: [],
  learnt: false,
  expectedReadings: [{ frequencyHz: 153e6, swr: 1.4, outside: false }],
  overshootChance: 0.001,
  causes: [],
  reasons: [reason('MATCH_FIRST')],
}

function pass(change: Partial<Advice>, transmit = { allowed: true, powerW: 25, reduced: false }): Pass {
  return {
    analysis: { dips: [] },
    circumstances: [],
    finalSweep: false,
    advice: { ...advice, ...change },
    transmit,
    verdict: {
      met: false,
      ruleWords: '',
      sentence: '',
      worstSwr: 3.4,
      channels: [
        {
          name: 'Field',
          primary: true,
          limitSwr: 2,
          met: true,
          reading: { frequencyHz: 153e6, swr: 2, outside: false },
        },
      ],
    },
  } as unknown as Pass
}

const text = (p: Pass, i = installation, unit: 'mm' | 'inch' = 'mm') => {
  const s = sentence(p, i, new Words('en', unit))
  return s.before + s.amount + s.after
}

const tap = {
  id: 'TAP' as const,
  name: 'the tap',
  shortName: 'tap',
  outward: 'up, away from the closed end',
  inward: 'down, toward the closed end',
  isLength: false,
}
const met = (p: Pass): Pass => ({ ...p, verdict: { ...p.verdict, met: true } })

const wire = {
  id: 'WIRE_ABOVE_THE_STUB' as const,
  name: 'the wire above the decoupling stub',
  shortName: 'wire',
  outward: 'longer',
  inward: 'shorter',
  isLength: true,
}

describe('a second piece', () => {
  it('is moved in the words of its kind', () => {
    const p = pass({ onSecond: true, action: 'LENGTHEN' })
    expect(text(p, { ...installation, second: tap })).toBe(
      joined('Move the tap 6 mm up, away from the closed end.'),
    )
    expect(text(pass({ onSecond: true }), { ...installation, second: wire })).toBe(
      joined('Too long. Shorten the wire above the decoupling stub 6 mm.'),
    )
  })

  it('names its passes', () => {
    const named = (change: Partial<Pass>) =>
      passName(
        { number: 2, changeM: 0, secondChangeM: 0, ...change } as Pass,
        { ...installation, second: tap },
        mm,
        change.number === 1,
      )
    expect(named({ secondChangeM: 0.006 })).toBe('tap +6 mm')
    expect(named({ changeM: -0.012, secondChangeM: 0.006 })).toBe('−12 mm, tap +6 mm')
    expect(named({ finalSweep: true })).toBe('final sweep')
    expect(named({ oldAntenna: true })).toBe('old antenna')
    expect(named({ number: 1 })).toBe('baseline')
    expect(named({})).toBe('no change')
  })
})

describe('stages', () => {
  it('good enough is said with what comes next', () => {
    const stop = met(pass({ action: 'STOP' }))
    expect(text(stop)).toContain('Make it permanent, then one last sweep')
    expect(text({ ...stop, analysis: undefined } as unknown as Pass)).toContain('then one last reading')
    expect(text({ ...stop, finalSweep: true })).toContain('Sign off')
    expect(text({ ...stop, circumstances: [{ name: 'ON_THE_GROUND', words: '' }] })).toContain(
      'Put it in its place',
    )
  })

  it('what is centred and hardly above its limit is not called good enough', () => {
    const hair = pass({ action: 'STOP' })
    expect(text(hair)).toContain('Above its limit by less than the instrument can resolve: leave it')
    expect(text({ ...hair, finalSweep: true })).toContain('by judgement')
  })

  it('a spoilt reading asks for another', () => {
    const spoilt = pass({
      action: 'MEASURE_AGAIN',
      amountM: 0,
      dipHz: undefined,
      reasons: [
        reason('MEASURED_WHILE', {
          circumstance: { id: 'circumstance.DOOR_OPEN', params: {} },
          remedy: { id: 'remedy.DOOR_OPEN', params: {} },
        }),
      ],
    })
    expect(text(spoilt)).toBe('Change nothing yet. Measure again.')
    expect(sentence(spoilt, installation, mm).more[0]).toContain('shut all doors')
  })
})

describe('the one sentence', () => {
  it('a one-way cut says the step, and the whole need apart', () => {
    expect(text(pass({}))).toBe(joined('Too long. Shorten the whip 6 mm.'))
    expect(sentence(pass({}), installation, mm).more).toEqual([
      joined('The whole job needs 7 to 11 mm; cut only this, then sweep again.'),
      'Expect 1.40 on Field.',
    ])
  })

  it('a slide goes straight to the estimate, with its doubt', () => {
    const slide = { ...installation, oneWay: false }
    expect(text(pass({}), slide)).toBe(joined('Too long. Shorten the whip 6 mm (7 to 11 mm).'))
    expect(text(pass({ action: 'LENGTHEN', fit: 'TOO_SHORT' }), slide, 'inch')).toContain(
      joined('Lengthen the whip 1/4 in'),
    )
  })

  it('too short for the saw asks for a longer piece', () => {
    expect(text(pass({ action: 'REPLACE_LONGER', fit: 'TOO_SHORT' }))).toContain('Fit a longer piece')
  })

  it('a cut that leaves little to spare is measured twice', () => {
    const twice = pass({
      action: 'MEASURE_AGAIN',

      reasons: [reason('HALF_OF_IT_BACK'), reason('MATCH_FIRST')],
    })
    expect(text(twice)).toBe('Too long. Before this cut, sweep once more.')
    expect(sentence(twice, installation, mm).more).toEqual([
      mm.sentence(reason('HALF_OF_IT_BACK')),
      joined('If that is not possible: 6 mm, and no more.'),
    ])
    expect(adviceName(twice.advice as Advice, installation, mm)).toBe('−6 mm')
    expect(sentence(twice, installation, mm).why).toEqual([mm.sentence(reason('MATCH_FIRST'))])
  })

  it('a dip beyond the sweep asks for a wider one and offers a cautious step', () => {
    const wider = pass({
      action: 'SWEEP_WIDER',
      dipHz: undefined,
      widerSweep: { startHz: 130e6, stopHz: 180e6 },
    })
    expect(text(wider)).toBe(joined('Too long. Sweep wider: 130.0 to 180.0 MHz.'))
    expect(sentence(wider, installation, mm).more[0]).toContain(joined('one cautious step of 6 mm'))
  })

  it('names what competes, with odds that are never none and never all', () => {
    const open = pass({
      action: 'MEASURE_AGAIN',
      amountM: 0,
      reasons: [reason('NO_EXPLANATION')],
      hypotheses: [
        { id: 'too-long', words: 'too long', probability: 0.994 },
        { id: 'too-short', words: 'too short', probability: 0.004 },
      ],
    })
    expect(sentence(open, installation, mm).more).toEqual([mm.sentence(reason('NO_EXPLANATION'))])
    expect(sentence(open, installation, mm).why).toEqual([
      joined('What may be: too long (more than 99 %), too short (less than 1 %).'),
    ])
  })

  it('a band that nobody has read is read before anything is changed', () => {
    const unread = pass({
      action: 'READ_THE_OTHER_BAND',
      amountM: 0,
      reasons: [reason('BAND_UNREAD', { roughHz: 439.7e6 })],
    })
    expect(text(unread)).toBe('Read the other band before anything else.')
    expect(nextAction(unread, installation, mm, false, false).word).toBe('Read the other band')
  })

  it('a dip that is only estimated has no more digits than its doubt leaves', () => {
    const estimate = { resonanceHz: 142.27e6, deviationHz: 1.3e6, belowShare: 1, aboveShare: 0 }
    expect(dipWords({ ...pass({}), estimate } as unknown as Pass, mm)).toBe(
      joined('about 142 MHz, give or take 1'),
    )
    const sharp = { ...estimate, resonanceHz: 27.168e6, deviationHz: 0.04e6 }
    const open = { ...estimate, belowShare: 0.45, aboveShare: 0.45 }
    expect(dipWords({ ...pass({}), estimate: open } as unknown as Pass, mm)).toBe('on either side')
    expect(dipWords({ ...pass({}), estimate: sharp } as unknown as Pass, mm)).toBe(
      joined('about 27.17 MHz, give or take 0.04'),
    )
  })

  it('a fault is never cut away', () => {
    expect(text(pass({ action: 'FIND_THE_FAULT', amountM: 0, fit: 'UNKNOWN' }))).toBe(
      'Do not cut. Find the fault first.',
    )
    expect(text(met(pass({ action: 'STOP' })))).toContain('Good enough')
  })
})

describe('another language', () => {
  it('puts the number where it belongs, and says piece and way', () => {
    const words = new Words('es', 'inch')
    expect(sentence(pass({}), installation, words)).toMatchObject({
      before: 'Demasiado larga. Acorte el látigo ',
      amount: joined('1/4 in'),
      after: '.',
    })
    const moved = pass({ onSecond: true, action: 'LENGTHEN' })
    expect(sentence(moved, { ...installation, second: tap }, words).after).toContain('hacia arriba')
    expect(nextAction(moved, { ...installation, second: tap }, words, false, false).word).toBe(
      joined('Moví: toma, 1/4 in'),
    )
  })
})

describe('a change in words', () => {
  it('has a sign', () => {
    expect(changeWords(-0.012, mm)).toBe('−12 mm')
    expect(changeWords(0.00635, new Words('en', 'inch'))).toBe('+1/4 in')
    expect(changeWords(0, mm)).toBe('no change')
  })
})
