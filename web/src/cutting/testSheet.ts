import { said } from '@/testing/said'
import type { View } from './drawing'
import type { Sheet, SheetInput } from './sheet'

/** A whip of 157 MHz for tests: numbers as the server computes them. */
export function aSheet(change: Partial<Sheet> = {}): Sheet {
  return {
    kind: {
      id: 'quarter-wave-whip',
      title: said('quarter-wave whip'),
      about: said(''),
      lowestHz: 25e6,
      highestHz: 1e9,
    },
    frequencyHz: 157e6,
    numbers: { diameterM: 0.0024, baseM: 0.02, depthM: 0.015 },
    choices: { held: 'screw', metal: 'stainless' },
    bandsHz: [157e6],
    lines: [aLine()],
    uses: 'SOLVER',
    why: said('The solver’s: it knows this thickness and this shape.'),
    doubt: 0.03,
    solvable: true,
    curved: true,
    shape: { whip: 0.4566 },
    pieces: [aPiece()],
    parts: [said('cap for the tip')],
    tools: [said('file')],
    steps: [
      {
        id: 'cut',
        stage: 'CUT',
        text: said('Cut the pieces.'),
        cautions: [{ id: 'caution.STEEL_ROD', params: {}, text: '' }],
      },
      { id: 'trim', stage: 'TUNE', text: said('Shorten the whip.'), cautions: [] },
    ],
    notes: [said('A note that was computed.')],
    views: [aView()],
    atFeed: { resistanceOhm: 36.4, reactanceOhm: 0 },
    atConnector: { resistanceOhm: 36.4, reactanceOhm: 0 },
    ...change,
  }
}

export function anInput(change: Partial<SheetInput>): SheetInput {
  return {
    id: 'diameterM',
    title: said('Whip, thickness'),
    quantity: 'LENGTH',
    lowest: 0.0002,
    highest: 0.038,
    usual: 0.0024,
    options: [],
    onlyOptions: [],
    ...change,
  }
}

export function aLine(change: Partial<Sheet['lines'][number]> = {}): Sheet['lines'][number] {
  return {
    id: 'whip',
    mark: 'A',
    title: said('sheet to tip'),
    quantity: 'LENGTH',
    rule: 0.4543,
    solved: 0.4566,
    difference: 0.0023,
    used: 0.4566,
    source: said('234/f in feet; common practice, no source'),
    toleranceShare: 0.0025,
    tuned: true,
    ...change,
  }
}

export function aPiece(change: Partial<Sheet['pieces'][number]> = {}): Sheet['pieces'][number] {
  return {
    number: 1,
    name: said('whip'),
    count: 1,
    finishedM: 0.4366,
    trimM: 0.0087,
    extraM: 0.015,
    extraFor: said('in the base'),
    cutM: 0.4603,
    stock: said('stainless rod, 2.4 mm'),
    tuned: true,
    ...change,
  }
}

export function aView(change: Partial<View> = {}): View {
  return {
    title: said('From the side'),
    lowX: -0.1,
    highX: 0.1,
    lowY: 0,
    highY: 0.4566,
    enlarged: false,
    strokes: [{ x1: 0, y1: 0, x2: 0, y2: 0.4566, widthM: 0.0024, style: 'METAL' }],
    measures: [{ x1: 0, y1: 0, x2: 0, y2: 0.4566, lane: -1, mark: 'A', lengthM: 0.4566 }],
    labels: [
      { x: 0, y: 0, sort: 'FEED', piece: 0 },
      { x: 0, y: 0.2, sort: 'PIECE', piece: 1 },
      { x: 0, y: 0.1, sort: 'WORDS', piece: 0, words: said('bare metal') },
    ],
    ...change,
  }
}
