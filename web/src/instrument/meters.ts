/** What the in-line meter's needle was set to full scale with. */
export interface Needle {
  hz: number
  powerW: number
  rangeW: number
  forwardW: number
}

/** Where an SWR lies on the scale: the needle moves with ρ = (SWR − 1) / (SWR + 1). */
export function swrPlace(swr: number): number {
  return (swr - 1) / (swr + 1)
}

export const SWR_MARKS = [
  1, 1.1, 1.2, 1.3, 1.4, 1.5, 1.6, 1.7, 1.8, 1.9, 2, 2.2, 2.4, 2.6, 2.8, 3, 4, 5, 10,
].map((swr) => ({
  at: swrPlace(swr),
  ...([1, 1.2, 1.5, 2, 2.4, 3, 4, 5, 10].includes(swr) ? { word: String(swr) } : {}),
}))

/** Fifty divisions, every tenth with its watts. */
export function wattMarks(fullScaleW: number): { at: number; word?: string }[] {
  return Array.from({ length: 51 }, (_, i) => ({
    at: i / 50,
    ...(i % 10 === 0 ? { word: `${Number(((fullScaleW * i) / 50).toPrecision(3))}` } : {}),
  }))
}

/** Watts as read off a scale: two digits behind the point below 10, one above. */
export function watts(w: number): string {
  return w.toFixed(w < 10 ? 2 : 1)
}

/** A needle counts only for the channel, power and range that it was set for. */
export function agrees(needle: Needle, now: { hz: number; powerW: number; rangeW: number }): boolean {
  return (
    needle.rangeW === now.rangeW &&
    needle.powerW === now.powerW &&
    Math.abs(needle.hz - now.hz) < 0.001 * now.hz
  )
}
