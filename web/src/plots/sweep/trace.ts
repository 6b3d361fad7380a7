import type { Curve } from '../sweepScale'

/** What the sweep picture draws: curves and scales, nothing of installations. */
export interface PlotTrace {
  id: string
  label: string
  /** `guess`: read at a few channels; there is no curve, only where those lie that explain the readings. */
  kind: 'now' | 'earlier' | 'expected' | 'guess'
  /** What was swept, or is expected; empty where a few channels were read. */
  curve: Curve
  /** Readings at single channels, with their doubt. */
  points?: ReadPoint[]
  /** Where most of the curves lie that explain them. */
  band?: CurveBand
  /** One of eight strokes, where many traces of equal standing lie together. */
  tone?: number
}

export interface ReadPoint {
  hz: number
  db: number
  lowDb: number
  highDb: number
}

export interface CurveBand {
  frequencyHz: number[]
  leastReturnLossDb: number[]
  mostReturnLossDb: number[]
}

/** A wanted channel. */
export interface Peg {
  name: string
  frequencyHz: number
  swr?: number
  returnLossDb?: number
  met: boolean
  outside: boolean
  /** Met just now, and not before. */
  isFresh?: boolean
}

/** The newest, which is read out and compared. */
export const newest = (traces: PlotTrace[]) => traces.find((t) => t.kind === 'now' || t.kind === 'guess')
