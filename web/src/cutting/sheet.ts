import type { Apart, Words } from '@/words/words'
import type { LocationQuery, LocationQueryRaw } from 'vue-router'
import type { Schemas } from '@/api/client'
import { joined } from '@/units/joined'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { formatBoth, formatLength, parseLength, type LengthUnit } from '@/units/length'
import { parseDecimal, parsed, refused, type Parsed } from '@/units/number'

export type Sheet = Schemas['SheetView']
export type SheetPiece = Sheet['pieces'][number]
export type SheetInput = Schemas['InputView']
export type SheetRequest = Schemas['SheetRequest']
export type Quantity = SheetInput['quantity']
export type Uses = Sheet['uses']

/** What a sheet is asked for, as it stands in the address: SI units, so that nobody's unit is guessed. */
export interface Asked {
  kind: string
  frequencyHz: number
  numbers: Record<string, number>
  choices: Record<string, string>
  uses: Uses
  stockM: number[]
  kerfM: number
  /** How many alike are cut from the stock. */
  antennas: number
}

/** As many as a fleet has; the server knows it too. */
export const MOST_ANTENNAS = 50

const KNOWN = new Set(['kind', 'f', 'uses', 'stock', 'kerf', 'antennas', 'installation', 'sheet', 'show'])
const USES: Uses[] = ['BEST', 'RULE', 'SOLVER']

/** Reads an address; what is no number or no word is left out. */
export function readAddress(query: LocationQuery): Asked {
  const text = (key: string) => {
    const value = query[key]
    return typeof value === 'string' ? value : ''
  }
  const asked: Asked = {
    kind: text('kind'),
    frequencyHz: Number(text('f')) || 0,
    numbers: {},
    choices: {},
    uses: USES.find((u) => u === text('uses')) ?? 'BEST',
    stockM: text('stock')
      .split(' ')
      .map(Number)
      .filter((m) => m > 0),
    kerfM: Number(text('kerf')) || 0,
    antennas: howMany(text('antennas')),
  }
  for (const key of Object.keys(query)) {
    if (KNOWN.has(key)) continue
    const value = text(key)
    // A choice is marked, for some of them look like numbers.
    if (value.startsWith('~')) asked.choices[key] = value.slice(1)
    else if (value !== '' && Number.isFinite(Number(value))) asked.numbers[key] = Number(value)
  }
  return asked
}

function howMany(text: string): number {
  const count = Number(text)
  return Number.isInteger(count) && count >= 1 && count <= MOST_ANTENNAS ? count : 1
}

export function writeAddress(asked: Asked): LocationQueryRaw {
  const query: LocationQueryRaw = { kind: asked.kind, f: String(asked.frequencyHz) }
  for (const [id, value] of Object.entries(asked.numbers)) query[id] = String(Number(value.toPrecision(9)))
  for (const [id, option] of Object.entries(asked.choices)) query[id] = `~${option}`
  if (asked.uses !== 'BEST') query.uses = asked.uses
  if (asked.stockM.length) query.stock = asked.stockM.join(' ')
  if (asked.kerfM) query.kerf = String(asked.kerfM)
  if (asked.antennas > 1) query.antennas = String(asked.antennas)
  return query
}

export function requestOf(asked: Asked): SheetRequest {
  return {
    kind: asked.kind,
    frequencyHz: asked.frequencyHz,
    numbers: asked.numbers,
    choices: asked.choices,
    uses: asked.uses,
    ...(asked.stockM.length ? { stockM: asked.stockM, kerfM: asked.kerfM, antennas: asked.antennas } : {}),
  }
}

/** Everything that decides about a sheet, also what was left as usual: the link for a colleague. */
export function completeAddress(asked: Asked, sheet: Sheet): LocationQueryRaw {
  return writeAddress({ ...asked, numbers: sheet.numbers, choices: sheet.choices })
}

/** True where an input is asked for with these choices. */
export function isAsked(input: SheetInput, choices: Record<string, string>): boolean {
  return input.onlyInput === undefined || input.onlyOptions.includes(choices[input.onlyInput] ?? '')
}

export function parseQuantity(text: string, quantity: Quantity, unit: LengthUnit): Parsed {
  const scaled = (factor: number) => {
    const number = parseDecimal(text.replace(/\s*(°|µH|uH|nH|pF)$/i, ''))
    return number.ok ? parsed(number.value * factor) : number
  }
  switch (quantity) {
    case 'LENGTH':
      return /^[-+]?0$/.test(text.trim()) ? parsed(0) : parseLength(text, unit)
    case 'FREQUENCY':
      return parseFrequency(text)
    case 'INDUCTANCE':
      return scaled(/nH$/i.test(text.trim()) ? 1e-9 : 1e-6)
    case 'CAPACITANCE':
      return scaled(1e-12)
    case 'COUNT': {
      const count = scaled(1)
      return count.ok && !Number.isInteger(count.value) ? refused('WHOLE_NUMBER') : count
    }
    default:
      return scaled(1)
  }
}

const trimmed = (x: number, digits: number) => String(Number(x.toFixed(digits)))

/** As it is typed, in one unit. */
export function typed(value: number, quantity: Quantity, unit: LengthUnit): string {
  switch (quantity) {
    case 'LENGTH':
      return value === 0 ? '0' : formatLength(value, unit, true)
    case 'FREQUENCY':
      return formatChannelMhz(value)
    case 'INDUCTANCE':
      return value < 1e-7 ? `${trimmed(value * 1e9, 1)} nH` : `${trimmed(value * 1e6, 3)} µH`
    case 'CAPACITANCE':
      return `${trimmed(value * 1e12, 1)} pF`
    case 'ANGLE':
      return `${trimmed(value, 1)}°`
    default:
      return trimmed(value, 3)
  }
}

/** As it is read: lengths in both units. */
export function shown(value: number, quantity: Quantity, unit: LengthUnit): string {
  if (quantity === 'LENGTH') return formatBoth(value, unit, true)
  return quantity === 'FREQUENCY' ? `${typed(value, quantity, unit)} MHz` : typed(value, quantity, unit)
}

export type CutOfBar = NonNullable<Sheet['plan']>['bars'][number]['cuts'][number]

/** What to set the saw to: to the tenth where nothing is left to trim, and never otherwise than it was solved. */
export const sawTo = (piece: SheetPiece, unit: LengthUnit) => formatBoth(piece.cutM, unit, piece.trimM === 0)

/** Alike ones once, with how many: what comes from one bar, or what nothing on hand is long enough for. */
export function cutsInWords(cuts: CutOfBar[], pieces: SheetPiece[], words: Words): string {
  const isFinished = new Set(pieces.filter((p) => p.trimM === 0).map((p) => p.number))
  const all = new Map<string, number>()
  for (const c of cuts) {
    const one = words.text(c.parts > 1 ? 'cutPage.PART_OF_BAR' : 'cutPage.PIECE_OF_BAR', {
      piece: `${c.piece}`,
      part: `${c.part}`,
      parts: `${c.parts}`,
      length: formatLength(c.lengthM, words.unit, isFinished.has(c.piece)),
    })
    all.set(one, (all.get(one) ?? 0) + 1)
  }
  return [...all].map(([one, count]) => (count > 1 ? `${count} × ${one}` : one)).join(', ')
}

/** The sentence of the sheet: what to set the saw to first, and how much of it is for tuning. */
export function cutSentence(sheet: Sheet, words: Words, antennas = 1): Apart {
  const piece = sheet.pieces.find((p) => p.tuned) ?? sheet.pieces[0]
  if (!piece) return { before: words.text('cutPage.NOTHING_TO_CUT'), amount: '', after: '' }
  const more = [
    piece.trimM > 0 ? words.text('cutPage.FOR_TRIMMING', { trimM: piece.trimM }) : '',
    piece.extraM > 0 && piece.extraFor
      ? joined(`${formatLength(piece.extraM, words.unit)} ${words.phrase(piece.extraFor)}`)
      : '',
  ].filter(Boolean)
  const said = words.around(
    piece.trimM > 0 ? 'cutPage.CUT_THE' : 'cutPage.MAKE_THE',
    sawTo(piece, words.unit),
    {
      piece: words.phrase(piece.name),
      pieces: words.textOr(`${piece.name.id}_SEVERAL`, words.phrase(piece.name)),
      piecesCount: piece.count,
      antennasCount: antennas,
    },
  )
  return { ...said, after: `${said.after}${more.length ? `; ${more.join(', ')}` : ''}.` }
}

/** Bars as typed: `6 m, 6 m, 2.4 m` or `3 × 2 m`. */
export function parseBars(text: string, unit: LengthUnit): { bars: number[]; why?: string } {
  const bars: number[] = []
  for (const part of text
    .split(/[;\n]|,\s+/)
    .map((p) => p.trim())
    .filter(Boolean)) {
    const times = /^(\d+)\s*[×x*]\s*(.+)$/.exec(part)
    const length = parseLength(times?.[2] ?? part, unit)
    if (!length.ok) return { bars: [], why: length.why }
    if (length.value <= 0) return { bars: [], why: 'A bar is longer than 0.' }
    for (let i = 0; i < Number(times?.[1] ?? 1) && bars.length < 60; i++) bars.push(length.value)
  }
  return { bars }
}

export function formatBars(bars: number[], unit: LengthUnit): string {
  const runs: [number, number][] = []
  for (const b of bars) {
    const last = runs.at(-1)
    if (last?.[0] === b) last[1]++
    else runs.push([b, 1])
  }
  return runs.map(([b, n]) => (n > 1 ? `${n} × ` : '') + formatLength(b, unit, true)).join(', ')
}
