import * as v from 'valibot'
import { like, readKept } from '@/kept'
import { DRAFTS } from './drafts'
import type { Schemas } from '@/api/client'
import { parseFrequency } from '@/units/frequency'
import { parseLength, type LengthUnit } from '@/units/length'
import { parseDecimal, why } from '@/units/number'
import { currentWords } from '@/words/words'

export type GroundRequest = Schemas['GroundRequest']
export type GroundAnswer = Schemas['GroundAnswer']
export type Radial = Schemas['RadialRequest']

/** Radius of radial wire, 3 mm across. */
export const RADIAL_RADIUS_M = 0.0015
const LONGEST_M = 3
const SHORTEST_M = 0.05

/** One thing to put under the whip. */
export interface Variant {
  name: string
  kind: GroundRequest['kind']
  radials: Radial[]
  lengthM: number
  widthM: number
  openingM: number
  metal: GroundRequest['metal']
}

export interface Whip {
  lowHz: number
  highHz: number
  limitSwr: number
  whipM: number
  slopeDeg: number
  whipRadiusM: number
  trim: boolean
}

/** `count` radials alike, turned by `turnDeg` from where the whip leans. */
export function evenRadials(count: number, lengthM: number, droopDeg: number, turnDeg = 0): Radial[] {
  return Array.from({ length: count }, (_, i) => ({
    azimuthDeg: (turnDeg + (360 * i) / count) % 360,
    lengthM,
    droopDeg,
    radiusM: RADIAL_RADIUS_M,
  }))
}

const base = { lengthM: 1.2, widthM: 1.2, openingM: 0.15, metal: 'ALUMINIUM' as const }
export const NONE: Variant = { ...base, name: '', kind: 'TAB', radials: [] }

export function freshVariant(kind: Variant['kind'], quarterM: number): Variant {
  const name = currentWords().text(`groundPage.fresh.${kind}`)
  switch (kind) {
    case 'RADIALS':
      return {
        ...base,
        name,
        kind,
        radials: evenRadials(4, round(quarterM), 0),
        metal: 'COPPER',
      }
    case 'MESH':
      return {
        ...base,
        name,
        kind,
        radials: [],
        lengthM: round(2 * quarterM),
        widthM: round(2 * quarterM),
      }
    case 'SHEET':
      return {
        ...base,
        name,
        kind,
        radials: [],
        lengthM: round(2 * quarterM),
        widthM: round(2 * quarterM),
      }
    default:
      return { ...NONE, name }
  }
}

const round = (m: number) => Math.round(m * 100) / 100

/** What is typed on the ground page; `chosen` is the ground that is looked at. */
export interface GroundDraft {
  low: string
  high: string
  limit: string
  whip: string
  slope: string
  thick: string
  trim: boolean
  variants: Variant[]
  chosen?: number
}

export const usualGround = (): GroundDraft => ({
  low: '118',
  high: '136.975',
  limit: '2.5',
  whip: '560 mm',
  slope: '15',
  thick: '8 mm',
  trim: true,
  variants: [freshVariant('TAB', 0.57), freshVariant('RADIALS', 0.57), freshVariant('MESH', 0.57)],
})

/** What was typed here before, completed by what is usual; undefined for nothing. */
export const keptGround = (): GroundDraft | undefined =>
  readKept(
    DRAFTS.ground,
    like(usualGround(), { variants: freshVariant('RADIALS', 0.57) }, { chosen: v.optional(v.number()) }),
  )

/** The whip that is typed, or why it cannot be used. */
export function readWhip(d: GroundDraft, unit: LengthUnit): Whip | string {
  const low = parseFrequency(d.low)
  const high = parseFrequency(d.high)
  const limit = parseDecimal(d.limit)
  const length = parseLength(d.whip, unit)
  const slope = parseDecimal(d.slope)
  const thick = parseLength(d.thick, unit)
  for (const p of [low, high, limit, length, slope, thick]) if (!p.ok) return p.why
  if (!low.ok || !high.ok || !limit.ok || !length.ok || !slope.ok || !thick.ok) return ''
  if (high.value <= low.value) return why('BAND_ORDER')
  if (limit.value <= 1) return why('LIMIT_ABOVE_1')
  return {
    lowHz: low.value,
    highHz: high.value,
    limitSwr: limit.value,
    whipM: length.value,
    slopeDeg: slope.value,
    whipRadiusM: thick.value / 2,
    trim: d.trim,
  }
}

export function requestOf(whip: Whip, v: Variant): GroundRequest {
  return {
    ...whip,
    kind: v.kind,
    radials: v.radials,
    lengthM: v.lengthM,
    widthM: v.widthM,
    openingM: v.openingM,
    wireRadiusM: 0.001,
    thicknessM: 0.0005,
    metal: v.metal,
  }
}

/**
 * A radial dragged to a place in plan view: x along where the whip leans, y to its left, in metres. Seen from above, a
 * drooping radial is shorter than it is.
 */
export function dragged(radial: Radial, x: number, y: number): Radial {
  const flat = Math.hypot(x, y) / Math.cos((radial.droopDeg * Math.PI) / 180)
  const azimuth = (Math.atan2(y, x) * 180) / Math.PI
  return {
    ...radial,
    lengthM: round(Math.min(LONGEST_M, Math.max(SHORTEST_M, flat))),
    azimuthDeg: Math.round((azimuth + 360) % 360),
  }
}

/** Where a radial ends in plan view, in metres. */
export function endOf(radial: Radial): { x: number; y: number } {
  const flat = radial.lengthM * Math.cos((radial.droopDeg * Math.PI) / 180)
  const azimuth = (radial.azimuthDeg * Math.PI) / 180
  return { x: flat * Math.cos(azimuth), y: flat * Math.sin(azimuth) }
}

/** How far the ground reaches in a direction, in metres. */
function reach(v: Variant, azimuthDeg: number): number {
  if (v.kind === 'TAB') return 0.06
  if (v.kind === 'RADIALS') {
    // A radial serves the quarter about itself: four make a ground all round, as common practice has it.
    const near = v.radials
      .filter((r) => Math.abs(((azimuthDeg - r.azimuthDeg + 540) % 360) - 180) <= 45)
      .map((r) => Math.hypot(endOf(r).x, endOf(r).y))
    return Math.max(0, ...near)
  }
  const c = Math.abs(Math.cos((azimuthDeg * Math.PI) / 180))
  const s = Math.abs(Math.sin((azimuthDeg * Math.PI) / 180))
  return Math.min(v.lengthM / 2 / Math.max(c, 1e-9), v.widthM / 2 / Math.max(s, 1e-9))
}

export interface Missing {
  azimuthDeg: number
  missingM: number
}

/** What lacks to a quarter-wave in each of eight directions. */
export function missing(v: Variant, quarterM: number): Missing[] {
  return Array.from({ length: 8 }, (_, i) => i * 45).map((azimuthDeg) => ({
    azimuthDeg,
    missingM: Math.max(0, quarterM - reach(v, azimuthDeg)),
  }))
}
