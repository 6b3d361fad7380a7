import type { Schemas } from '@/api/client'
import { CARRIERS } from '@/board/words'
import { emptyForm, type PlanForm } from '@/installation/planForm'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { formatLength, parseLength, type LengthUnit } from '@/units/length'
import { parseDecimal, type Parsed } from '@/units/number'

export type Need = Schemas['NeedRequest']
export type Assessment = Schemas['AssessmentView']
export type Computed = Schemas['ComputedView']

/** What is wanted, as typed. */
export interface NeedForm {
  carrier: Need['carrier']
  surface: 'metal' | 'plastic'
  roofLength: string
  roofWidth: string
  along: string
  across: string
  mountHeight: string
  clearance: string
  low: string
  high: string
  limit: string
}

export function emptyNeed(): NeedForm {
  return {
    carrier: 'VEHICLE',
    surface: 'metal',
    roofLength: '1.4 m',
    roofWidth: '1.2 m',
    along: '0',
    across: '0',
    mountHeight: '1.9 m',
    clearance: '0',
    low: '153',
    high: '159',
    limit: '2',
  }
}

/** True where the antenna works against what it stands on. */
export const stands = (carrier: Need['carrier']) => carrier === 'VEHICLE' || carrier === 'AIRCRAFT'

export function readNeed(form: NeedForm, unit: LengthUnit): { need?: Need; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const take = (field: string, value: Parsed) => {
    if (value.ok) return value.value
    wrong[field] = value.why
    return Number.NaN
  }
  const length = (field: string, text: string) =>
    take(field, /^[-+]?0$/.test(text.trim()) ? { ok: true, value: 0 } : parseLength(text, unit))
  const isMetal = form.surface === 'metal' && stands(form.carrier)
  const need: Need = {
    carrier: form.carrier,
    isMetal,
    roofLengthM: isMetal ? length('roofLength', form.roofLength) : 0,
    roofWidthM: isMetal ? length('roofWidth', form.roofWidth) : 0,
    alongM: isMetal ? length('along', form.along) : 0,
    acrossM: isMetal ? length('across', form.across) : 0,
    mountHeightM: length('mountHeight', form.mountHeight),
    clearanceM: length('clearance', form.clearance),
    lowHz: take('low', parseFrequency(form.low)),
    highHz: take('high', parseFrequency(form.high)),
    limitSwr: take('limit', parseDecimal(form.limit)),
  }
  return Object.keys(wrong).length === 0 ? { need, wrong } : { wrong }
}

const dbi = (x: number) => `${x.toFixed(1).replace('-', '−')} dBi`

/** What to fit, in one sentence: among those that hold the band, the one that brings most for its trouble. */
export function choiceSentence(
  ranked: Assessment[],
  computed: Map<string, Computed>,
  limitSwr: number,
  length: (m: number) => string,
): string {
  const open = ranked.filter((a) => a.excluded === undefined)
  if (ranked.length > 0 && open.length === 0) return ranked[0]?.excluded ?? 'Nothing fits here.'
  const solved = open.flatMap((a) => {
    const c = computed.get(a.candidate)
    return c ? [{ a, c }] : []
  })
  const [first] = open
  if (!first) return 'Say what is wanted, and on what.'
  if (solved.length < open.length)
    return `Likeliest: ${first.title}, ${length(first.lengthM)}. Solve to be sure.`
  const holding = solved.filter((s) => s.c.holds)
  if (holding.length === 0) {
    const nearest = solved.reduce((x, y) => (y.c.worstSwr < x.c.worstSwr ? y : x))
    return `None holds the whole band under ${limitSwr}; the nearest is the ${nearest.a.title}, ${nearest.c.worstSwr.toFixed(1)} at worst. Split the band, or accept more.`
  }
  const best = holding.reduce((x, y) => (y.c.merit > x.c.merit ? y : x))
  return `Fit the ${best.a.title}, ${length(best.c.lengthM)}: under ${limitSwr} on all of it, ${dbi(best.c.horizonDbi)} to the horizon.`
}

const KINDS: Partial<Record<Assessment['candidate'], PlanForm['antennaKind']>> = {
  QUARTER_WAVE: 'QUARTER_WAVE_WHIP',
  LOADED_WHIP: 'LOADED_CB_WHIP',
  RADIALS: 'GROUND_PLANE',
}

/** A new installation's form with what was planned; empty where the tuning pages have no such kind yet. */
export function installationOf(
  form: NeedForm,
  need: Need,
  choice: Assessment,
  unit: LengthUnit,
): PlanForm | undefined {
  const antennaKind = KINDS[choice.candidate]
  if (!antennaKind) return undefined
  const surface = need.isMetal ? `metal ${form.roofLength} × ${form.roofWidth}` : CARRIERS[form.carrier]
  return {
    ...emptyForm(unit),
    carrier: form.carrier,
    carrierDetail: surface,
    antennaKind,
    antennaDetail: `${choice.title}, about ${formatLength(choice.lengthM, unit)}`,
    limit: form.limit,
    channels: [
      { name: 'low', mhz: formatChannelMhz(need.lowHz), primary: false },
      { name: 'middle', mhz: formatChannelMhz((need.lowHz + need.highHz) / 2), primary: true },
      { name: 'high', mhz: formatChannelMhz(need.highHz), primary: false },
    ],
  }
}
