import type { Schemas } from '@/api/client'
import { parseDecimal } from '@/units/number'
import type { Words } from '@/words/words'

/** One line of the geometry table, as typed: metres, and the radius in millimetres. */
export interface WireRow {
  from: [string, string, string]
  to: [string, string, string]
  radiusMm: string
}

export type Wire = NonNullable<Schemas['ModelRequest']['wires']>[number]

export interface ReadTable {
  wires: Wire[]
  /** What is wrong, by row. */
  wrong: Record<number, string>
}

const AXES = ['x', 'y', 'z']

/** Reads the table; a row that can't be read is named and left out. */
export function readTable(rows: WireRow[], words: Words): ReadTable {
  const wires: Wire[] = []
  const wrong: Record<number, string> = {}
  rows.forEach((row, i) => {
    const numbers: number[] = []
    const cells = [...row.from, ...row.to, row.radiusMm]
    cells.forEach((cell, k) => {
      const number = parseDecimal(cell)
      if (number.ok) numbers.push(number.value)
      else if (!wrong[i]) {
        const [key, at] = k === 6 ? ['RADIUS_OF', {}] : [k < 3 ? 'FROM' : 'TO', { axis: AXES[k % 3] }]
        wrong[i] = `${words.text(`modelPage.${key}`, { wire: `${i}`, ...at })}: ${number.why}`
      }
    })
    if (!wrong[i]) {
      wires.push({
        fromM: numbers.slice(0, 3),
        toM: numbers.slice(3, 6),
        radiusM: (numbers[6] ?? 0) / 1000,
      })
    }
  })
  return { wires, wrong }
}

export type Vector = [number, number, number]

export interface View {
  turnDeg: number
  tiltDeg: number
}

/** A place seen from the side: right and up, after turning about the vertical and tilting toward the eye. */
export function project([x, y, z]: Vector, view: View): [number, number] {
  const turn = (view.turnDeg * Math.PI) / 180
  const tilt = (view.tiltDeg * Math.PI) / 180
  const right = x * Math.cos(turn) + y * Math.sin(turn)
  const away = -x * Math.sin(turn) + y * Math.cos(turn)
  return [right, z * Math.cos(tilt) + away * Math.sin(tilt)]
}

export interface Fit {
  scale: number
  shift: (p: [number, number]) => [number, number]
}

/** Scale and shift that bring all `points` into a picture of this size, with a margin. */
export function fitted(points: [number, number][], width: number, height: number, margin = 28): Fit {
  const xs = points.map((p) => p[0])
  const ys = points.map((p) => p[1])
  const low: [number, number] = [Math.min(...xs), Math.min(...ys)]
  const high: [number, number] = [Math.max(...xs), Math.max(...ys)]
  const scale = Math.min(
    (width - 2 * margin) / Math.max(1e-6, high[0] - low[0]),
    (height - 2 * margin) / Math.max(1e-6, high[1] - low[1]),
  )
  const middle = [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2] as const
  return {
    scale,
    shift: (p) => [width / 2 + (p[0] - middle[0]) * scale, height / 2 - (p[1] - middle[1]) * scale],
  }
}

/** A round length for a scale bar of at most `most` metres: 1, 2 or 5 times a power of ten. */
export function roundLength(most: number): number {
  const power = 10 ** Math.floor(Math.log10(most))
  return ([5, 2, 1].find((n) => n * power <= most) ?? 1) * power
}

const rod = (from: Vector, to: Vector, radiusMm = 2): WireRow => ({
  from: from.map(String) as WireRow['from'],
  to: to.map(String) as WireRow['to'],
  radiusMm: String(radiusMm),
})

export interface Example {
  /** `modelPage.example.<id>` names it. */
  id: string
  rows: WireRow[]
  ground: 'none' | 'perfect'
  feed: { wire: number; position: number }
  startMhz: number
  stopMhz: number
}

export const EXAMPLES: [Example, ...Example[]] = [
  {
    id: 'DROOPING',
    rows: [
      rod([0, 0, 0], [0, 0, 0.485]),
      rod([0, 0, 0], [0.38, 0, -0.32]),
      rod([0, 0, 0], [-0.38, 0, -0.32]),
      rod([0, 0, 0], [0, 0.38, -0.32]),
      rod([0, 0, 0], [0, -0.38, -0.32]),
    ],
    ground: 'none',
    feed: { wire: 0, position: 0 },
    startMhz: 130,
    stopMhz: 175,
  },
  {
    id: 'QUARTER',
    rows: [rod([0, 0, 0], [0, 0, 0.49])],
    ground: 'perfect',
    feed: { wire: 0, position: 0 },
    startMhz: 130,
    stopMhz: 170,
  },
  {
    id: 'DIPOLE',
    rows: [rod([0, 0, -0.48], [0, 0, 0.48])],
    ground: 'none',
    feed: { wire: 0, position: 0.5 },
    startMhz: 130,
    stopMhz: 170,
  },
  {
    id: 'BEAM',
    rows: [
      rod([0, 0, -0.47], [0, 0, 0.47], 4),
      rod([-0.4, 0, -0.505], [-0.4, 0, 0.505], 4),
      rod([0.34, 0, -0.44], [0.34, 0, 0.44], 4),
    ],
    ground: 'none',
    feed: { wire: 0, position: 0.5 },
    startMhz: 140,
    stopMhz: 165,
  },
]
