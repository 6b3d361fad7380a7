import { like } from '@/kept'
import type { Schemas } from '@/api/client'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { exactLength, FOOT_M, formatLength, parseLength, type LengthUnit } from '@/units/length'
import { parseDecimal, why, type Parsed } from '@/units/number'
import type { Words } from '@/words/words'

export type Plan = Schemas['InstallationRequest']

/** The plan as typed: texts until they are sent. */
export interface PlanForm {
  title: string
  customer: string
  carrier: Plan['carrier']
  carrierDetail: string
  antennaKind: Plan['antennaKind']
  antennaDetail: string
  adjust: 'cut' | 'slide'
  smallestStep: string
  startLength: string
  shortestLength: string
  longestLength: string
  ratedPower: string
  swrCeiling: string
  ruleName: Plan['ruleName']
  limit: string
  measuredAt: Plan['measuredAt']
  channels: ChannelForm[]
  otherRadios: RadioForm[]
  /** Id of the catalogue; empty where it is not known. */
  feedlineType: string
  feedlineLength: string
  /** Of the shop's radios; empty where nobody said which. */
  radioId: string
  /** Names of the catalogue, as the customer's is. */
  carriedBy: string
  antennaName: string
  baseName: string
  feedlineName: string
  adapterName: string
  /** The others of a fleet, one name on each line; of a new installation alone. */
  alike: string
}

/** A wanted channel as typed. */
export interface ChannelForm {
  name: string
  mhz: string
  primary: boolean
  use: NonNullable<Plan['channels'][number]['use']>
  weight: string
  /** Name of another radio; empty for the first. */
  radio: string
}

/** Another radio on the same antenna, as typed. */
export interface RadioForm {
  name: string
  ratedPower: string
  swrCeiling: string
}

/** A channel of the first radio, sent and heard, that counts like the others. */
export function channelForm(name: string, mhz: string, primary: boolean, use: ChannelForm['use'] = 'BOTH') {
  return { name, mhz, primary, use, weight: '1', radio: '' }
}

export function emptyForm(unit: LengthUnit): PlanForm {
  return {
    title: '',
    customer: '',
    carrier: 'VEHICLE',
    carrierDetail: '',
    antennaKind: 'QUARTER_WAVE_WHIP',
    antennaDetail: '',
    adjust: 'cut',
    smallestStep: formatLength(0.001, unit),
    startLength: '',
    shortestLength: '',
    longestLength: '',
    ratedPower: '25',
    swrCeiling: '2.0',
    ruleName: 'UNDER_LIMIT',
    limit: '2.0',
    measuredAt: 'RADIO',
    channels: [channelForm('', '', true)],
    otherRadios: [],
    feedlineType: '',
    feedlineLength: '',
    radioId: '',
    carriedBy: '',
    antennaName: '',
    baseName: '',
    feedlineName: '',
    adapterName: '',
    alike: '',
  }
}

/** How a kind is usually adjusted; nothing where the kinds are not known yet. */
export function usuallyAdjusted(
  kind: Plan['antennaKind'],
  kinds: Schemas['KindView'][] | undefined,
  unit: LengthUnit,
): Partial<Pick<PlanForm, 'adjust' | 'smallestStep'>> {
  const known = kinds?.find((k) => k.kind === kind)
  return known
    ? { adjust: known.oneWay ? 'cut' : 'slide', smallestStep: formatLength(known.smallestStepM, unit, true) }
    : {}
}

/** A form as a browser keeps it. */
export const planShape = (unit: LengthUnit) =>
  like(emptyForm(unit), { otherRadios: { name: '', ratedPower: '', swrCeiling: '' } satisfies RadioForm })

export function formOf(plan: Plan, unit: LengthUnit): PlanForm {
  return {
    ...plan,
    adjust: plan.oneWay ? 'cut' : 'slide',
    smallestStep: exactLength(plan.smallestStepM, unit),
    startLength: typed(plan.startLengthM, unit),
    shortestLength: typed(plan.shortestLengthM, unit),
    longestLength: typed(plan.longestLengthM, unit),
    ratedPower: String(plan.ratedPowerW),
    swrCeiling: String(plan.swrCeiling),
    limit: String(plan.limitSwr),
    channels: plan.channels.map((c) => ({
      name: c.name,
      mhz: formatChannelMhz(c.frequencyHz),
      primary: c.primary,
      use: c.use ?? 'BOTH',
      weight: String(c.weight ?? 1),
      radio: c.radio ?? '',
    })),
    otherRadios: (plan.otherRadios ?? []).map((r) => ({
      name: r.name,
      ratedPower: String(r.ratedPowerW),
      swrCeiling: String(r.swrCeiling),
    })),
    feedlineType: plan.feedlineType ?? '',
    feedlineLength: plan.feedlineLengthM === undefined ? '' : metresTyped(plan.feedlineLengthM, unit),
    radioId: plan.radioId ?? '',
    carriedBy: plan.carriedBy ?? '',
    antennaName: plan.antennaName ?? '',
    baseName: plan.baseName ?? '',
    feedlineName: plan.feedlineName ?? '',
    adapterName: plan.adapterName ?? '',
    alike: '',
  }
}

/** What of an installation the plan form changes. */
export function planOf(i: Schemas['InstallationView']): Plan {
  return {
    title: i.title,
    customer: i.customer,
    carrier: i.carrier,
    carrierDetail: i.carrierDetail,
    antennaKind: i.antennaKind,
    antennaDetail: i.antennaDetail,
    oneWay: i.oneWay,
    smallestStepM: i.smallestStepM,
    startLengthM: i.startLengthM,
    shortestLengthM: i.shortestLengthM,
    longestLengthM: i.longestLengthM,
    ratedPowerW: i.ratedPowerW,
    swrCeiling: i.swrCeiling,
    ruleName: i.ruleName,
    limitSwr: i.limitSwr,
    measuredAt: i.measuredAt,
    channels: i.channels,
    otherRadios: i.otherRadios,
    feedlineType: i.feedlineType,
    feedlineLengthM: i.feedlineLengthM,
    radioId: i.radioId,
    carriedBy: i.carriedBy,
    antennaName: i.antennaName,
    baseName: i.baseName,
    feedlineName: i.feedlineName,
    adapterName: i.adapterName,
  }
}

export interface ReadPlan {
  plan: Plan
  /** What cannot be used, by field; the plan may only be sent where this is empty. */
  wrong: Record<string, string>
}

/**
 * Reads the form; every field that cannot be used is named with a sentence. Without a limit of its own the rule brings one, or
 * takes the radio's.
 */
export function readPlan(form: PlanForm, unit: LengthUnit, hasOwnLimit = true): ReadPlan {
  const wrong: Record<string, string> = {}
  const take = (field: string, result: Parsed): number => {
    if (result.ok) return result.value
    wrong[field] = result.why
    return NaN
  }
  const length = (field: string, text: string) =>
    text.trim() === '' ? undefined : take(field, parseLength(text, unit))
  const channels = form.channels
    .filter((c) => c.name.trim() !== '' || c.mhz.trim() !== '')
    .map((c, i) => {
      if (c.name.trim() === '') wrong[`channels[${i}].name`] = why('CHANNEL_NAME')
      return {
        name: c.name.trim(),
        frequencyHz: take(`channels[${i}].frequencyHz`, parseFrequency(c.mhz)),
        primary: c.primary,
        use: c.use,
        weight: take(`channels[${i}].weight`, parseDecimal(c.weight)),
        radio: form.otherRadios.some((r) => r.name.trim() === c.radio) ? c.radio : '',
      }
    })
  const otherRadios = form.otherRadios.map((r, i) => {
    if (r.name.trim() === '') wrong[`otherRadios[${i}].name`] = why('RADIO_NAME')
    return {
      name: r.name.trim(),
      ratedPowerW: take(`otherRadios[${i}].ratedPowerW`, watts(r.ratedPower)),
      swrCeiling: take(`otherRadios[${i}].swrCeiling`, parseDecimal(r.swrCeiling)),
    }
  })
  if (channels.length === 0) wrong.channels = why('NO_CHANNEL')
  if (form.title.trim() === '') wrong.title = why('NO_TITLE')
  const plan: Plan = {
    title: form.title,
    customer: form.customer,
    carrier: form.carrier,
    carrierDetail: form.carrierDetail,
    antennaKind: form.antennaKind,
    antennaDetail: form.antennaDetail,
    oneWay: form.adjust === 'cut',
    smallestStepM: take('smallestStepM', parseLength(form.smallestStep, unit)),
    startLengthM: length('startLengthM', form.startLength),
    shortestLengthM: length('shortestLengthM', form.shortestLength),
    // What is only cut gets no longer.
    longestLengthM: form.adjust === 'slide' ? length('longestLengthM', form.longestLength) : undefined,
    ratedPowerW: take('ratedPowerW', watts(form.ratedPower)),
    swrCeiling: take('swrCeiling', parseDecimal(form.swrCeiling)),
    ruleName: form.ruleName,
    limitSwr: hasOwnLimit ? take('limitSwr', parseDecimal(form.limit)) : 2,
    measuredAt: form.measuredAt,
    channels,
    otherRadios,
    ...(form.feedlineType
      ? {
          feedlineType: form.feedlineType,
          feedlineLengthM: take('feedlineLengthM', parseLength(form.feedlineLength, unit)),
        }
      : {}),
    ...(form.radioId ? { radioId: form.radioId } : {}),
    carriedBy: form.carriedBy.trim(),
    antennaName: form.antennaName.trim(),
    baseName: form.baseName.trim(),
    feedlineName: form.feedlineName.trim(),
    adapterName: form.adapterName.trim(),
  }
  return { plan, wrong }
}

const typed = (m: number | undefined, unit: LengthUnit) => (m === undefined ? '' : exactLength(m, unit))

/** A feedline's length as people type it: `4.2 m`, `13.8 ft`; in feet only where that is what it is. */
const metresTyped = (m: number, unit: LengthUnit) => {
  const feet = Number((m / FOOT_M).toFixed(2))
  return unit === 'inch' && Math.abs(feet * FOOT_M - m) < 1e-6 ? `${feet} ft` : `${Number(m.toFixed(6))} m`
}

const watts = (text: string) => parseDecimal(text.replace(/\s*w(atts?)?$/i, ''))

/** Where the draft of a new installation says which saved plan it was made of. */
export const PLAN_OF_NEW = 'dorada.plan-draft.new.of'

/** What a part of a plan is called: the key of its words. */
export const planFieldKey = (field: keyof Plan) =>
  `planField.${field.replace(/[A-Z]/g, (letter) => `_${letter}`).toUpperCase()}`

/** A part of `plan` as it stands in the form, for a question about it. */
export function planWords(plan: Plan, field: keyof Plan, words: Words): string {
  const form = formOf(plan, words.unit)
  const or = (text: string, key: string) => text || words.text(`planForm.${key}`)
  switch (field) {
    case 'channels':
      return form.channels.map((c) => `${c.name} ${c.mhz}`).join(', ')
    case 'otherRadios':
      return or(form.otherRadios.map((r) => `${r.name} ${r.ratedPower} W`).join(', '), 'NONE')
    case 'oneWay':
      return words.text(`planForm.${plan.oneWay ? 'CUT_ONE_WAY' : 'BOTH_WAYS'}`)
    case 'smallestStepM':
      return form.smallestStep
    case 'startLengthM':
      return or(form.startLength, 'NOT_MEASURED')
    case 'shortestLengthM':
      return or(form.shortestLength, 'NOT_KNOWN')
    case 'longestLengthM':
      return or(form.longestLength, 'NOT_KNOWN')
    case 'antennaKind':
      return words.text(`kind.${plan.antennaKind}`)
    case 'carrier':
      return words.text(`fittedTo.${plan.carrier}`)
    case 'ruleName':
      return words.text(`ruleName.${plan.ruleName}`)
    case 'measuredAt':
      return words.text(`plane.${plan.measuredAt}`)
    default:
      return String(plan[field] ?? '')
  }
}
