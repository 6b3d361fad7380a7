import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { returnLossOfSwr } from '@/units/swr'

export interface Curve {
  frequencyHz: number[]
  returnLossDb: number[]
}

export interface SweepScale {
  x: ScaleLinear<number, number>
  /** Return loss downward: deeper is better. */
  y: ScaleLinear<number, number>
  swrTicks: { swr: number; y: number }[]
}

const SHALLOWEST_FLOOR_DB = 15
const TICK_HEIGHT = 14
const SWR_TICKS = [1.05, 1.1, 1.2, 1.5, 2, 3, 5]

/** Ticks within the picture whose figures do not cover one another; near the top, where they crowd, a good SWR goes before a bad one. */
function apartTicks(ticks: SweepScale['swrTicks'], height: number): SweepScale['swrTicks'] {
  const kept: SweepScale['swrTicks'] = []
  for (const t of ticks.filter((one) => one.y <= height)) {
    if (kept.every((k) => Math.abs(k.y - t.y) >= TICK_HEIGHT)) kept.push(t)
  }
  return kept
}

/** How deep the picture goes: a little below the deepest curve and the limit line, in whole fives. */
export function floorDb(curves: Curve[], limitSwr = Infinity): number {
  const limit = Number.isFinite(limitSwr) ? returnLossOfSwr(limitSwr) : 0
  const deepest = Math.max(limit, ...curves.map((c) => Math.max(0, ...c.returnLossDb)))
  return Math.max(SHALLOWEST_FLOOR_DB, Math.ceil((deepest + 3) / 5) * 5)
}

/**
 * One picture, two readings: dB on the left, and on the right the same heights in SWR.
 *
 * @example const { x, y, swrTicks } = sweepScale([140e6, 170e6], 30, { width: 600, height: 400 })
 */
export function sweepScale(
  spanHz: [number, number],
  floor: number,
  size: { width: number; height: number },
): SweepScale {
  const x = scaleLinear(spanHz, [0, size.width])
  const y = scaleLinear([0, floor], [0, size.height])
  return {
    x,
    y,
    swrTicks: apartTicks(
      SWR_TICKS.map((swr) => ({ swr, y: y(returnLossOfSwr(swr)) })),
      size.height,
    ),
  }
}

/** Return loss of `curve` at `hz`, on the straight line between its points; undefined beyond its ends. */
export function returnLossAt(curve: Curve, hz: number): number | undefined {
  const { frequencyHz, returnLossDb } = curve
  const last = frequencyHz.length - 1
  if (last < 0 || hz < (frequencyHz[0] ?? 0) || hz > (frequencyHz[last] ?? 0)) return undefined
  let low = 0
  let high = last
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if ((frequencyHz[middle] ?? 0) <= hz) low = middle
    else high = middle
  }
  const from = frequencyHz[low] ?? 0
  const to = frequencyHz[high] ?? 0
  const share = to === from ? 0 : (hz - from) / (to - from)
  return (returnLossDb[low] ?? 0) * (1 - share) + (returnLossDb[high] ?? 0) * share
}

/** The deepest point of a curve that lies inside `spanHz`. */
export function deepestIn(curve: Curve, spanHz: [number, number]): { hz: number; db: number } | undefined {
  let best: { hz: number; db: number } | undefined
  curve.frequencyHz.forEach((hz, i) => {
    const db = curve.returnLossDb[i] ?? 0
    if (hz >= spanHz[0] && hz <= spanHz[1] && (!best || db > best.db)) best = { hz, db }
  })
  return best
}

/**
 * Puts labels of `width` at `xs` into rows so that none covers another. Returns a row for each, in the order given;
 * labels that would fall outside are moved inward by the caller.
 */
export function labelRows(xs: number[], widths: number[], gap = 8): number[] {
  const order = xs.map((_, i) => i).sort((a, b) => (xs[a] ?? 0) - (xs[b] ?? 0))
  const rowEnds: number[] = []
  const rows = new Array<number>(xs.length).fill(0)
  for (const i of order) {
    const left = (xs[i] ?? 0) - (widths[i] ?? 0) / 2
    let row = rowEnds.findIndex((end) => end + gap <= left)
    if (row < 0) row = rowEnds.length
    rowEnds[row] = left + (widths[i] ?? 0)
    rows[i] = row
  }
  return rows
}
