/** A box on a picture, in pixels. */
export interface Box {
  left: number
  right: number
  top: number
  bottom: number
}

/** Where a label could stand: its middle, in pixels. */
export interface Spot {
  x: number
  y: number
}

export interface Label<T> {
  of: T
  width: number
  /** The best place first. */
  spots: Spot[]
}

const HEIGHT = 15
const AIR = 3

export const boxAt = (spot: Spot, width: number): Box => ({
  left: spot.x - width / 2,
  right: spot.x + width / 2,
  top: spot.y - HEIGHT / 2,
  bottom: spot.y + HEIGHT / 2,
})

const touch = (a: Box, b: Box) =>
  a.left < b.right + AIR && b.left < a.right + AIR && a.top < b.bottom + AIR && b.top < a.bottom + AIR
const holds = (whole: Box, part: Box) =>
  part.left >= whole.left && part.right <= whole.right && part.top >= whole.top && part.bottom <= whole.bottom

/**
 * Places labels so that none covers another, nor what stands there already: each at the first of its spots that is free.
 * A label without a free spot is left out: a legend names it.
 *
 * @param taken markers and what else a label must not cover
 * @example apart([{ of: trace, width: 40, spots }], { left: 0, right: 600, top: 0, bottom: 400 }, [])
 */
export function apart<T>(labels: Label<T>[], within: Box, taken: Box[]): (Spot & { of: T })[] {
  const boxes = [...taken]
  return labels.flatMap(({ of, width, spots }) => {
    for (const spot of spots) {
      const box = boxAt(spot, width)
      if (holds(within, box) && !boxes.some((b) => touch(b, box))) {
        boxes.push(box)
        return [{ ...spot, of }]
      }
    }
    return []
  })
}
