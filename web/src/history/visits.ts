import type { PlotTrace } from '@/plots/sweep/trace'
import { TONES } from '@/plots/tones'
import { drawnOf } from '@/tuning/picture'
import { ownPasses } from '@/tuning/road'
import type { Installation, Pass } from '@/tuning/sentence'
import type { Happening } from './queries'

export type Visit = Installation['visits'][number]

/** What happened on one visit, the newest first. */
export interface OfVisit {
  visit: Visit
  happenings: Happening[]
}

const time = (utc: string) => new Date(utc).getTime()

/**
 * Each visit with what happened from its opening to the next one's, the newest first. What was before the first, the plan, is the
 * first's.
 */
export function byVisit(happenings: Happening[], visits: Visit[]): OfVisit[] {
  const newestFirst = [...visits].reverse()
  const oldest = visits[0]
  return newestFirst.map((visit) => ({
    visit,
    happenings: happenings.filter(
      (h) => (newestFirst.find((v) => time(v.openedAt) <= time(h.at)) ?? oldest)?.id === visit.id,
    ),
  }))
}

export const toneOfVisit = (visit: Visit) => (visit.number - 1) % TONES

/** How the antenna that stays was left on each visit; none of a visit on which it was not read. */
export function tracesOfVisits(visits: Visit[], passes: Pass[], name: (visit: Visit) => string): PlotTrace[] {
  return visits.flatMap((visit) => {
    const last = ownPasses(passes)
      .filter((p) => p.visit === visit.number && !p.runName)
      .at(-1)
    return last
      ? [{ id: visit.id, label: name(visit), kind: 'earlier', tone: toneOfVisit(visit), ...drawnOf(last) }]
      : []
  })
}

/** A visit on a line of time of a given width. */
export interface Stretch {
  visit: Visit
  from: number
  to: number
  isOpen: boolean
  /** Where there is room for its date. */
  isDated: boolean
}

/** A visit of minutes is seen all the same. */
const LEAST_WIDTH = 8
const DATE_WIDTH = 96

/** @param now the end of a visit that is open, in ms */
export function stretches(visits: Visit[], now: number, width: number): Stretch[] {
  const start = Math.min(...visits.map((v) => time(v.openedAt)))
  const end = Math.max(...visits.map((v) => (v.signOff ? time(v.signOff.at) : now)), start + 1)
  const x = (at: number) => ((at - start) / (end - start)) * (width - LEAST_WIDTH)
  let dated = -Infinity
  return visits.map((visit) => {
    const from = x(time(visit.openedAt))
    const isDated = from - dated >= DATE_WIDTH
    if (isDated) dated = from
    return {
      visit,
      from,
      to: Math.max(from + LEAST_WIDTH, x(visit.signOff ? time(visit.signOff.at) : now)),
      isOpen: !visit.signOff,
      isDated,
    }
  })
}
