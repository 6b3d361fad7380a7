import { like, readKept } from '@/kept'
import { DRAFTS } from './drafts'
import { currentWords, type Words } from '@/words/words'
import type { Schemas } from '@/api/client'
import { channelForm, emptyForm, type PlanForm } from '@/installation/planForm'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { exactLength, parseLength, type LengthUnit } from '@/units/length'
import { parseDecimal, type Parsed } from '@/units/number'

export type Need = Schemas['NeedRequest']
export type Assessment = Schemas['AssessmentView']
export type Computed = Schemas['ComputedView']

/** Something that stands near the mount, as typed. */
export interface NearForm {
  name: string
  along: string
  across: string
  from: string
  to: string
  thick: string
}

/** What is wanted, as typed. */
export interface NeedForm {
  carrier: Need['carrier']
  material: Need['material']
  roofLength: string
  roofWidth: string
  along: string
  across: string
  roomLength: string
  roomHeight: string
  mountHeight: string
  clearance: string
  near: NearForm[]
  low: string
  high: string
  limit: string
  target: NonNullable<Need['target']>
  polarisation: NonNullable<Need['polarisation']>
  bearing: string
  rod: string
  wire: string
  insulation: string
  holes: string
}

export const MATERIALS: Need['material'][] = ['METAL', 'COMPOSITE', 'FABRIC', 'TUBE_FRAME', 'PLASTIC', 'NONE']

export const TARGETS: NeedForm['target'][] = ['ALL_ROUND', 'ONE_STATION', 'SKIP']

export function emptyNeed(): NeedForm {
  return {
    carrier: 'VEHICLE',
    material: 'METAL',
    roofLength: '1.4 m',
    roofWidth: '1.2 m',
    along: '0',
    across: '0',
    roomLength: '6 m',
    roomHeight: '2.4 m',
    mountHeight: '1.9 m',
    clearance: '0',
    near: [],
    low: '153',
    high: '159',
    limit: '2',
    target: 'ALL_ROUND',
    polarisation: 'VERTICAL',
    bearing: '0',
    rod: '',
    wire: '',
    insulation: '',
    holes: '',
  }
}

export const emptyNear = (): NearForm => ({
  name: 'post',
  along: '-0.5 m',
  across: '0',
  from: '0',
  to: '0.5 m',
  thick: '40 mm',
})

/** True where the antenna works against what it stands on. */
export const stands = (carrier: Need['carrier']) => carrier === 'VEHICLE' || carrier === 'AIRCRAFT'

export function readNeed(form: NeedForm, unit: LengthUnit): { need?: Need; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const take = (field: string, value: Parsed) => {
    if (value.ok) return value.value
    wrong[field] = value.why
    return Number.NaN
  }
  const isZero = (text: string) => /^[-+]?0?$/.test(text.trim())
  const length = (field: string, text: string) =>
    take(field, isZero(text) ? { ok: true, value: 0 } : parseLength(text, unit))
  const isMetal = form.material === 'METAL' && stands(form.carrier)
  const isIndoor = form.carrier === 'INDOOR'
  const need: Need = {
    carrier: form.carrier,
    material: stands(form.carrier) ? form.material : 'NONE',
    roofLengthM: isMetal ? length('roofLength', form.roofLength) : 0,
    roofWidthM: isMetal ? length('roofWidth', form.roofWidth) : 0,
    alongM: isMetal ? length('along', form.along) : 0,
    acrossM: isMetal ? length('across', form.across) : 0,
    roomLengthM: isIndoor ? length('roomLength', form.roomLength) : 0,
    roomHeightM: isIndoor ? length('roomHeight', form.roomHeight) : 0,
    mountHeightM: length('mountHeight', form.mountHeight),
    clearanceM: length('clearance', form.clearance),
    near: form.near.map((n, i) => ({
      name: n.name.trim() || currentWords().text('planPage.THING', { count: i + 1 }),
      alongM: length(`near[${i}].along`, n.along),
      acrossM: length(`near[${i}].across`, n.across),
      fromM: length(`near[${i}].from`, n.from),
      toM: length(`near[${i}].to`, n.to),
      radiusM: length(`near[${i}].thick`, n.thick) / 2,
    })),
    lowHz: take('low', parseFrequency(form.low)),
    highHz: take('high', parseFrequency(form.high)),
    limitSwr: take('limit', parseDecimal(form.limit)),
    target: form.target,
    polarisation: form.polarisation,
    bearingDeg: form.target === 'ONE_STATION' ? take('bearing', parseDecimal(form.bearing)) : 0,
    rodRadiusM: length('rod', form.rod) / 2,
    wireRadiusM: length('wire', form.wire) / 2,
    insulationM: length('insulation', form.insulation),
    holesM: length('holes', form.holes),
  }
  return Object.keys(wrong).length === 0 ? { need, wrong } : { wrong }
}

/** A draft of an earlier day: what it lacks is usual, what is no longer known is left out. */
export const keptNeed = (): NeedForm | undefined =>
  readKept(DRAFTS.antenna, like(emptyNeed(), { near: emptyNear() }))

export const dbi = (x: number) => `${x.toFixed(1).replace('-', '−')} dBi`

/** The first that may stand there, by rule: ranked by the server. */
export const firstByRule = (ranked: Assessment[]) => ranked.find((a) => a.excluded === undefined)

/** A new installation's form with what was planned; `way` is the first way to the air, where that was planned too. */
export function installationOf(
  form: NeedForm,
  need: Need,
  choice: Assessment,
  words: Words,
  way?: Schemas['Way'],
): PlanForm {
  const surface =
    need.material === 'METAL'
      ? words.text('planPage.METAL_OF', { length: form.roofLength, width: form.roofWidth })
      : need.material === 'NONE'
        ? words.text(`fittedTo.${form.carrier}`)
        : words.text(`planPage.material.${need.material}`).toLowerCase()
  return {
    ...emptyForm(words.unit),
    carrier: form.carrier,
    carrierDetail: surface,
    antennaKind: choice.antennaKind,
    antennaDetail: words.text('planPage.ABOUT', {
      antenna: words.phrase(choice.title),
      antennaM: choice.lengthM,
    }),
    limit: form.limit,
    ...(way
      ? {
          ratedPower: String(way.ratedW),
          swrCeiling: String(way.ceilingSwr),
          feedlineType: way.lineM > 0 ? way.line : '',
          feedlineLength: way.lineM > 0 ? exactLength(way.lineM, words.unit) : '',
        }
      : {}),
    channels: [
      channelForm(words.text('bandEnd.low'), formatChannelMhz(need.lowHz), false),
      channelForm(words.text('bandEnd.middle'), formatChannelMhz((need.lowHz + need.highHz) / 2), true),
      channelForm(words.text('bandEnd.high'), formatChannelMhz(need.highHz), false),
    ],
  }
}
