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
    const label = Math.min(width + beyond.right - wide / 2 - 2, Math.max(wide / 2 - beyond.left + 2, at))
    return { peg, x: at, label, row: 0, name, word, wide, isInside: at >= -1 && at <= width + 1 }
  })
  const shown = placed.filter((p) => p.isInside)
  labelRows(
    shown.map((p) => p.label),
    shown.map((p) => p.wide),
  ).forEach((row, i) => {
    const one = shown[i]
    if (one) one.row = row
  })
  return placed
}

/** How many rows of names stand above the picture. */
export const rowsOf = (pegs: PlacedPeg[]) =>
  1 + Math.max(0, ...pegs.filter((p) => p.row < MOST_ROWS).map((p) => p.row))
