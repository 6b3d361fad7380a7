import type { Peg } from '@/plots/sweep/trace'
import type { Schemas } from '@/api/client'
import type { Curve } from '@/plots/sweepScale'
import type { Words } from '@/words/words'

const DEEPEST_DB = 30
const LIGHT_M_PER_S = 299_792_458

/** A quarter of the wavelength in mid band, in metres. */
export function quarterWaveM(lowHz: number, highHz: number): number {
  return LIGHT_M_PER_S / ((lowHz + highHz) / 2) / 4
}

/** The ends of the band as pegs, as they were judged. */
export function bandPegs(ends: Schemas['ChannelVerdictView'][] | undefined, words: Words): Peg[] {
  return (ends ?? []).map((e) => ({
    name: words.textOr(`bandEnd.${e.name}`, e.name),
    frequencyHz: e.reading.frequencyHz,
    met: e.met,
    outside: e.reading.outside,
    ...(e.reading.swr === undefined ? {} : { swr: e.reading.swr }),
    ...(e.reading.returnLossDb === undefined ? {} : { returnLossDb: e.reading.returnLossDb }),
  }))
}

/** A planned curve drawn no deeper than 30 dB: nothing that will be built is matched better, and the rest stays readable. */
export function drawn(curve: Curve): Curve {
  return {
    frequencyHz: curve.frequencyHz,
    returnLossDb: curve.returnLossDb.map((db) => Math.min(db, DEEPEST_DB)),
  }
}
