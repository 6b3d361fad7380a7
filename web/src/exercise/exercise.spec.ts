import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import PieceForm from './PieceForm.vue'
import { needlesOf, piecesWords, tracesOf } from './exercise'
import type { Exercise } from './queries'
import { Words } from '@/words/words'

const phrase = (id: string) => ({ id, params: {}, text: '' })
const length = { oneWay: true, startM: 1.07, lengthM: 1.064, unreadChangeM: 0 }
const tap = { oneWay: false, startM: 0.08, lengthM: 0.084, unreadChangeM: 0 }
const PIECES: Exercise['pieces'] = [
  { name: phrase('control.LONG_TUBE_ABOVE_THE_STUB'), ...length },
  { name: phrase('control.TAP'), moves: 'TAP', ...tap },
]

describe('pieces', () => {
  const words = new Words('en', 'mm')
  it('are told with where they began, or where they do best', () => {
    expect(piecesWords('PIECE_AT', PIECES, [1.039, 0.052], words)).toMatch(
      /^the long tube above the stub at 1039\u00a0mm.* and the tap at 52\u00a0mm/,
    )
    expect(
      piecesWords('PIECE_AT_THE_START', [PIECES[1] as Exercise['pieces'][number]], [0.08], words),
    ).toMatch(/^the tap, 80\u00a0mm.* at the start$/)
  })

  it('that a clamp holds are moved in and out, what is cut is shortened alone', async () => {
    const changed: number[] = []
    const form = (piece: unknown) =>
      mount(PieceForm, {
        props: {
          piece: piece as Exercise['pieces'][number],
          busy: false,
          change: (m: number) => Promise.resolve(changed.push(m) > 0),
        },
        global: { plugins: [createPinia()] },
      })
    const cut = form(PIECES[0])
    expect(cut.findAll('button').map((b) => b.text())).toEqual(['Shorten'])
    expect(cut.text()).toContain('what is off is off')
    const moved = form(PIECES[1])
    expect(moved.findAll('button').map((b) => b.text())).toEqual([
      'Move it down, toward the closed end',
      'Move it up, away from the closed end',
    ])
    await moved.find('input').setValue('4')
    await moved.findAll('button')[1]?.trigger('click')
    await flushPromises()
    expect(changed).toEqual([0.004])
    expect(moved.find('input').element.value).toBe('')
  })
})

describe('readings by needle', () => {
  it('are rows, the newest first, and draw no curve', () => {
    const channels = [{ name: 'main', frequencyHz: 155e6, swr: 2.2, returnLossDb: 8.5, met: false }]
    const exercise = {
      readings: [
        { number: 1, changesM: [0, 0], channels },
        { number: 2, changesM: [-0.006, 0.004], channels: [{ ...channels[0], swr: 1.4, met: true }] },
        { number: 3, changesM: [0, 0], channels },
      ],
      pieces: PIECES,
    } as Exercise
    const words = new Words('en', 'mm')
    expect(needlesOf(exercise, words).map((r) => [r.number, r.before, r.channels[0]?.swr])).toEqual([
      [3, 'no change', 2.2],
      [2, '−6 mm, tap +4 mm', 1.4],
      [1, 'baseline', 2.2],
    ])
    expect(tracesOf(exercise, words)).toEqual([])
  })
})

describe('readings in the picture', () => {
  it('are the newest, and those before it by what was changed', () => {
    const reading = (number: number, changeM: number) => ({
      number,
      changesM: [changeM],
      trace: { frequencyHz: [1e6, 2e6], re: [0.5, 0], im: [0, 0.1], hasPhase: true },
    })
    const traces = tracesOf(
      {
        readings: [reading(1, 0), reading(2, -0.006), reading(3, 0), reading(4, -0.002)],
        pieces: [PIECES[0]],
      } as Exercise,
      new Words('en', 'mm'),
    )
    expect(traces.map((t) => [t.kind, t.label])).toEqual([
      ['earlier', 'baseline'],
      ['earlier', '−6 mm'],
      ['earlier', 'no change'],
      ['now', 'now'],
    ])
    expect(traces[0]?.curve.returnLossDb[0]).toBeCloseTo(6.02, 2)
    expect(traces[0]?.curve.returnLossDb[1]).toBeCloseTo(20, 2)
  })
})
