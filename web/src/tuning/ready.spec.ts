import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { freshDraft } from './draft'
import { answersOf, covering, isFresh, type Step } from './ready'
import type { Installation } from './sentence'

const calibration = (startHz: number, stopHz: number, madeAt: string) =>
  ({ name: madeAt, startHz, stopHz, madeAt }) as Schemas['CalibrationView']
const channels = { channels: [{ frequencyHz: 153e6 }, { frequencyHz: 159e6 }] } as Installation

describe('what is known before anybody answers', () => {
  it('is the newest calibration that covers all channels', () => {
    const all = [
      calibration(150e6, 155e6, '2026-11-03'),
      calibration(140e6, 170e6, '2026-10-01'),
      calibration(100e6, 200e6, '2026-11-01'),
    ]
    expect(covering(all, channels)?.name).toBe('2026-11-01')
    expect(covering(all.slice(0, 1), channels)).toBeUndefined()
  })

  it('is known of what is fresh and not of what is old', () => {
    const now = Date.parse('2026-11-28T12:00:00Z')
    expect(isFresh('2026-11-28T08:00:00Z', 1, now)).toBe(true)
    expect(isFresh('2026-11-26T08:00:00Z', 1, now)).toBe(false)
    expect(isFresh(undefined, 1, now)).toBe(false)
  })

  it('gives way to what a person answers, and only what is asked is answered', () => {
    const steps: { step: Step }[] = [{ step: 'CALIBRATED_THERE' }, { step: 'OUTDOORS' }]
    const known = { CALIBRATED_THERE: 'YES', DUMMY_LOAD_FIRST: 'YES' } as const
    expect(answersOf(steps, {}, known)).toEqual({ CALIBRATED_THERE: 'YES' })
    expect(answersOf(steps, { CALIBRATED_THERE: 'NO', DOORS_SHUT: 'NO' }, known)).toEqual({
      CALIBRATED_THERE: 'NO',
    })
  })
})

describe('a fresh entry', () => {
  const installation = (ready?: object) =>
    ({
      ...channels,
      sweepStartHz: 140e6,
      sweepStopHz: 170e6,
      circumstances: ['INDOORS', 'DOOR_OPEN', 'ON_THE_GROUND'],
      visits: [{ ready }],
    }) as unknown as Installation
  const onTheGround = { circumstances: [{ name: 'ON_THE_GROUND' }] } as Schemas['PassView']

  it('has the circumstances that were answered, but for those that are known by themselves', () => {
    const ready = { circumstances: ['DOOR_OPEN', 'NOT_CALIBRATED'] }
    expect(freshDraft(installation(ready), undefined, 'mm', false).circumstances).toEqual(['DOOR_OPEN'])
    // What was answered holds, not what the pass before had.
    expect(freshDraft(installation(ready), onTheGround, 'mm', false).circumstances).toEqual(['DOOR_OPEN'])
  })

  it('goes on on the ground where nobody answered', () => {
    expect(freshDraft(installation(), onTheGround, 'mm', false).circumstances).toEqual(['ON_THE_GROUND'])
  })
})
