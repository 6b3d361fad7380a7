import type { Words } from '@/words/words'
import { formatMhz } from '@/units/frequency'
import { formatOhms } from '@/units/impedance'
import { formatSwr, swrOfReturnLoss } from '@/units/swr'
import { markerReading, type ComplexTrace } from './complexTrace'
import { deepestIn, returnLossAt } from './sweepScale'
import type { Peg, PlotTrace } from './sweep/trace'

/** What a picture shows, in figures. */
export interface Numbers {
  heads: string[]
  rows: string[][]
}

const STEPS = 20

/** Even steps over a span, and what is looked at beside them; ascending, each once. */
export function places([low, high]: [number, number], beside: number[]): number[] {
  const even = Array.from({ length: STEPS + 1 }, (_, i) => low + ((high - low) * i) / STEPS)
  const all = [...even, ...beside.filter((hz) => hz >= low && hz <= high)].map((hz) => Math.round(hz))
  return [...new Set(all)].sort((a, b) => a - b)
}

const reading = (db: number | undefined) =>
  db === undefined ? '' : `${formatSwr(swrOfReturnLoss(db))} · ${db.toFixed(1)} dB`

/** SWR and return loss of each trace over `span`, with the wanted channels and the dips. */
export function sweepNumbers(traces: PlotTrace[], pegs: Peg[], span: [number, number], swr: string): Numbers {
  const drawn = traces.filter((t) => t.curve.frequencyHz.length > 0 || t.points?.length)
  const dips = drawn.flatMap((t) => deepestIn(t.curve, span)?.hz ?? [])
  const read = drawn.flatMap((t) => (t.points ?? []).map((p) => p.hz))
  const named = new Map(pegs.map((p) => [Math.round(p.frequencyHz), p.name]))
  return {
    heads: ['MHz', ...drawn.map((t) => `${t.label}: ${swr} · dB`)],
    rows: places(span, [...pegs.map((p) => p.frequencyHz), ...dips, ...read])
      .map((hz) => [
        named.has(hz) && named.get(hz) !== formatMhz(hz)
          ? `${formatMhz(hz)} ${named.get(hz)}`
          : formatMhz(hz),
        ...drawn.map((t) =>
          reading(returnLossAt(t.curve, hz) ?? t.points?.find((p) => Math.round(p.hz) === hz)?.db),
        ),
      ])
      .filter((row) => row.slice(1).some((cell) => cell !== '')),
  }
}

/** R, X and SWR of one trace, with the wanted channels and markers. */
export function impedanceNumbers(trace: ComplexTrace, beside: number[], words: Words): Numbers {
  const span: [number, number] = [trace.frequencyHz[0] ?? 0, trace.frequencyHz.at(-1) ?? 0]
  return {
    heads: ['MHz', 'R, Ω', 'X, Ω', words.text('tuning.SWR'), 'dB'],
    rows: places(span, beside).flatMap((hz) => {
      const m = markerReading(trace, hz, true)
      return m
        ? [
            [
              formatMhz(hz),
              formatOhms(m.resistanceOhm, 1),
              formatOhms(m.reactanceOhm, 1),
              formatSwr(m.swr),
              m.returnLossDb.toFixed(1),
            ],
          ]
        : []
    }),
  }
}
