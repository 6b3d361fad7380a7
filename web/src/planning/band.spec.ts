import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { currentWords } from '@/words/words'
import { bandPegs, drawn, quarterWaveM } from './band'

const curve = { frequencyHz: [150e6, 155e6, 160e6], returnLossDb: [6, 60, 14] }

it('takes the quarter-wave in mid band', () => {
  expect(quarterWaveM(140e6, 160e6)).toBeCloseTo(0.49965, 5)
})

describe('the ends of a band', () => {
  it('are pegs as they were judged, and none before', () => {
    const end = (name: string, met: boolean, reading: object) =>
      ({ name, met, primary: false, limitSwr: 2, reading }) as Schemas['ChannelVerdictView']
    const [low, high] = bandPegs(
      [
        end('low', false, { frequencyHz: 150e6, swr: 3.01, returnLossDb: 6, outside: false }),
        end('high', false, { frequencyHz: 160e6, outside: true }),
      ],
      currentWords(),
    )
    expect(low).toEqual({
      name: 'low',
      frequencyHz: 150e6,
      met: false,
      outside: false,
      swr: 3.01,
      returnLossDb: 6,
    })
    expect(high).toEqual({ name: 'high', frequencyHz: 160e6, met: false, outside: true })
    expect(bandPegs(undefined, currentWords())).toEqual([])
  })
  it('are drawn no deeper than what can be built', () => {
    expect(drawn(curve).returnLossDb).toEqual([6, 30, 14])
  })
})
