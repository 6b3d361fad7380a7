import type { Schemas } from '@/api/client'
import type { Words } from '@/words/words'
import { changeWords, isLengthOf, type Installation, type Pass } from './sentence'

/** What the big button does: record as it stands, as advised, in its place at last, or go to another step. */
export type NextAction = {
  word: string
  does: 'record' | 'looked' | 'as-advised' | 'in-place' | 'permanent' | 'sign-off'
}

/** A reading that was spoilt or lacks a band comes before whatever it seems to show. */
const UNREAD = ['MEASURE_AGAIN', 'READ_THE_OTHER_BAND', 'SWEEP_WIDER']

/**
 * The big button after the pass `last`; `isBaseline` where the antenna that stays was not swept yet, `isToBeFound` where it was not
 * on this visit, `finding` what it showed against the sign-off before.
 */
export function nextAction(
  last: Pass | undefined,
  installation: Installation | undefined,
  words: Words,
  isBaseline: boolean,
  isPermanent: boolean,
  isToBeFound = false,
  finding?: Schemas['RecheckView']['id'],
): NextAction {
  const action = (key: string, does: NextAction['does'], params = {}): NextAction => ({
    word: words.text(`button.${key}`, params),
    does,
  })
  if (isBaseline) return action('BASELINE', 'record')
  if (isToBeFound) return action('AS_FOUND', 'record')
  const a = last?.advice
  const isToBeReadAgain = a && UNREAD.includes(a.action)
  if (finding && !isToBeReadAgain)
    return finding === 'CHANGED' || finding === 'SUSPICIOUSLY_BETTER'
      ? action('LOOKED', 'looked')
      : action('SIGN_OFF', 'sign-off')
  switch (a?.action) {
    case 'SHORTEN':
    case 'LENGTHEN': {
      const amount = changeWords(a.amountM, words).slice(1)
      const second = a.onSecond ? installation?.second : undefined
      const did = a.action === 'SHORTEN' ? 'SHORTENED' : 'LENGTHENED'
      if (!second) return action(did, 'as-advised', { amount })
      const piece = words.text(`shortPiece.${second.id}`)
      return action(`${isLengthOf(second) ? did : 'MOVED'}_SECOND`, 'as-advised', { amount, piece })
    }
    case 'STOP':
      if (isPermanent) return action('SIGN_OFF', 'sign-off')
      return last?.circumstances.some((c) => c.name === 'ON_THE_GROUND')
        ? action('IN_ITS_PLACE', 'in-place')
        : action('PERMANENT', 'permanent')
    case 'MEASURE_AGAIN':
      return action('MEASURE_AGAIN', 'in-place')
    case 'READ_THE_OTHER_BAND':
      return action('OTHER_BAND', 'record')
    case 'SWEEP_WIDER':
      return action('SWEEP_WIDER', 'record')
    case 'FIND_THE_FAULT':
    case 'REPLACE_LONGER':
      return a.causes.length ? action('LOOKED', 'looked') : action('CHANGED', 'record')
    default:
      return action('CHANGED', 'record')
  }
}
