import type { Peg, PlotTrace } from './trace'

export interface BandOfPicture {
  lowHz: number
  highHz: number
}

/** What is drawn of one band. */
export interface BandPart {
  span: [number, number]
  traces: PlotTrace[]
  pegs: Peg[]
}

/** So far beyond its channels a band is seen, as a share of the frequency, and of its own width. */
const AROUND = 0.04
const AROUND_OF_WIDTH = 0.5

const isIn = (hz: number, [low, high]: [number, number]) => hz >= low && hz <= high
const reaches = (t: PlotTrace, span: [number, number]) =>
  ((t.curve.frequencyHz[0] ?? Infinity) <= span[1] && (t.curve.frequencyHz.at(-1) ?? 0) >= span[0]) ||
  (t.points ?? []).some((p) => isIn(p.hz, span))

/** A band with room on both sides. */
export function spanAround({ lowHz, highHz }: BandOfPicture): [number, number] {
  const beyond = Math.max(AROUND * highHz, AROUND_OF_WIDTH * (highHz - lowHz))
  return [lowHz - beyond, highHz + beyond]
}

/** Bands far from each other, each with a picture of its own: side by side in one, all of them would be slivers. */
export function bandParts(bands: BandOfPicture[], traces: PlotTrace[], pegs: Peg[]): BandPart[] {
  return bands.map((band) => {
    const span = spanAround(band)
    return {
      span,
      traces: traces.filter((t) => reaches(t, span)),
      pegs: pegs.filter((p) => isIn(p.frequencyHz, span)),
    }
  })
}

/** True where each of these dips lies in one of the parts: nothing that matters is outside the pictures. */
export const showAll = (parts: BandPart[], dipsHz: number[]) =>
  dipsHz.every((hz) => parts.some((p) => isIn(hz, p.span)))
