import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { freshDraft } from './draft'
import { answersOf } from './ready'
import type { Installation } from './sentence'

const channels = { channels: [{ frequencyHz: 153e6 }, { frequencyHz: 159e6 }] } as Installation

describe('what is known before anybody answers', () => {
  it('gives way to what a person answers, and only what is asked is answered', () => {
    const steps: Schemas['ReadyStepView'][] = [
      { step: 'CALIBRATED_THERE', weight: 'DOUBTS', known: 'YES' },
      { step: 'OUTDOORS', weight: 'DOUBTS' },
    ]
    expect(answersOf(steps, {})).toEqual({ CALIBRATED_THERE: 'YES' })
    expect(answersOf(steps, { CALIBRATED_THERE: 'NO', DOORS_SHUT: 'NO' })).toEqual({
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
