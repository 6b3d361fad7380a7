import type { Peg } from '@/plots/SweepPlot.vue'
import { returnLossAt, type Curve } from '@/plots/sweepScale'
import { swrOfReturnLoss } from '@/units/swr'

const DEEPEST_DB = 30
const LIGHT_M_PER_S = 299_792_458

/** A quarter of the wavelength in mid band, in metres. */
export function quarterWaveM(lowHz: number, highHz: number): number {
  return LIGHT_M_PER_S / ((lowHz + highHz) / 2) / 4
}

/** The ends of the band as pegs, judged on `curve`; no pegs without one. */
export function bandPegs(
  need: { lowHz: number; highHz: number; limitSwr: number },
  curve: Curve | undefined,
): Peg[] {
  if (!curve) return []
  return [
    { name: 'low', frequencyHz: need.lowHz },
    { name: 'high', frequencyHz: need.highHz },
  ].map((p) => {
    const db = returnLossAt(curve, p.frequencyHz)
    if (db === undefined) return { ...p, met: false, outside: true }
    const swr = swrOfReturnLoss(db)
    return { ...p, swr, returnLossDb: db, met: swr <= need.limitSwr, outside: false }
  })
}

/** A planned curve drawn no deeper than 30 dB: nothing that will be built is matched better, and the rest stays readable. */
export function drawn(curve: Curve): Curve {
  return {
    frequencyHz: curve.frequencyHz,
    returnLossDb: curve.returnLossDb.map((db) => Math.min(db, DEEPEST_DB)),
  }
}
