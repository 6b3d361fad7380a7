import type { Schemas } from '@/api/client'
import type { Peg, PlotTrace } from '@/plots/sweep/trace'
import { changeWords } from '@/tuning/sentence'
import { returnLossOfMagnitude } from '@/units/swr'
import type { Words } from '@/words/words'
import type { Exercise } from './queries'

type Reading = Exercise['readings'][number]

const curve = (trace: Schemas['TraceData']) => ({
  frequencyHz: trace.frequencyHz,
  returnLossDb: trace.re.map((re, i) => returnLossOfMagnitude(Math.hypot(re, trace.im[i] ?? 0))),
})

const changed = (r: Reading, words: Words) =>
  r.changeM ? changeWords(r.changeM, words) : words.text('pass.NO_CHANGE')

/** The newest reading, with those before it fading behind under what was changed after them; needles draw no curve. */
export function tracesOf(exercise: Exercise, words: Words): PlotTrace[] {
  const last = exercise.readings.length - 1
  return exercise.readings.flatMap((r, i) =>
    r.trace
      ? [
          {
            id: `${r.number}`,
            label:
              i === last
                ? words.text('tuning.NOW')
                : i === 0
                  ? words.text('pass.BASELINE')
                  : changed(r, words),
            kind: i === last ? ('now' as const) : ('earlier' as const),
            curve: curve(r.trace),
          },
        ]
      : [],
  )
}

/** What the needles showed, the newest first. */
export const needlesOf = (exercise: Exercise, words: Words) =>
  exercise.readings
    .map((r, i) => ({
      number: r.number,
      before: i === 0 ? words.text('pass.BASELINE') : changed(r, words),
      channels: r.channels.map((c) => ({ frequencyHz: c.frequencyHz, swr: c.swr, met: c.met })),
    }))
    .reverse()

export const pegsOf = (exercise: Exercise, words: Words): Peg[] =>
  (exercise.readings.at(-1)?.channels ?? []).map((c) => ({
    name: words.textOr(`bandEnd.${c.name}`, c.name),
    frequencyHz: c.frequencyHz,
    swr: c.swr,
    returnLossDb: c.returnLossDb,
    met: c.met,
    outside: false,
  }))

export const percent = (share: number) => `${Math.round(100 * share)} %`
