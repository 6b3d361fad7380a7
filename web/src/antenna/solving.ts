import { answer, api, type Schemas } from '@/api/client'
import type { Curve } from '@/plots/sweepScale'
import { returnLossOfMagnitude, swrOfMagnitude } from '@/units/swr'

type ModelPoint = Schemas['ModelPoint']

const REFERENCE_OHM = 50
const ROWS = 9

/** |Γ| of an impedance against 50 Ω. */
export function magnitudeOf(p: ModelPoint): number {
  return (
    Math.hypot(p.resistanceOhm - REFERENCE_OHM, p.reactanceOhm) /
    Math.hypot(p.resistanceOhm + REFERENCE_OHM, p.reactanceOhm)
  )
}

const swrOf = (p: ModelPoint) => swrOfMagnitude(magnitudeOf(p))

export function curveOfPoints(points: ModelPoint[]): Curve {
  return {
    frequencyHz: points.map((p) => p.frequencyHz),
    returnLossDb: points.map((p) => returnLossOfMagnitude(magnitudeOf(p))),
  }
}

export interface ResultRow extends ModelPoint {
  swr: number
  best: boolean
}

/** A few evenly spaced points and the best one among them, for the table; and what the best one means. */
export function resultRows(points: ModelPoint[]): {
  rows: ResultRow[]
  dip: (ModelPoint & { swr: number; isAtEdge: boolean }) | undefined
} {
  const best = points.reduce<ModelPoint | undefined>(
    (a, b) => (a === undefined || magnitudeOf(b) < magnitudeOf(a) ? b : a),
    undefined,
  )
  if (!best) return { rows: [], dip: undefined }
  const last = points.length - 1
  const picked = new Set(
    Array.from({ length: ROWS }, (_, i) => points[Math.round((last * i) / (ROWS - 1))]).concat(best),
  )
  const rows = points.filter((p) => picked.has(p)).map((p) => ({ ...p, swr: swrOf(p), best: p === best }))
  const isAtEdge = best === points[0] || best === points[last]
  return { rows, dip: { ...best, swr: swrOf(best), isAtEdge } }
}

const POLL_MS = 200

/** Polls a job until it is over, telling how far it is. */
export async function waitFor(id: string, tell: (share: number) => void): Promise<Schemas['JobView']> {
  for (;;) {
    const job = await answer(api.GET('/api/jobs/{id}', { params: { path: { id } } }))
    tell(job.share ?? 0)
    if (job.state !== 'WAITING' && job.state !== 'RUNNING') return job
    await new Promise((resolve) => setTimeout(resolve, POLL_MS))
  }
}
