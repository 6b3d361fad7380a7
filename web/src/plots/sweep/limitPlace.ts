import { returnLossOfSwr } from '@/units/swr'
import type { PlotTrace } from './trace'
import type { SweepView } from './useSweepView'

export interface LabelPlace {
  x: number
  y: number
  anchor: 'start' | 'middle' | 'end'
}

const EDGE = 6
/** A letter's height above its line and what hangs below, with some air. */
const ABOVE = 16
const BELOW = 8

/** Where along the line of the rule its words stand and no curve runs through them: the right first; there too where none is free. */
export function limitPlace(
  traces: PlotTrace[],
  swr: number,
  width: number,
  { inner, scale }: Pick<SweepView, 'inner' | 'scale'>,
): LabelPlace {
  const line = scale.y(returnLossOfSwr(swr))
  const places = (
    [
      ['end', inner.width - EDGE],
      ['start', EDGE],
      ['middle', inner.width / 2],
    ] as const
  ).flatMap(([anchor, x]) => [line - EDGE, line + ABOVE].map((y): LabelPlace => ({ anchor, x, y })))
  const isFree = ({ x, y, anchor }: LabelPlace) => {
    const left = x - width * { start: 0, middle: 0.5, end: 1 }[anchor]
    const low = scale.x.invert(left - EDGE)
    const high = scale.x.invert(left + width + EDGE)
    return !traces.some(({ curve }) =>
      curve.frequencyHz.some((hz, i) => {
        if (hz < low || hz > high) return false
        const at = scale.y(curve.returnLossDb[i] ?? 0)
        return at > y - ABOVE && at < y + BELOW
      }),
    )
  }
  return places.find(isFree) ?? (places[0] as LabelPlace)
}
