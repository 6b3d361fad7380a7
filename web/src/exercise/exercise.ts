import type { Peg, PlotTrace } from '@/plots/sweep/trace'
import { changeWords } from '@/tuning/sentence'
import { returnLossOfMagnitude } from '@/units/swr'
import type { Words } from '@/words/words'
import type { Exercise, Row } from './queries'

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

/** How one person does: over what is finished. */
export interface Standing {
  by: string
  done: number
  passed: number
  /** Of all that are finished, between 0 and 1. */
  mark: number
  faultsLeft: number
  tooFar: number
}

/** Whoever has finished something, the best first. */
export function standings(rows: Row[]): Standing[] {
  const people = new Map<string, Row[]>()
  for (const r of rows) if (r.score) people.set(r.by, [...(people.get(r.by) ?? []), r])
  return [...people]
    .map(([by, own]) => ({
      by,
      done: own.length,
      passed: own.filter((r) => r.score?.met && !r.score.faultLeft).length,
      mark: own.reduce((sum, r) => sum + (r.mark ?? 0), 0) / own.length,
      faultsLeft: own.filter((r) => r.score?.faultLeft).length,
      tooFar: own.filter((r) => r.score && !r.score.met && r.score.moreOffM > 0).length,
    }))
    .sort((a, b) => b.mark - a.mark)
}

export const percent = (share: number) => `${Math.round(100 * share)} %`
