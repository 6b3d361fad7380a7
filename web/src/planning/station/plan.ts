import * as v from 'valibot'
import { like, readKept } from '@/kept'
import { DRAFTS } from '../drafts'
import type { Schemas } from '@/api/client'
import type { LengthUnit } from '@/units/length'
import { FOOT_M, parseLength } from '@/units/length'
import { parseFrequency } from '@/units/frequency'
import { parseDistance } from '@/units/distance'
import { parseDecimal, type Parsed } from '@/units/number'

export type StationPlan = Schemas['StationPlan']
export type StationAnswer = Schemas['StationAnswer']

/** One way to build the station, as typed. */
export interface WayForm {
  name: string
  watts: string
  ceiling: string
  jumper: string
  jumperLength: string
  meterLoss: string
  line: string
  lineLength: string
  connectors: string
  swr: string
  gain: string
  /** Loss in dB of a tuner at the radio; empty without one. */
  tuner: string
}

export interface StationForm {
  mhz: string
  ways: WayForm[]
  ownHeight: string
  largest: string
  totalHeight: string
  duty: string
  ground: StationPlan['ground']
  atBody: boolean
  stations: { name: string; km: string; height: string; gain: string; needed: string }[]
}

export function emptyWay(name: string): WayForm {
  return {
    name,
    watts: '25',
    ceiling: '2',
    jumper: 'rg-58',
    jumperLength: '0',
    meterLoss: '0',
    line: 'rg-58',
    lineLength: '5 m',
    connectors: '2',
    swr: '1.5',
    gain: '2.15',
    tuner: '',
  }
}

/** A station to be reached. */
export const emptyOther = (): StationForm['stations'][number] => ({
  name: '',
  km: '10',
  height: '10 m',
  gain: '3',
  needed: '-110',
})

export function emptyStation(): StationForm {
  return {
    mhz: '155.000',
    ways: [
      { ...emptyWay('A'), watts: '50', swr: '2.2' },
      { ...emptyWay('B'), line: 'foam-10', swr: '1.3' },
    ],
    ownHeight: '2.2 m',
    largest: '0.5 m',
    totalHeight: '0',
    duty: '50',
    ground: 'TYPICAL',
    atBody: false,
    stations: [{ ...emptyOther(), name: 'Depot', km: '8', height: '20 m' }],
  }
}

/** A draft of an earlier day: what it lacks is usual; nothing where there is none. */
export const keptStation = (): StationForm | undefined => readKept(DRAFTS.station, like(emptyStation()))

/** What was typed as a plan, or what is wrong by field. */
export function readStation(
  form: StationForm,
  unit: LengthUnit,
): { plan?: StationPlan; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const take = (field: string, value: Parsed): number => {
    if (value.ok) return value.value
    wrong[field] = value.why
    return Number.NaN
  }
  const length = (field: string, text: string) =>
    take(field, text.trim() === '0' ? { ok: true, value: 0 } : parseLength(text, unit))
  const plan: StationPlan = {
    frequencyHz: take('frequencyHz', parseFrequency(form.mhz)),
    alternatives: form.ways.map((w, i) => {
      const at = (field: string) => `alternatives[${i}].${field}`
      return {
        name: w.name,
        ratedW: take(at('ratedW'), parseDecimal(w.watts)),
        ceilingSwr: take(at('ceilingSwr'), parseDecimal(w.ceiling)),
        jumper: w.jumper,
        jumperM: length(at('jumperM'), w.jumperLength),
        meterLossDb: take(at('meterLossDb'), parseDecimal(w.meterLoss)),
        line: w.line,
        lineM: length(at('lineM'), w.lineLength),
        connectors: Math.round(take(at('connectors'), parseDecimal(w.connectors))),
        swr: take(at('swr'), parseDecimal(w.swr)),
        gainDbi: take(at('gainDbi'), parseDecimal(w.gain)),
        ...(w.tuner.trim() === '' ? {} : { tunerLossDb: take(at('tunerLossDb'), parseDecimal(w.tuner)) }),
      }
    }),
    ownHeightM: length('ownHeightM', form.ownHeight),
    largestM: length('largestM', form.largest),
    totalHeightM: length('totalHeightM', form.totalHeight),
    duty: take('duty', parseDecimal(form.duty)) / 100,
    ground: form.ground,
    atBody: form.atBody,
    stations: form.stations.map((s, i) => ({
      name: s.name,
      distanceM: take(`stations[${i}].distanceM`, parseDistance(s.km)),
      heightM: length(`stations[${i}].heightM`, s.height),
      gainDbi: take(`stations[${i}].gainDbi`, parseDecimal(s.gain)),
      neededDbm: take(`stations[${i}].neededDbm`, parseDecimal(s.needed)),
    })),
  }
  return Object.keys(wrong).length === 0 ? { plan, wrong } : { wrong }
}

/** A distance to keep, rounded up, in both units: `1.7 m (5.4 ft)`. */
export function keepAway(metres: number): string {
  const up = (x: number) => (Math.ceil(x * 10 - 1e-6) / 10).toFixed(1)
  return `${up(metres)} m (${up(metres / FOOT_M)} ft)`
}

/** A plan in an address, so that a colleague opens the same one. */
export function toAddress(form: StationForm): string {
  const bytes = new TextEncoder().encode(JSON.stringify(form))
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_')
    .replaceAll('=', '')
}

/** The plan of an address; nothing where it is none. */
export function fromAddress(text: string): StationForm | undefined {
  try {
    const bytes = Uint8Array.from(atob(text.replaceAll('-', '+').replaceAll('_', '/')), (c) =>
      c.charCodeAt(0),
    )
    const form: unknown = JSON.parse(new TextDecoder().decode(bytes))
    return v.is(v.object({ ways: v.array(v.any()), stations: v.array(v.any()) }), form)
      ? v.parse(like(emptyStation()), form)
      : undefined
  } catch {
    return undefined
  }
}

/** The station with an antenna as it was computed in its first way: what it puts on the air is reckoned from there. */
export function withAntenna(station: StationForm, swr: number, gainDbi: number): StationForm {
  return {
    ...station,
    ways: station.ways.map((w, i) => (i === 0 ? { ...w, swr: swr.toFixed(2), gain: gainDbi.toFixed(1) } : w)),
  }
}
