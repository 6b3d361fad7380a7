import type { Peg, PlotTrace } from '@/plots/sweep/trace'
import { changeWords } from '@/tuning/sentence'
import { returnLossOfMagnitude } from '@/units/swr'
import type { Words } from '@/words/words'
import type { Exercise } from './queries'

type Reading = Exercise['readings'][number]

const curve = ({ trace }: Reading) => ({
  frequencyHz: trace.frequencyHz,
  returnLossDb: trace.re.map((re, i) => returnLossOfMagnitude(Math.hypot(re, trace.im[i] ?? 0))),
})

/** The newest reading, with those before it fading behind under what was changed after them. */
export function tracesOf(exercise: Exercise, words: Words): PlotTrace[] {
  const last = exercise.readings.length - 1
  return exercise.readings.map((r, i) => ({
    id: `${r.number}`,
    label:
      i === last
        ? words.text('tuning.NOW')
        : i === 0
          ? words.text('pass.BASELINE')
          : r.changeM
            ? changeWords(r.changeM, words)
            : words.text('pass.NO_CHANGE'),
    kind: i === last ? 'now' : 'earlier',
    curve: curve(r),
  }))
}

export const pegsOf = (exercise: Exercise): Peg[] =>
  (exercise.readings.at(-1)?.channels ?? []).map((c) => ({
    name: c.name,
    frequencyHz: c.frequencyHz,
    swr: c.swr,
    returnLossDb: c.returnLossDb,
    met: c.met,
    outside: false,
  }))

export const percent = (share: number) => `${Math.round(100 * share)} %`
