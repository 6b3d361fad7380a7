import type { Schemas } from '@/api/client'
import { formatMhz } from '@/units/frequency'
import { formatLength } from '@/units/length'
import { formatSwr } from '@/units/swr'
import type { Apart, Words } from '@/words/words'

export type Advice = Schemas['AdviceView']
export type Pass = Schemas['PassView']
export type Installation = Schemas['InstallationView']

/** True where no wanted channel was read: there is no worst SWR then, not even an endless one. */
export const isUnread = (pass: Pass): boolean => pass.verdict.channels.every((c) => c.reading.outside)

/** The worst SWR of a pass on the wanted channels; that none of them was read is said as it is. */
export const worstOf = (pass: Pass, words: Words): string =>
  isUnread(pass)
    ? words.text('tuning.CHANNELS_NOT_READ')
    : words.text('tuning.WORST', { swr: formatSwr(pass.verdict.worstSwr) })

/** The one sentence of the screen. */
export interface Sentence extends Apart {
  /** How much in all and what to expect, beneath. */
  more: string[]
  /** What that rests on. */
  why: string[]
}

const plain = (before: string, why: string[], more: string[] = []): Sentence => ({
  before,
  amount: '',
  after: '',
  more,
  why,
})

/** What to do after `pass`. */
export function sentence(pass: Pass, installation: Installation, words: Words): Sentence {
  const a = pass.advice
  if (!a) return plain(words.text('next.REFERENCE'), [])
  const isFine = installation.smallestStepM < 0.001
  const length = (m: number) => formatLength(m, words.unit, isFine)
  const need = { low: bare(length(a.needLowM)), high: length(a.needHighM) }
  const fit = a.fit === 'UNKNOWN' ? '' : `${words.text(`fit.${a.fit}`)} `
  const why = a.reasons.map((r) => words.sentence(r))
  const again = pass.analysis ? 'SWEEP' : 'READ'
  /** With the amount apart. */
  const order = (key: string, params: Record<string, unknown>, begin = '') => {
    const said = words.around(key, length(a.amountM), params)
    return { ...said, before: begin + said.before }
  }
  switch (a.action) {
    case 'SHORTEN':
    case 'LENGTHEN': {
      const second = a.onSecond ? installation.second : undefined
      if (second && !isLengthOf(second)) {
        const way = words.text(`${a.action === 'LENGTHEN' ? 'outward' : 'inward'}.${second.id}`)
        return {
          ...order('next.MOVE', { piece: words.text(`piece.${second.id}`), way }),
          more: [words.text(`next.THEN_AGAIN_${again}`), ...expectation(pass, words)],
          why,
        }
      }
      const piece = second ? words.text(`piece.${second.id}`) : words.phrase(installation.antennaPiece)
      const isPart = installation.oneWay && a.dipHz !== undefined
      const isAll = isPart || a.dipHz === undefined
      return {
        ...order(`next.${a.action}${isAll ? '' : '_OF'}`, isAll ? { piece } : { piece, ...need }, fit),
        more: [...(isPart ? [words.text(`next.WHOLE_JOB_${again}`, need)] : []), ...expectation(pass, words)],
        why,
      }
    }
    case 'REPLACE_LONGER':
      return {
        ...order(a.causes.length ? 'next.TOO_SHORT_LOOK' : 'next.TOO_SHORT_FIT', {}),
        more: [words.text('next.MISSING', need)],
        why,
      }
    case 'STOP':
      return plain(words.text(stop(pass)), why)
    case 'SWEEP_WIDER': {
      const span = {
        from: formatMhz(a.widerSweep?.startHz ?? 0, 1),
        to: formatMhz(a.widerSweep?.stopHz ?? 0, 1),
      }
      return plain(
        fit + words.text('next.SWEEP_WIDER', span),
        why,
        a.amountM > 0 ? [words.text('next.ONE_STEP', { amount: length(a.amountM) })] : [],
      )
    }
    case 'MEASURE_AGAIN':
      // With a dip it is not spoilt: it is only to be read twice before a cut that leaves little to spare.
      return a.amountM === 0
        ? plain(words.text('next.MEASURE_AGAIN'), mayBe(a, words), why.slice(0, 1))
        : plain(fit + words.text(`next.BEFORE_THIS_CUT_${again}`), why.slice(1), [
            ...why.slice(0, 1),
            words.text('next.NO_MORE', { amount: length(a.amountM) }),
          ])
    case 'READ_THE_OTHER_BAND':
      return plain(words.text('next.OTHER_BAND'), [], why)
    default:
      return plain(words.text('next.FIND_THE_FAULT'), mayBe(a, words), why.slice(0, 1))
  }
}

/** What competes, with its odds: never none, never all. */
function mayBe(a: Advice, words: Words): string[] {
  const hypotheses = a.hypotheses.slice(0, 3).map((h) => ({
    id: 'reason.ONE_OF_SEVERAL',
    params: {
      hypothesis: words.text(`hypothesis.${h.id.toUpperCase().replaceAll('-', '_')}`),
      chance: h.probability,
    },
  }))
  return hypotheses.length > 1 ? [words.text('reason.MAY_BE', { hypotheses })] : []
}

/** A piece that is longer or shorter, and not farther out or in. */
export const isLengthOf = (second: NonNullable<Installation['second']>) => second.isLength

function stop(pass: Pass): string {
  const once = pass.analysis ? 'SWEEP' : 'READ'
  if (!pass.verdict.met) return pass.finalSweep ? 'next.ABOVE_AND_TIGHT' : `next.ABOVE_LEAVE_${once}`
  if (pass.finalSweep) return 'next.GOOD_AND_TIGHT'
  return pass.circumstances.some((c) => c.name === 'ON_THE_GROUND')
    ? 'next.GOOD_ON_THE_GROUND'
    : `next.GOOD_${once}`
}

/** What was done before a pass, in a few words: `−12 mm`, `tap +6 mm`, `final sweep`. */
export function passName(pass: Pass, installation: Installation, words: Words, isBaseline: boolean): string {
  if (pass.oldAntenna) return words.text('pass.OLD_ANTENNA')
  if (pass.runName) return pass.runName
  if (isBaseline) return words.text('pass.BASELINE')
  const second = secondWord(installation, words)
  const changes = [
    ...(pass.changeM || !pass.secondChangeM ? [changeWords(pass.changeM, words)] : []),
    ...(pass.secondChangeM ? [`${second} ${changeWords(pass.secondChangeM, words)}`] : []),
  ].join(', ')
  return pass.finalSweep && !pass.changeM && !pass.secondChangeM ? words.text('pass.FINAL_SWEEP') : changes
}

/** The change that is advised, in the same few words: `−12 mm`, `ring +15 mm`. */
export function adviceName(advice: Advice, installation: Installation, words: Words): string {
  const shortens = advice.action === 'SHORTEN' || advice.action === 'MEASURE_AGAIN'
  const change = changeWords(shortens ? -advice.amountM : advice.amountM, words)
  return advice.onSecond ? `${secondWord(installation, words)} ${change}` : change
}

const secondWord = (installation: Installation, words: Words) =>
  installation.second ? words.text(`shortPiece.${installation.second.id}`) : ''

function expectation(pass: Pass, words: Words): string[] {
  const expected = (pass.advice?.expectedReadings ?? []).map((r) =>
    words.text('next.EXPECTED_ON', {
      swr: formatSwr(r.swr),
      channel: pass.verdict.channels.find((c) => c.reading.frequencyHz === r.frequencyHz)?.name ?? '',
    }),
  )
  return expected.length > 0 && expected.length <= 4
    ? [words.text('next.EXPECT', { channels: expected.join(', ') })]
    : []
}

/** The number without its unit, for "5 to 8 mm". */
const bare = (text: string) => text.replace(/ (mm|in)$/, '')

/** As likely as this on both sides of the readings, a dip has no place that could be named. */
const OPEN_SIDE = 0.15

/** `150.23 MHz`, `beyond 150.23 MHz` where the sweep ends before the bottom, `about …` where judged by a few channels, or `no dip`. */
export function dipWords(pass: Pass, words: Words, digits = 2): string {
  if (pass.estimate) {
    const e = pass.estimate
    if (e.belowShare > OPEN_SIDE && e.aboveShare > OPEN_SIDE) return words.text('pass.EITHER_SIDE')
    const kept = Math.min(digits, Math.max(0, Math.ceil(-Math.log10(e.deviationHz / 1e6))))
    return words.text('pass.ABOUT', {
      dip: formatMhz(e.resonanceHz, kept),
      doubt: formatMhz(e.deviationHz, kept),
    })
  }
  const dip = pass.analysis?.dips[0]
  return dip
    ? words.text(dip.atEdge ? 'pass.BEYOND' : 'pass.DIP', { dip: formatMhz(dip.frequencyHz, digits) })
    : words.text('pass.NO_DIP')
}

/** `−12 mm`, `+3 mm`, `no change`. */
export function changeWords(metres: number, words: Words): string {
  if (metres === 0) return words.text('pass.NO_CHANGE')
  return `${metres < 0 ? '−' : '+'}${formatLength(Math.abs(metres), words.unit, true)}`
}
