import * as v from 'valibot'
import { keep, readKept, type Shape } from '@/kept'
import type { Schemas } from '@/api/client'
import { formatChannelMhz, formatMhz } from '@/units/frequency'
import { exactLength, formatLength, type LengthUnit } from '@/units/length'
import { formatKg } from '@/units/weight'
import { freshMeter, METERS, rowOf, type MeterDraft } from './spots'

/** What was not as it should be when a pass was taken. */
export type Circumstance = NonNullable<Schemas['Recording']['circumstances']>[number]

/** A pass being recorded, as typed. Lives in the browser until the server has acknowledged it. */
export interface PassDraft {
  /** Sent with the entry; the same key twice records once. */
  requestKey: string
  /** Which piece was changed: the length, or the tap, wire or strap beside it. */
  piece: 'first' | 'second'
  change: 'shortened' | 'lengthened' | 'nothing'
  amount: string
  /** Of several like pieces: one alone, or all by as much; `usual` as the kind is usually changed. */
  pieces: 'usual' | 'THIS' | 'ALIKE'
  /** Somebody has looked for a fault since the pass before, and found or mended it. */
  lookedOver: boolean
  note: string
  source: 'analyser' | 'file' | 'meter' | 'simulated'
  startMhz: string
  stopMhz: string
  points: string
  circumstances: Circumstance[]
  oldAntenna: boolean
  finalSweep: boolean
  swept: SweptDraft
  meter: MeterDraft
  /** A build that is read under a name of its own; '' for the antenna as it stands. */
  runName: string
  runWeight: string
}

/** Where a sweep comes from, and what it rests on: a kind of reading, or the id of one of the shop's calibrations. */
export interface SweptDraft {
  instrument: string
  rests: string
  declared: string
  port: string
}

const POINTS = 401

const SOURCES: Record<Schemas['PassView']['source'], PassDraft['source']> = {
  SIMULATED_ANALYSER: 'simulated',
  ANALYSER: 'analyser',
  FILE: 'file',
  SPOTS: 'meter',
  STANDARD: 'analyser',
}

const key = (installationId: string) => `dorada.pass-draft.${installationId}`

/** A fresh draft: the advised change and a span that fits it. */
export function freshDraft(
  installation: Schemas['InstallationView'],
  last: Schemas['PassView'] | undefined,
  unit: LengthUnit,
  takeAdvice: boolean,
  /** Simulated readings may be recorded: in the demo. */
  isDemo = false,
): PassDraft {
  const advice = last?.advice
  const shortens = advice?.action === 'SHORTEN'
  const changes = takeAdvice && (shortens || advice?.action === 'LENGTHEN')
  const span = advice?.widerSweep ??
    last?.analysis ?? { startHz: installation.sweepStartHz, stopHz: installation.sweepStopHz }
  return {
    requestKey: crypto.randomUUID(),
    piece: changes && advice?.onSecond ? 'second' : 'first',
    change: changes ? (shortens ? 'shortened' : 'lengthened') : 'nothing',
    amount: changes ? formatLength(advice?.amountM ?? 0, unit, true) : '',
    pieces: last?.pieces ?? installation.pieces?.usual ?? 'usual',
    lookedOver: false,
    note: '',
    // Whoever reads a meter goes on reading it.
    source:
      last && (isDemo || last.source !== 'SIMULATED_ANALYSER')
        ? SOURCES[last.source]
        : isDemo
          ? 'simulated'
          : 'analyser',
    startMhz: formatMhz(span.startHz),
    stopMhz: formatMhz(span.stopHz),
    points: String(POINTS),
    circumstances: standing(installation, last),
    oldAntenna: false,
    finalSweep: false,
    swept: { instrument: isDemo ? 'stand-in' : '', rests: 'UNCALIBRATED_ANALYSER', declared: '', port: '1' },
    meter: freshMeter(installation.channels.map((c) => c.frequencyHz)),
    runName: '',
    runWeight: '',
  }
}

/** What holds for every reading of this visit: as it was answered before the first one; without that, a stage that goes on. */
function standing(
  installation: Schemas['InstallationView'],
  last: Schemas['PassView'] | undefined,
): Circumstance[] {
  const ready = installation.visits.at(-1)?.ready
  return ready
    ? ready.circumstances.filter((c) => installation.circumstances.includes(c))
    : (last?.circumstances ?? []).map((c) => c.name).filter((c) => c === 'ON_THE_GROUND')
}

/** One that was recorded wrongly and taken back, as it was typed; `fresh` has what an entry does not keep. */
export function draftOfEntry(
  entry: Schemas['EnteredPass'],
  note: string,
  fresh: PassDraft,
  unit: LengthUnit,
): PassDraft {
  const by = entry.secondChangeM || entry.changeM
  const kind = METERS.find((m) => m === entry.readingKind)
  const meter = { ...fresh.meter, ...(kind ? { kind } : {}) }
  for (const spot of entry.spots) {
    const key = String(spot.frequencyHz)
    if (key in meter.channels) meter.channels[key] = rowOf(spot)
    else meter.extra.push({ ...rowOf(spot), mhz: formatChannelMhz(spot.frequencyHz) })
    if (spot.forwardFullScaleW) meter.forwardRange = String(spot.forwardFullScaleW)
    if (spot.reflectedFullScaleW) meter.reflectedRange = String(spot.reflectedFullScaleW)
  }
  return {
    ...fresh,
    piece: entry.secondChangeM ? 'second' : 'first',
    change: by === 0 ? 'nothing' : by < 0 ? 'shortened' : 'lengthened',
    amount: by === 0 ? '' : exactLength(Math.abs(by), unit),
    pieces: entry.pieces ?? fresh.pieces,
    lookedOver: entry.lookedOver,
    note,
    source: SOURCES[entry.source],
    circumstances: entry.circumstances,
    oldAntenna: entry.oldAntenna,
    finalSweep: entry.finalSweep,
    meter,
    runName: entry.runName ?? '',
    runWeight: entry.runWeightKg === undefined ? '' : formatKg(entry.runWeightKg),
  }
}

/** One that an older page kept lacks some of this, and is not gone on with. */
const DRAFT = v.looseObject({
  requestKey: v.string(),
  change: v.picklist(['shortened', 'lengthened', 'nothing']),
  pieces: v.picklist(['usual', 'THIS', 'ALIKE']),
  circumstances: v.array(v.string()),
  swept: v.looseObject({ instrument: v.string(), rests: v.string(), port: v.string() }),
  meter: v.looseObject({}),
  runName: v.optional(v.string(), ''),
  runWeight: v.optional(v.string(), ''),
}) as unknown as Shape<PassDraft>

export function loadDraft(installationId: string): PassDraft | undefined {
  return readKept(key(installationId), DRAFT)
}

export function keepDraft(installationId: string, draft: PassDraft): void {
  keep(key(installationId), draft)
}

export function dropDraft(installationId: string): void {
  keep(key(installationId), undefined)
}
