import type { Schemas } from '@/api/client'

export type View = Schemas['DrawingView']
type Measure = View['measures'][number]

export interface Spot {
  x: number
  y: number
}

/** Room about a view for dimension lines and their words. */
const ASIDE = 104
const ABOVE = 62
const DETAIL = 6
const LANE = 26
const OVERSHOOT = 5
const LEAST_STROKE = 1.6
const MOST_STROKE = 7

/** Metres to pixels within one view: alike in both directions, so that the drawing is to scale. */
export interface Placed {
  width: number
  height: number
  pxPerM: number
  at: (x: number, y: number) => Spot
}

/** Fits a view into at most `width` × `height` pixels. */
export function place(view: View, width: number, height: number): Placed {
  const aside = view.enlarged ? DETAIL : ASIDE
  const above = view.enlarged ? DETAIL : ABOVE
  const wide = Math.max(view.highX - view.lowX, 1e-6)
  const high = Math.max(view.highY - view.lowY, 1e-6)
  const pxPerM = Math.min((width - 2 * aside) / wide, (height - 2 * above) / high)
  const left = (width - wide * pxPerM) / 2
  const top = (height - high * pxPerM) / 2
  return {
    width,
    height,
    pxPerM,
    at: (x, y) => ({ x: left + (x - view.lowX) * pxPerM, y: top + (view.highY - y) * pxPerM }),
  }
}

/** How thick a piece is drawn: true to scale where that can be seen. */
export function thickness(widthM: number, placed: Placed, enlarged: boolean): number {
  const px = widthM * placed.pxPerM
  return Math.max(LEAST_STROKE, enlarged ? px : Math.min(px, MOST_STROKE))
}

export interface DimensionLine {
  from: Spot
  to: Spot
  /** Thin lines from what is measured to the dimension line. */
  witness: [Spot, Spot][]
  words: Spot
  anchor: 'start' | 'middle' | 'end'
  isShort: boolean
}

/** A dimension line beside what it measures: lane 1 to the right of its way, seen from its start; −1 to the left. */
export function dimensionLine(m: Measure, placed: Placed): DimensionLine {
  const a = placed.at(m.x1, m.y1)
  const b = placed.at(m.x2, m.y2)
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const along = { x: (b.x - a.x) / length, y: (b.y - a.y) / length }
  const side = Math.sign(m.lane) || 1
  const normal = { x: -along.y * side, y: along.x * side }
  const far = Math.abs(m.lane) * LANE
  const off = (p: Spot, by: number): Spot => ({ x: p.x + normal.x * by, y: p.y + normal.y * by })
  const from = off(a, far)
  const to = off(b, far)
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
  const isUpright = Math.abs(normal.x) > 0.5
  return {
    from,
    to,
    witness: [
      [off(a, 3), off(a, far + OVERSHOOT)],
      [off(b, 3), off(b, far + OVERSHOOT)],
    ],
    words: isUpright
      ? { x: middle.x + Math.sign(normal.x) * 7, y: middle.y }
      : { x: middle.x, y: middle.y + (normal.y > 0 ? 15 : -20) },
    anchor: isUpright ? (normal.x > 0 ? 'start' : 'end') : 'middle',
    isShort: length < 24,
  }
}

/** A line of words and how much of the drawing it covers. */
interface Line extends Spot {
  anchor: 'start' | 'middle' | 'end'
  text: string
}

const LETTER = 6.4
const LINE = 14
/** First where it belongs, then below and above by turns. */
const TRIES = [0, 1, -1, 2, -2, 3, -3, 4, -4, 5, -5]

function box(l: Line) {
  const width = l.text.length * LETTER
  const left = l.x - (l.anchor === 'start' ? 0 : l.anchor === 'end' ? width : width / 2)
  return { left, right: left + width, top: l.y - LINE + 3, bottom: l.y + 3 }
}

/** The lines of a measure: its letter with the length, and the other unit below. */
export function linesOf(m: Pick<DimensionLine, 'words' | 'anchor'>, first: string, second: string): Line[] {
  return [
    { x: m.words.x, y: m.words.y - 2, anchor: m.anchor, text: first },
    { x: m.words.x, y: m.words.y + 12, anchor: m.anchor, text: second },
  ]
}

/** Where words stand so that they cover neither a measure nor each other, within the view. */
export function wordsApart(
  words: (Spot & { text: string })[],
  taken: Line[],
  view: { width: number; height: number },
): Spot[] {
  const full = taken.map(box)
  return words.map((w) => {
    const wide = w.text.length * LETTER
    const x = Math.max(4, Math.min(w.x, view.width - wide - 4))
    const within = (y: number) => Math.max(LINE, Math.min(y, view.height - 6))
    const spots = TRIES.map((t) => ({ x, y: within(w.y + t * LINE) }))
    const boxOf = (s: Spot) => box({ ...s, anchor: 'start', text: w.text })
    const isFree = (s: Spot) => {
      const b = boxOf(s)
      return full.every((f) => b.right < f.left || b.left > f.right || b.bottom <= f.top || b.top >= f.bottom)
    }
    const spot = spots.find(isFree) ?? { x, y: within(w.y) }
    full.push(boxOf(spot))
    return spot
  })
}

/** Views side by side: a wide one takes a row of its own. */
export function sizes(views: View[], width: number): { width: number; height: number }[] {
  const [first] = views
  if (!first) return []
  const shape = (first.highX - first.lowX) / Math.max(first.highY - first.lowY, 1e-6)
  // As high as its width asks for, within what fits on a screen.
  const high = Math.min(430, Math.max(230, (width - 2 * ASIDE) / shape + 2 * ABOVE))
  if (views.length === 1) return [{ width, height: high }]
  if (shape > 2.5) {
    const rest = (width - 12 * (views.length - 2)) / (views.length - 1)
    return views.map((_, i) =>
      i === 0 ? { width, height: high } : { width: Math.min(rest, 330), height: 220 },
    )
  }
  const small = Math.min(300, width * 0.38)
  return views.map((_, i) =>
    i === 0
      ? { width: width - small - 12, height: 440 }
      : { width: small, height: views.length === 2 ? 300 : 214 },
  )
}

/** A round length for a scale bar, about a fifth of the view. */
export function scaleBarM(placed: Placed, spanM: number): number {
  const wanted = spanM / 5
  const power = 10 ** Math.floor(Math.log10(wanted))
  const step = [5, 2, 1].find((s) => s * power <= wanted) ?? 1
  return step * power * (placed.pxPerM > 0 ? 1 : 0)
}
