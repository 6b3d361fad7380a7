import type { Schemas } from '@/api/client'
import { formatMhz } from '@/units/frequency'
import { formatLength, type LengthUnit } from '@/units/length'
import { formatSwr } from '@/units/swr'

export type Advice = Schemas['AdviceView']
export type Pass = Schemas['PassView']
export type Installation = Schemas['InstallationView']

/** The one sentence of the screen: its number stands apart so that it can be shown in gold. */
export interface Sentence {
  before: string
  amount: string
  after: string
  /** How much in all and what to expect, beneath. */
  more: string[]
  /** What that rests on. */
  why: string[]
}

const FIT: Record<Advice['fit'], string> = {
  TOO_LONG: 'Too long.',
  TOO_SHORT: 'Too short.',
  CENTRED: 'Centred.',
  UNKNOWN: '',
}

const plain = (before: string, why: string[], more: string[] = []): Sentence => ({
  before,
  amount: '',
  after: '',
  more,
  why,
})

/** What to do after `pass`, in lengths of `unit`. */
export function sentence(pass: Pass, installation: Installation, unit: LengthUnit): Sentence {
  const a = pass.advice
  if (!a) return plain('A reference: nothing is advised for it.', [])
  const isFine = installation.smallestStepM < 0.001
  const length = (m: number) => formatLength(m, unit, isFine)
  const need = `${bare(length(a.needLowM))} to ${length(a.needHighM)}`
  const fit = FIT[a.fit]
  switch (a.action) {
    case 'SHORTEN':
    case 'LENGTHEN': {
      if (a.onSecond && installation.second && !isLengthOf(installation.second)) {
        const way = a.action === 'LENGTHEN' ? installation.second.outward : installation.second.inward
        return {
          before: `Move ${installation.second.name} `,
          amount: length(a.amountM),
          after: ` ${way}.`,
          more: [`Then ${again(pass)} again.`, ...expectation(pass)],
          why: a.reasons,
        }
      }
      const verb = a.action === 'SHORTEN' ? 'Shorten' : 'Lengthen'
      const isPart = installation.oneWay && a.dipHz !== undefined
      return {
        before: `${fit} ${verb} ${a.onSecond && installation.second ? installation.second.name : withArticle(installation.antennaPiece)} `,
        amount: length(a.amountM),
        after: isPart || a.dipHz === undefined ? '.' : ` (${need}).`,
        more: [
          ...(isPart ? [`The whole job needs ${need}; cut only this, then ${again(pass)} again.`] : []),
          ...expectation(pass),
        ],
        why: a.reasons,
      }
    }
    case 'REPLACE_LONGER':
      return {
        before: 'Too short by ',
        amount: length(a.amountM),
        after: a.causes.length ? '. Look why, before a longer piece is made.' : '. Fit a longer piece.',
        more: [`Likely ${need} are missing.`],
        why: a.reasons,
      }
    case 'STOP':
      return plain(stopWords(pass), a.reasons)
    case 'SWEEP_WIDER':
      return plain(
        `${fit} Sweep wider: ${formatMhz(a.widerSweep?.startHz ?? 0, 1)} to ${formatMhz(a.widerSweep?.stopHz ?? 0, 1)} MHz.`.trim(),
        a.reasons,
        a.amountM > 0
          ? [`If that is not possible: one cautious step of ${length(a.amountM)}, then sweep again.`]
          : [],
      )
    case 'MEASURE_AGAIN':
      // With a dip it is not spoilt: it is only to be read twice before a cut that leaves little to spare.
      return a.amountM === 0
        ? plain('Change nothing yet. Measure again.', mayBe(a), a.reasons.slice(0, 1))
        : plain(`${fit} Before this cut, ${again(pass)} once more.`, a.reasons.slice(1), [
            ...a.reasons.slice(0, 1),
            `If that is not possible: ${length(a.amountM)}, and no more.`,
          ])
    case 'READ_THE_OTHER_BAND':
      return plain('Read the other band before anything else.', [], a.reasons)
    default:
      return plain('Do not cut. Find the fault first.', mayBe(a), a.reasons.slice(0, 1))
  }
}

/** What competes, with its odds: never none, never all. */
function mayBe(a: Advice): string[] {
  const [first, ...others] = a.hypotheses.slice(0, 3)
  return first && others.length
    ? [`What may be: ${[first, ...others].map((h) => `${h.words} (${percent(h.probability)})`).join(', ')}.`]
    : []
}

const percent = (p: number) =>
  p < 0.01 ? 'less than 1 %' : p > 0.99 ? 'more than 99 %' : `${Math.round(p * 100)} %`

/** A piece that is longer or shorter, and not farther out or in. */
export const isLengthOf = (second: NonNullable<Installation['second']>) => second.isLength

function stopWords(pass: Pass): string {
  const once = `one last ${pass.analysis ? 'sweep' : 'reading'}`
  if (!pass.verdict.met) {
    return pass.finalSweep
      ? 'Only a hair above its limit, and tight. Sign it off by judgement.'
      : `Only a hair above its limit: leave it. Make it permanent, then ${once}.`
  }
  if (pass.finalSweep) return 'Good enough, and everything is tight. Sign off.'
  return pass.circumstances.some((c) => c.name === 'ON_THE_GROUND')
    ? 'Good enough on the ground. Put it in its place, then measure again.'
    : `Good enough. Make it permanent, then ${once}.`
}

/** What was done before a pass, in a few words: `−12 mm`, `tap +6 mm`, `final sweep`. */
export function passName(
  pass: Pass,
  installation: Installation,
  unit: LengthUnit,
  isBaseline: boolean,
): string {
  if (pass.oldAntenna) return 'old antenna'
  if (isBaseline) return 'baseline'
  const second = secondWord(installation)
  const words = [
    ...(pass.changeM || !pass.secondChangeM ? [changeWords(pass.changeM, unit)] : []),
    ...(pass.secondChangeM ? [`${second} ${changeWords(pass.secondChangeM, unit)}`] : []),
  ].join(', ')
  return pass.finalSweep && !pass.changeM && !pass.secondChangeM ? 'final sweep' : words
}

/** The change that is advised, in the same few words: `−12 mm`, `ring +15 mm`. */
export function adviceName(advice: Advice, installation: Installation, unit: LengthUnit): string {
  const shortens = advice.action === 'SHORTEN' || advice.action === 'MEASURE_AGAIN'
  const change = changeWords(shortens ? -advice.amountM : advice.amountM, unit)
  return advice.onSecond ? `${secondWord(installation)} ${change}` : change
}

const secondWord = (installation: Installation) => installation.second?.shortName ?? ''

const again = (pass: Pass) => (pass.analysis ? 'sweep' : 'read')

function expectation(pass: Pass): string[] {
  const expected = (pass.advice?.expectedReadings ?? []).map((r) => {
    const name = pass.verdict.channels.find((c) => c.reading.frequencyHz === r.frequencyHz)?.name ?? ''
    return `${formatSwr(r.swr)} on ${name}`
  })
  return expected.length > 0 && expected.length <= 4 ? [`Expect ${expected.join(', ')}.`] : []
}

/** The number without its unit, for "5 to 8 mm". */
const bare = (text: string) => text.replace(/ (mm|in)$/, '')

const withArticle = (piece: string) => (piece.startsWith('each ') ? piece : `the ${piece}`)

/** As likely as this on both sides of the readings, a dip has no place that could be named. */
const OPEN_SIDE = 0.15

/** `150.23 MHz`, `beyond 150.23 MHz` where the sweep ends before the bottom, `about …` where judged by a few channels, or `no dip`. */
export function dipWords(pass: Pass, digits = 2): string {
  if (pass.estimate) {
    const e = pass.estimate
    if (e.belowShare > OPEN_SIDE && e.aboveShare > OPEN_SIDE) return 'on either side'
    const kept = Math.min(digits, Math.max(0, Math.ceil(-Math.log10(e.deviationHz / 1e6))))
    return `about ${formatMhz(e.resonanceHz, kept)} MHz, give or take ${formatMhz(e.deviationHz, kept)}`
  }
  const dip = pass.analysis?.dips[0]
  return dip ? `${dip.atEdge ? 'beyond ' : ''}${formatMhz(dip.frequencyHz, digits)} MHz` : 'no dip'
}

/** `−12 mm`, `+3 mm`, `no change`. */
export function changeWords(metres: number, unit: LengthUnit): string {
  if (metres === 0) return 'no change'
  return `${metres < 0 ? '−' : '+'}${formatLength(Math.abs(metres), unit, true)}`
}

export function watts(w: number): string {
  return `${w < 10 ? w.toFixed(1) : w.toFixed(0)} W`
}
