import type { Schemas } from '@/api/client'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { parseDistance, typedDistance } from '@/units/distance'
import { parseDecimal, refused } from '@/units/number'
import type { Report } from './useAir'

export type Station = Schemas['StationView']

/** A call as typed. */
export interface CallForm {
  /** Id of one of the shop's stations; empty for another. */
  stationId: string
  name: string
  mhz: string
  distance: string
  powerW: string
  oldAntenna: boolean
  report: Report | ''
  note: string
}

export const freshCall = (mainHz: number | undefined): CallForm => ({
  stationId: '',
  name: '',
  mhz: mainHz === undefined ? '' : formatChannelMhz(mainHz),
  distance: '',
  powerW: '',
  oldAntenna: false,
  report: '',
  note: '',
})

/** What the shop knows of a station stands in the form; what is typed can be changed. */
export function toStation(form: CallForm, s: Station): CallForm {
  return {
    ...form,
    stationId: s.id,
    name: s.name,
    mhz: s.frequencyHz === undefined ? form.mhz : formatChannelMhz(s.frequencyHz),
    distance: typedDistance(s.distanceM),
  }
}

export function readCall(form: CallForm): {
  body: Schemas['CallRequest'] | undefined
  wrong: Record<string, string>
} {
  const wrong: Record<string, string> = {}
  const hz = parseFrequency(form.mhz)
  if (!hz.ok) wrong.frequencyHz = hz.why
  const watts = parseDecimal(form.powerW)
  if (!watts.ok) wrong.powerW = watts.why
  const distance = form.distance.trim() === '' ? undefined : parseDistance(form.distance)
  if (distance && !distance.ok) wrong.distanceM = distance.why
  const missing = refused('CHOICE_MISSING')
  if (form.report === '' && !missing.ok) wrong.report = missing.why
  if (Object.keys(wrong).length > 0 || !hz.ok || !watts.ok || form.report === '')
    return { body: undefined, wrong }
  return {
    body: {
      station: form.name,
      frequencyHz: hz.value,
      distanceM: distance?.ok ? distance.value : undefined,
      powerW: watts.value,
      oldAntenna: form.oldAntenna,
      report: form.report,
      note: form.note,
    },
    wrong,
  }
}
