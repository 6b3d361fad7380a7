import type { Words } from '@/words/words'
import { formatSwr } from '@/units/swr'
import { labelRows, type SweepScale } from '../sweepScale'
import type { Peg } from './trace'

/** A wanted channel with its place, and that of its words above the picture. */
export interface PlacedPeg {
  peg: Peg
  x: number
  label: number
  row: number
  name: string
  word: string
  isInside: boolean
}

const LETTER = 6.6
const NAME_LETTER = 7.4
const LONGEST_NAME = 16

/** More rows of names than this would push the picture down; the table has every channel. */
export const MOST_ROWS = 3
export const ROW = 34

const shortened = (name: string) =>
  name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1).trimEnd()}…` : name

const said = (peg: Peg, words: Words) =>
  peg.outside
    ? words.text('tuning.NOT_SWEPT')
    : `${formatSwr(peg.swr)} ${words.text(peg.met ? 'tuning.MET' : 'tuning.MISSED')}`

/**
 * Names in rows, so that none covers another, and within the picture.
 *
 * @param width of the picture within its margins
 * @param beyond how far words may reach beyond it to the left and to the right
 */
export function placePegs(
  pegs: Peg[],
  x: SweepScale['x'],
  width: number,
  beyond: { left: number; right: number },
  words: Words,
): PlacedPeg[] {
  const placed = pegs.map((peg) => {
    const name = shortened(peg.name)
    const word = said(peg, words)
    const wide = Math.max(name.length * NAME_LETTER, word.length * LETTER)
    const at = x(peg.frequencyHz)
    const range = { least: wide / 2 - beyond.left + 2, most: width + beyond.right - wide / 2 - 2 }
    const label = Math.min(range.most, Math.max(range.least, at))
    return { peg, x: at, label, range, row: 0, name, word, wide, isInside: at >= -1 && at <= width + 1 }
  })
  const shown = placed.filter((p) => p.isInside)
  labelRows(
    shown.map((p) => p.label),
    shown.map((p) => p.wide),
  ).forEach((row, i) => {
    const one = shown[i]
    if (one) one.row = row
  })
  for (const one of shown) one.label = besideLines(one, shown)
  return placed
}

/** Between a word and the line of another channel. */
const CLEAR = 5

type Measured = PlacedPeg & { wide: number; range: { least: number; most: number } }

/** Where the words of a peg stand off the lines that come down past them from rows above; in the middle where there is no such place. */
function besideLines(one: Measured, all: Measured[]): number {
  const half = one.wide / 2 + CLEAR
  const passing = all.filter((p) => p.row > one.row && p.row < MOST_ROWS).map((p) => p.x)
  const isClear = (label: number) =>
    passing.every((x) => Math.abs(x - label) > one.wide / 2) &&
    Math.abs(label - one.x) <= half &&
    label >= one.range.least &&
    label <= one.range.most &&
    all.every(
      (p) => p === one || p.row !== one.row || Math.abs(p.label - label) >= (p.wide + one.wide) / 2 + CLEAR,
    )
  if (isClear(one.label)) return one.label
  const besides = passing.flatMap((x) => [x - half, x + half])
  const near = besides.sort((a, b) => Math.abs(a - one.label) - Math.abs(b - one.label))
  return near.find(isClear) ?? one.label
}

/** How many rows of names stand above the picture. */
export const rowsOf = (pegs: PlacedPeg[]) =>
  1 + Math.max(0, ...pegs.filter((p) => p.row < MOST_ROWS).map((p) => p.row))
