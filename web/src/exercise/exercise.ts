import type { Schemas } from '@/api/client'
import type { Peg, PlotTrace } from '@/plots/sweep/trace'
import { changeWords } from '@/tuning/sentence'
import { formatBoth } from '@/units/length'
import { returnLossOfMagnitude } from '@/units/swr'
import type { Words } from '@/words/words'
import type { Exercise } from './queries'

const curve = (trace: Schemas['TraceData']) => ({
  frequencyHz: trace.frequencyHz,
  returnLossDb: trace.re.map((re, i) => returnLossOfMagnitude(Math.hypot(re, trace.im[i] ?? 0))),
})

type Piece = Exercise['pieces'][number]

/** In a few words: `−12 mm`, `tap +6 mm`; `no change` where nothing was moved. */
export function changesWords(metres: number[], pieces: Piece[], words: Words): string {
  const changes = metres.flatMap((m, i) => {
    const moves = pieces[i]?.moves
    return m ? [(moves ? `${words.text(`shortPiece.${moves}`)} ` : '') + changeWords(m, words)] : []
  })
  return changes.join(', ') || words.text('pass.NO_CHANGE')
}

/** All in one sentence: `the long tube above the stub at 1039 mm and the tap at 52 mm`. */
export function piecesWords(
  key: 'PIECE_AT' | 'PIECE_AT_THE_START',
  pieces: Pick<Piece, 'name'>[],
  metres: number[],
  words: Words,
): string {
  const each = pieces.map((p, i) =>
    words.text(`exercise.${key}`, {
      piece: words.phrase(p.name),
      length: formatBoth(metres[i] ?? 0, words.unit),
    }),
  )
  return new Intl.ListFormat(words.language).format(each)
}

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
                  : changesWords(r.changesM, exercise.pieces, words),
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
      before: i === 0 ? words.text('pass.BASELINE') : changesWords(r.changesM, exercise.pieces, words),
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
