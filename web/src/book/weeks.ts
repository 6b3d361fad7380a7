import type { Schemas } from '@/api/client'
import { formatLength, type LengthUnit } from '@/units/length'

export type Week = Schemas['WeekView']

/** What is told of each week. */
export const MEASURES = ['signedOff', 'changes', 'readings', 'days', 'cutOffM', 'overshoots'] as const
export type Measure = (typeof MEASURES)[number]

/** As it is read: counts whole, medians of them to a half, days to a tenth; '' where nothing was finished. */
export function formatMeasure(measure: Measure, value: number | undefined, unit: LengthUnit): string {
  if (value === undefined) return ''
  if (measure === 'cutOffM') return formatLength(value, unit)
  return String(Math.round(value * 10) / 10)
}

/** Weeks that have something to show, newest first. */
export const told = (weeks: Week[]): Week[] => weeks.filter((w) => w.signedOff > 0).reverse()
