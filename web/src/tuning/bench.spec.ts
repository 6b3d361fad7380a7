import { said } from '@/testing/said'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import type { LiveSweep } from '@/instrument/live'
import { freshDraft, type PassDraft } from './draft'
import { nextAction } from './nextAction'
import { pegsOf, tracesOf } from './picture'
import { liveSettingsOf, readDraft } from './readDraft'
import { isPermanent, isToBeFound, ownPasses, roadOf, usualStep } from './road'
import { Words } from '@/words/words'
import type { Installation, Pass } from './sentence'

const mm = new Words('en', 'mm')

const installation = {
  sweepStartHz: 136.5e6,
  sweepStopHz: 174.4e6,
  id: 'i1',
  visits: [{ id: 'v1', number: 1, purpose: 'FITTING' }],
  channels: [
    { name: 'Field', frequencyHz: 153e6 },
    { name: 'Base', frequencyHz: 157e6 },
  ],
  second: {
    name: 'the ring below the coil',
    shortName: 'ring',
    id: 'RING',
    outward: 'out',
    inward: 'in',
    isLength: false,
  },
} as unknown as Installation

interface Made {
  number: number
  action?: string
  met?: boolean
  [more: string]: unknown
}

const channel = (name: string, swr: number, met: boolean) => ({
  name,
  met,
  reading: { frequencyHz: 153e6, swr, returnLossDb: 20, outside: false },
})

function pass({ number, action, met = false, ...more }: Made): Pass {
  return {
    id: `p${number}`,
    number,
    visit: 1,
    changeM: number === 1 ? 0 : -0.006,
    secondChangeM: 0,
    source: 'SIMULATED_ANALYSER',
    circumstances: [],
    oldAntenna: false,
    finalSweep: false,
    proven: more.finalSweep ?? false,
    trace: { frequencyHz: [150e6, 160e6], returnLossDb: [5, 6] },
    analysis: { dips: [{ frequencyHz: 151.2e6, atEdge: false }] },
    verdict: { met, channels: [channel('Field', 1.4, met)] },
    progress: more.oldAntenna ? 'PLANNED' : !met ? 'TUNING' : more.finalSweep ? 'READY' : 'MET',
    ...(action ? { advice: { action, onSecond: false, amountM: 0.006, causes: [] } } : {}),
    ...more,
  } as unknown as Pass
}

describe('the road of an installation', () => {
  const states = (passes: Pass[], i = installation) => roadOf(i, passes, mm).map((s) => `${s.key} ${s.state}`)

  it('stands at the baseline until the antenna that stays was swept', () => {
    const old = pass({ number: 1, oldAntenna: true })
    expect(ownPasses([old])).toEqual([])
    expect(usualStep(installation, [old])).toBe('baseline')
    expect(states([old])).toContain('baseline now')
    expect(states([old])).toContain('tune ahead')
  })

  it('goes by the antenna that stays, however late the old one was read', () => {
    const met = [pass({ number: 1 }), pass({ number: 2, met: true, finalSweep: true })]
    expect(states([...met, pass({ number: 3, oldAntenna: true })])).toEqual(states(met))
  })

  it('asks for permanence once the rule is met, then for the sign-off', () => {
    const met = [pass({ number: 1 }), pass({ number: 2, met: true })]
    expect(states(met)).toContain('permanent now')
    expect(states(met)).toContain('sign-off ahead')
    const tight = [...met, pass({ number: 3, met: true, finalSweep: true })]
    expect(isPermanent(tight, installation)).toBe(true)
    expect(states(tight)).toContain('permanent done')
    expect(states(tight)).toContain('sign-off now')
    expect(roadOf(installation, tight, mm).find((s) => s.key === 'tune')?.detail).toBe(
      joined('pass 3, dip 151.20 MHz'),
    )
    const closed = { ...installation, signOff: { by: 'Ines', passNumber: 3 } } as Installation
    expect(usualStep(closed, tight)).toBe('share')
    expect(states(tight, closed)).toContain('share done')
  })
})

describe('a new visit', () => {
  const again = {
    ...installation,
    visits: [...installation.visits, { id: 'v2', number: 2, purpose: 'RECHECK' }],
  } as Installation
  const before = [pass({ number: 1 }), pass({ number: 2, met: true, finalSweep: true, action: 'STOP' })]
  const states = (passes: Pass[]) => roadOf(again, passes, mm).map((s) => `${s.key} ${s.state}`)

  it('begins with a sweep as found: what was tight then is not proved now', () => {
    expect(isToBeFound(again, before)).toBe(true)
    expect(isToBeFound(installation, before)).toBe(false)
    expect(isToBeFound(again, [])).toBe(false)
    expect(isToBeFound({ ...again, signOff: { by: 'Inés' } } as Installation, before)).toBe(false)
    expect(isPermanent(before, again)).toBe(false)
    expect(states(before)).toContain('tune now')
    expect(states(before)).toContain('permanent ahead')
    expect(nextAction(before[1], again, mm, false, false, true)).toEqual({
      word: 'Sweep it as found',
      does: 'record',
    })
  })

  it('goes on as any once it was read', () => {
    const found = [...before, pass({ number: 3, visit: 2, met: true, finalSweep: true, action: 'STOP' })]
    expect(isToBeFound(again, found)).toBe(false)
    expect(isPermanent(found, again)).toBe(true)
    expect(states(found)).toContain('sign-off now')
  })
})

describe('a recheck', () => {
  const again = {
    ...installation,
    visits: [...installation.visits, { id: 'v2', number: 2, purpose: 'RECHECK' }],
  } as Installation
  const found = { number: 3, visit: 2, met: true, action: 'STOP', changeM: 0, secondChangeM: 0 }
  const before = [pass({ number: 1 }), pass({ number: 2, met: true, finalSweep: true, action: 'STOP' })]

  it('needs no last sweep where nothing was loosened', () => {
    const passes = [...before, pass({ ...found, proven: true })]
    expect(isPermanent(passes, again)).toBe(true)
    expect(roadOf(again, passes, mm).find((s) => s.key === 'permanent')?.detail).toBe('nothing loosened')
    expect(isPermanent([...passes, pass({ ...found, number: 4, changeM: -0.002 })], again)).toBe(false)
  })

  it('leads on by what it found', () => {
    const button = (finding: 'UNCHANGED' | 'WATCH' | 'CHANGED' | 'SUSPICIOUSLY_BETTER') =>
      nextAction(pass(found), again, mm, false, true, false, finding).does
    expect(button('UNCHANGED')).toBe('sign-off')
    expect(button('WATCH')).toBe('sign-off')
    expect(button('CHANGED')).toBe('looked')
    expect(button('SUSPICIOUSLY_BETTER')).toBe('looked')
    // With a door open it says nothing that could be signed.
    const spoilt = pass({ ...found, action: 'MEASURE_AGAIN' })
    expect(nextAction(spoilt, again, mm, false, true, false, 'UNCHANGED').does).toBe('in-place')
  })
})

describe('the big button', () => {
  const after = (more: Omit<Made, 'number'>, isTight = false) =>
    nextAction(pass({ number: 2, ...more }), installation, mm, false, isTight)

  it('says what was advised, of the piece that it was advised for', () => {
    expect(after({ action: 'SHORTEN' })).toEqual({
      word: joined('I shortened it by 6 mm'),
      does: 'as-advised',
    })
    const advice = { action: 'LENGTHEN', onSecond: true, amountM: 0.012, causes: [] }
    expect(after({ advice }).word).toBe(joined('I moved the ring by 12 mm'))
    const wire = {
      id: 'WIRE_ABOVE_THE_STUB',
      name: 'the wire above the decoupling stub',
      shortName: 'wire',
      outward: 'longer',
      inward: 'shorter',
      isLength: true,
    }
    const ribbon = { ...installation, second: wire } as Installation
    expect(nextAction(pass({ number: 2, advice }), ribbon, mm, false, false).word).toBe(
      joined('I lengthened the wire by 12 mm'),
    )
  })

  it('goes on to permanence and sign-off, but first off the ground', () => {
    expect(after({ action: 'STOP' }).does).toBe('permanent')
    expect(after({ action: 'STOP' }, true).does).toBe('sign-off')
    expect(after({ action: 'STOP', circumstances: [{ name: 'ON_THE_GROUND' }] }).does).toBe('in-place')
    expect(after({ action: 'MEASURE_AGAIN' }).does).toBe('in-place')
  })

  it('after causes it asks for another look, and before anything for the baseline', () => {
    const advice = { action: 'FIND_THE_FAULT', causes: [{ name: 'paint' }] }
    expect(after({ advice }).word).toContain('I looked')
    expect(after({ action: 'REPLACE_LONGER' }).word).toContain('I changed something')
    expect(nextAction(undefined, installation, mm, true, false).word).toContain('baseline')
  })
})

describe('the picture', () => {
  const live = {
    startHz: 150e6,
    stopHz: 160e6,
    re: [0.5, 0.1],
    im: [0, 0],
    verdict: { met: false, sentence: '', channels: [channel('Field', 2.4, false)] },
  } as unknown as LiveSweep

  it('shows what is watched before anything was recorded', () => {
    expect(tracesOf(installation, [], undefined, live, mm).map((t) => t.kind)).toEqual(['now'])
    expect(tracesOf(installation, [], undefined, undefined, mm)).toEqual([])
  })

  it('lays what is watched over the passes, and shows no expectation meanwhile', () => {
    const advice = { action: 'SHORTEN', amountM: 0.004, expected: { frequencyHz: [], returnLossDb: [] } }
    const passes = [pass({ number: 1 }), pass({ number: 2, advice })]
    expect(tracesOf(installation, passes, passes[1], undefined, mm).map((t) => t.label)).toEqual([
      'baseline',
      joined('expected, −4 mm'),
      'now',
    ])
    expect(tracesOf(installation, passes, passes[1], live, mm).map((t) => t.label)).toEqual([
      'live',
      'baseline',
      '−6 mm',
    ])
    const ring = { ...advice, onSecond: true, action: 'LENGTHEN' }
    const byRing = pass({ number: 2, advice: ring })
    expect(tracesOf(installation, [byRing], byRing, undefined, mm)[0]?.label).toBe(
      joined('expected, ring +4 mm'),
    )
    // Stepping back: no expectation, and what came later is not there.
    expect(tracesOf(installation, passes, passes[0], undefined, mm).map((t) => t.label)).toEqual(['baseline'])
  })

  it('draws no curve that nobody swept: readings with their doubt, and a band of what explains them', () => {
    const spots = (number: number) =>
      ({
        ...pass({ number }),
        trace: undefined,
        analysis: undefined,
        estimate: {
          resonanceHz: 150e6,
          deviationHz: 2e6,
          belowShare: 0.9,
          aboveShare: 0,
          band: { frequencyHz: [148e6, 160e6], leastReturnLossDb: [6, 4], mostReturnLossDb: [14, 9] },
        },
        verdict: {
          met: false,
          channels: [
            {
              name: 'Field',
              met: false,
              reading: {
                frequencyHz: 153e6,
                swr: 2,
                returnLossDb: 9.5,
                lowSwr: 1.8,
                highSwr: 2.2,
                outside: false,
              },
            },
          ],
        },
      }) as unknown as Pass
    const passes = [spots(1), spots(2)]
    const traces = tracesOf(installation, passes, passes[1], undefined, mm)
    expect(traces.map((t) => t.kind)).toEqual(['earlier', 'guess'])
    for (const t of traces) {
      expect(t.curve.frequencyHz).toEqual([])
      expect(t.points?.[0]?.db).toBe(9.5)
      expect(t.points?.[0]?.lowDb).toBeCloseTo(8.5, 1)
      expect(t.points?.[0]?.highDb).toBeCloseTo(10.9, 1)
    }
    // What explains an earlier pass is no longer of interest.
    expect(traces.map((t) => t.band !== undefined)).toEqual([false, true])
  })

  it("takes the pegs' verdicts from the server, of what is watched first", () => {
    const now = pass({ number: 1, met: true })
    expect(pegsOf(now, undefined)).toMatchObject([{ name: 'Field', swr: 1.4, met: true }])
    expect(pegsOf(now, live)).toMatchObject([{ name: 'Field', swr: 2.4, met: false }])
    expect(pegsOf(undefined, undefined)).toEqual([])
  })
})

describe('what the form says', () => {
  const draft = (more: Partial<PassDraft> = {}): PassDraft => ({
    ...freshDraft({ ...installation, smallestStepM: 0.001 }, undefined, 'mm', false, true),
    ...more,
  })
  const read = (more: Partial<PassDraft>, isBaseline = false) =>
    readDraft(draft(more), installation, isBaseline, undefined, 'mm')

  it('is of the piece that was changed, with the sign of the side', () => {
    const ring = read({ piece: 'second', change: 'shortened', amount: '1/2 in' })
    expect(ring.pass?.recording).toMatchObject({ changeM: 0, secondChangeM: -0.0127 })
    expect(read({ change: 'lengthened', amount: '6 mm' }).pass?.recording.changeM).toBeCloseTo(0.006, 9)
    // The first sweep comes before any change.
    expect(read({ change: 'shortened', amount: '6 mm' }, true).pass?.recording.changeM).toBe(0)
  })

  it('says which pieces were changed, and that somebody has looked', () => {
    const radials = {
      ...installation,
      pieces: { one: said('radiator alone'), all: said('radiator and radials alike'), usual: 'THIS' },
    } as Installation
    const typed = draft({ change: 'shortened', amount: '2 × 3 mm', pieces: 'ALIKE', lookedOver: true })
    const recording = readDraft(typed, radials, false, undefined, 'mm').pass?.recording
    expect(recording).toMatchObject({ pieces: 'ALIKE', lookedOver: true })
    expect(recording?.changeM).toBeCloseTo(-0.006, 9)
    // Where there is but one piece nobody is asked.
    expect(readDraft(typed, installation, false, undefined, 'mm').pass?.recording.pieces).toBeUndefined()
  })

  it('names what cannot be used', () => {
    expect(read({ change: 'shortened', amount: '-6 mm' }).wrong.changeM).toContain('without a sign')
    expect(read({ points: '1' }).wrong.points).toContain('2 points or more')
    expect(read({ startMhz: '170', stopMhz: '160' }).wrong.stopHz).toContain('above its start')
    expect(read({ source: 'file' })).toMatchObject({
      pass: undefined,
      wrong: { file: 'Please choose a file.' },
    })
  })

  it('can be watched only where an analyser sweeps a span that is clear, and by the rule of its installation', () => {
    expect(liveSettingsOf(draft({ source: 'analyser' }), installation)).toMatchObject({
      instrument: 'stand-in',
      installationId: 'i1',
    })
    expect(liveSettingsOf(draft(), installation)).toBeUndefined()
    expect(liveSettingsOf(draft({ source: 'analyser', stopMhz: 'x' }), installation)).toBeUndefined()
    const swept = { ...draft().swept, rests: 'c7' }
    expect(liveSettingsOf(draft({ source: 'analyser', swept }), installation)?.calibrationId).toBe('c7')
  })
})
