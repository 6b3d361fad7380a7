import type { Schemas } from '@/api/client'
import type { Words } from '@/words/words'
import type { Option } from '@/ui/options'

export type CardState = Schemas['CardView']['state']
export type Carrier = Schemas['CardView']['carrier']

/** In the order of the road; their words are `state.…` of the catalogue. */
export const STATES: CardState[] = [
  'PLANNED',
  'TUNING',
  'MET',
  'READY',
  'SIGNED_OFF',
  'SIGNED_OFF_BY_JUDGEMENT',
]

/** Their words as something that an antenna is fitted to are `fittedTo.…`. */
export const CARRIERS: Carrier[] = ['VEHICLE', 'HANDHELD', 'AIRCRAFT', 'MAST', 'INDOOR', 'PORTABLE']

export const stateOptions = (words: Words): Option<CardState>[] =>
  STATES.map((value) => ({ value, word: words.text(`state.${value}`) }))

export const carrierOptions = (words: Words): Option<Carrier>[] =>
  CARRIERS.map((value) => ({ value, word: words.text(`fittedTo.${value}`) }))
