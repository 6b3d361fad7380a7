import { keep } from '@/kept'
import type { Schemas } from '@/api/client'
import { exactLength, type LengthUnit } from '@/units/length'
import { emptyNear, emptyNeed, keptNeed, readNeed, type Need, type NeedForm } from './choice'
import { DRAFTS, keptCandidate } from './drafts'
import { keptGround, RADIAL_RADIUS_M, readWhip, type GroundDraft } from './ground'
import { emptyWay, keptStation, readStation, type StationForm, type StationPlan } from './station/plan'

/** A plan as the shop has it: numbers in SI, each part absent where nothing was planned of it. */
export type PlanParts = Pick<Schemas['PlanRequest'], 'need' | 'candidate' | 'ground' | 'station'>
type GroundPlan = NonNullable<PlanParts['ground']>

/** A number as it was typed, without what binary fractions add to it. */
const text = (value: number) => String(Number(value.toPrecision(12)))
const mhz = (hz: number) => text(hz / 1e6)

/** What is typed on the three pages, as numbers; or what of it cannot be saved yet, and why. */
export function collectParts(unit: LengthUnit): { parts?: PlanParts; wrong?: string } {
  const parts: PlanParts = {}
  const antenna = keptNeed()
  if (antenna) {
    const { need, wrong } = readNeed(antenna, unit)
    if (!need) return { wrong: `Antenna: ${Object.values(wrong)[0] ?? ''}` }
    parts.need = need
    const candidate = keptCandidate(DRAFTS.chosen)
    if (candidate) parts.candidate = candidate
  }
  const ground = keptGround()
  if (ground) {
    const plan = groundOf(ground, unit)
    if (typeof plan === 'string') return { wrong: `Ground: ${plan}` }
    parts.ground = plan
  }
  const station = keptStation()
  if (station) {
    const { plan, wrong } = readStation(station, unit)
    if (!plan) return { wrong: `Power and reach: ${Object.values(wrong)[0] ?? ''}` }
    parts.station = plan
  }
  return { parts }
}

/** Puts a plan of the shop back on the three pages, in the unit of whoever opens it. */
export function restoreParts(parts: PlanParts, unit: LengthUnit): void {
  keep(DRAFTS.antenna, parts.need && needForm(parts.need, unit))
  keep(DRAFTS.chosen, parts.candidate)
  keep(DRAFTS.named, parts.candidate)
  keep(DRAFTS.ground, parts.ground && groundDraft(parts.ground, unit))
  keep(DRAFTS.station, parts.station && stationForm(parts.station, unit))
}

export function needForm(need: Need, unit: LengthUnit): NeedForm {
  const usual = emptyNeed()
  const length = (m: number | undefined) => (m ? exactLength(m, unit) : '0')
  /** What does not apply to this carrier is as usual, should another be chosen. */
  const orUsual = (m: number | undefined, field: 'roofLength' | 'roofWidth' | 'roomLength' | 'roomHeight') =>
    m ? exactLength(m, unit) : usual[field]
  const orNothing = (m: number | undefined) => (m ? exactLength(m, unit) : '')
  return {
    carrier: need.carrier,
    material: need.material,
    roofLength: orUsual(need.roofLengthM, 'roofLength'),
    roofWidth: orUsual(need.roofWidthM, 'roofWidth'),
    along: length(need.alongM),
    across: length(need.acrossM),
    roomLength: orUsual(need.roomLengthM, 'roomLength'),
    roomHeight: orUsual(need.roomHeightM, 'roomHeight'),
    mountHeight: length(need.mountHeightM),
    clearance: length(need.clearanceM),
    near: (need.near ?? []).map((n) => ({
      ...emptyNear(),
      name: n.name,
      along: length(n.alongM),
      across: length(n.acrossM),
      from: length(n.fromM),
      to: length(n.toM),
      thick: length(2 * n.radiusM),
    })),
    low: mhz(need.lowHz),
    high: mhz(need.highHz),
    limit: text(need.limitSwr),
    target: need.target ?? usual.target,
    polarisation: need.polarisation ?? usual.polarisation,
    bearing: text(need.bearingDeg ?? 0),
    rod: orNothing(2 * (need.rodRadiusM ?? 0)),
    wire: orNothing(2 * (need.wireRadiusM ?? 0)),
    insulation: orNothing(need.insulationM),
    holes: orNothing(need.holesM),
  }
}

export function groundOf(d: GroundDraft, unit: LengthUnit): GroundPlan | string {
  const whip = readWhip(d, unit)
  if (typeof whip === 'string') return whip
  const { trim, ...rest } = whip
  return {
    ...rest,
    trimmed: trim,
    chosen: d.chosen ?? 1,
    grounds: d.variants.map((v) => ({
      name: v.name,
      kind: v.kind,
      lengthM: v.lengthM,
      widthM: v.widthM,
      openingM: v.openingM,
      metal: v.metal,
    })),
    radials: d.variants.flatMap((v, ground) => v.radials.map((r) => ({ ground, ...r }))),
  }
}

export function groundDraft(plan: GroundPlan, unit: LengthUnit): GroundDraft {
  return {
    low: mhz(plan.lowHz),
    high: mhz(plan.highHz),
    limit: text(plan.limitSwr),
    whip: exactLength(plan.whipM, unit),
    slope: text(plan.slopeDeg),
    thick: exactLength(2 * plan.whipRadiusM, unit),
    trim: plan.trimmed,
    chosen: plan.chosen,
    variants: plan.grounds.map((g, ground) => ({
      ...g,
      radials: plan.radials
        .filter((r) => r.ground === ground)
        .map((r) => ({
          azimuthDeg: r.azimuthDeg,
          lengthM: r.lengthM,
          droopDeg: r.droopDeg,
          radiusM: r.radiusM || RADIAL_RADIUS_M,
        })),
    })),
  }
}

export function stationForm(plan: StationPlan, unit: LengthUnit): StationForm {
  const length = (m: number) => (m ? exactLength(m, unit) : '0')
  return {
    mhz: mhz(plan.frequencyHz),
    ways: plan.alternatives.map((w) => ({
      ...emptyWay(w.name),
      watts: text(w.ratedW),
      ceiling: text(w.ceilingSwr),
      jumper: w.jumper,
      jumperLength: length(w.jumperM),
      meterLoss: text(w.meterLossDb),
      line: w.line,
      lineLength: length(w.lineM),
      connectors: text(w.connectors),
      swr: text(w.swr),
      gain: text(w.gainDbi),
      tuner: w.tunerLossDb === undefined ? '' : text(w.tunerLossDb),
    })),
    ownHeight: length(plan.ownHeightM),
    largest: length(plan.largestM),
    totalHeight: length(plan.totalHeightM),
    duty: text(plan.duty * 100),
    ground: plan.ground,
    atBody: plan.atBody,
    stations: plan.stations.map((s) => ({
      name: s.name,
      km: text(s.distanceM / 1000),
      height: length(s.heightM),
      gain: text(s.gainDbi),
      needed: text(s.neededDbm),
    })),
  }
}
