import * as v from 'valibot'
import type { Schemas } from '@/api/client'
import { keep, readKept } from '@/kept'
import { parseFrequency } from '@/units/frequency'
import { parseDecimal } from '@/units/number'
import { currentWords } from '@/words/words'
import { returnLossOfSwr, swrOfMagnitude } from '@/units/swr'

export type MeterKind = 'INLINE_METER' | 'WATTMETER' | 'DIAL_ANALYSER' | 'RADIO_METER'
export type SpotRequest = Schemas['SpotRequest']

/** What is read off and typed; each has a reminder of what to mind before the reading. */
export const METERS: MeterKind[] = ['INLINE_METER', 'WATTMETER', 'DIAL_ANALYSER', 'RADIO_METER']

/** One line of readings as typed; `mhz` only where it is no wanted channel. */
export interface SpotRow {
  mhz: string
  swr: string
  forward: string
  reflected: string
  r: string
  x: string
}

export interface MeterDraft {
  kind: MeterKind
  /** By frequency of the wanted channel in Hz. */
  channels: Record<string, SpotRow>
  extra: SpotRow[]
  forwardRange: string
  reflectedRange: string
}

export const emptyRow = (): SpotRow => ({ mhz: '', swr: '', forward: '', reflected: '', r: '', x: '' })

/** A reading that was recorded, as it was typed. */
export const rowOf = (spot: Schemas['SpotRecord']): SpotRow => {
  const text = (value: number | undefined) => (value === undefined ? '' : String(value))
  return {
    mhz: '',
    swr: spot.forwardW === undefined ? text(spot.swr) : '',
    forward: text(spot.forwardW),
    reflected: text(spot.reflectedW),
    r: text(spot.resistanceOhm),
    x: text(spot.reactanceSizeOhm),
  }
}

export const isEmptyRow = (row: SpotRow) => Object.values(row).every((text: string) => text.trim() === '')

const LAST = 'dorada.meter'
const LAST_SHAPE = v.object({
  kind: v.picklist(METERS),
  forwardRange: v.string(),
  reflectedRange: v.string(),
})

/** The meter in one's hand is the same at the next pass. */
export const rememberMeter = ({ kind, forwardRange, reflectedRange }: MeterDraft) =>
  keep(LAST, { kind, forwardRange, reflectedRange })

export const freshMeter = (channelsHz: number[]): MeterDraft => ({
  ...(readKept(LAST, LAST_SHAPE) ?? { kind: 'INLINE_METER', forwardRange: '50', reflectedRange: '5' }),
  channels: Object.fromEntries(channelsHz.map((hz) => [String(hz), emptyRow()])),
  extra: [],
})

/** `1.5`, also written `1.5:1`. */
const swrOf = (row: SpotRow) => row.swr.replace(/:1$/, '')

/** What a row means as it is typed: SWR and return loss; nothing while it can't be read. */
export function meaningOf(row: SpotRow, kind: MeterKind): { swr: number; returnLossDb: number } | undefined {
  const read = (text: string) => {
    const p = parseDecimal(text)
    return p.ok ? p.value : NaN
  }
  const swr =
    kind === 'WATTMETER'
      ? swrOfMagnitude(Math.sqrt(read(row.reflected) / read(row.forward)))
      : read(swrOf(row))
  return swr >= 1 && Number.isFinite(swr) ? { swr, returnLossDb: returnLossOfSwr(swr) } : undefined
}

/** Forward less reflected, in watts; nothing while either can't be read or more comes back than goes. */
export function deliveredW(row: SpotRow): number | undefined {
  const forward = parseDecimal(row.forward)
  const reflected = parseDecimal(row.reflected)
  return forward.ok && reflected.ok && forward.value > 0 && reflected.value <= forward.value
    ? forward.value - reflected.value
    : undefined
}

export interface ReadSpots {
  /** The readings that are typed. */
  spots: SpotRequest[]
  /** The row that each stands in: `153050000`, `extra0`. */
  rows: string[]
  /** What is wrong with them, by row or field. */
  wrong: Record<string, string>
}

export function readSpots(draft: MeterDraft): ReadSpots {
  const words = currentWords()
  const wrong: Record<string, string> = {}
  const spots: SpotRequest[] = []
  const rows: string[] = []
  const number = (text: string, at: string): number | undefined => {
    if (text.trim() === '') return undefined
    const p = parseDecimal(text)
    if (!p.ok) wrong[at] = p.why
    return p.ok ? p.value : undefined
  }
  const watts = draft.kind === 'WATTMETER'
  const forwardFullScaleW = watts ? number(draft.forwardRange, 'forwardRange') : undefined
  const reflectedFullScaleW = watts ? number(draft.reflectedRange, 'reflectedRange') : undefined
  if (watts && forwardFullScaleW === undefined) wrong.forwardRange ??= words.text('typed.WHICH_SCALE')

  const take = (row: SpotRow, hz: number, at: string) => {
    const isEmpty = watts ? row.forward.trim() === '' : row.swr.trim() === ''
    if (isEmpty) return
    rows.push(at)
    if (watts) {
      const forwardW = number(row.forward, at)
      const reflectedW = number(row.reflected, at)
      if (reflectedW === undefined) wrong[at] ??= words.text('typed.REFLECTED_MISSING')
      spots.push({
        frequencyHz: hz,
        ...(forwardW === undefined ? {} : { forwardW }),
        ...(reflectedW === undefined ? {} : { reflectedW }),
        ...(forwardFullScaleW === undefined ? {} : { forwardFullScaleW }),
        ...(reflectedFullScaleW === undefined ? {} : { reflectedFullScaleW }),
      })
      return
    }
    const swr = number(swrOf(row), at)
    if (swr !== undefined && swr < 1) wrong[at] = words.text('typed.SWR_FROM_1')
    const resistanceOhm = draft.kind === 'DIAL_ANALYSER' ? number(row.r, at) : undefined
    const reactanceSizeOhm = draft.kind === 'DIAL_ANALYSER' ? number(row.x, at) : undefined
    spots.push({
      frequencyHz: hz,
      ...(swr === undefined ? {} : { swr }),
      ...(resistanceOhm === undefined ? {} : { resistanceOhm }),
      ...(reactanceSizeOhm === undefined ? {} : { reactanceSizeOhm: Math.abs(reactanceSizeOhm) }),
    })
  }
  for (const [hz, row] of Object.entries(draft.channels)) take(row, Number(hz), hz)
  draft.extra.forEach((row, i) => {
    if (row.mhz.trim() === '' && row.swr.trim() === '' && row.forward.trim() === '') return
    const hz = parseFrequency(row.mhz)
    if (hz.ok) take(row, hz.value, `extra${i}`)
    else wrong[`extra${i}`] = hz.why
  })
  if (spots.length === 0 && Object.keys(wrong).length === 0) wrong.spots = words.text('typed.READING_MISSING')
  return { spots, rows, wrong }
}
