import type { Schemas } from '@/api/client'
import type { PlotTrace } from '@/plots/sweep/trace'
import { returnLossOfSwr } from '@/units/swr'

const DEEPEST_DB = 60

/** Points with their doubt under the name of each build: nobody swept a curve. */
export const tracesOfRuns = (runs: Schemas['RunView'][]): PlotTrace[] =>
  runs.map((run, i) => ({
    id: run.name,
    label: run.name,
    kind: 'earlier',
    tone: i % 8,
    curve: { frequencyHz: [], returnLossDb: [] },
    points: run.readings.flatMap((r) =>
      r.swr === undefined
        ? []
        : [
            {
              hz: r.frequencyHz,
              db: Math.min(DEEPEST_DB, returnLossOfSwr(r.swr)),
              lowDb: r.highSwr === undefined ? 0 : returnLossOfSwr(r.highSwr),
              highDb: Math.min(DEEPEST_DB, returnLossOfSwr(r.lowSwr ?? r.swr)),
            },
          ],
    ),
  }))
