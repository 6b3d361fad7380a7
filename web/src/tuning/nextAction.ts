import type { LengthUnit } from '@/units/length'
import { changeWords, isLengthOf, type Installation, type Pass } from './sentence'

/** What the big button does: record as it stands, as advised, in its place at last, or go to another step. */
export type NextAction = {
  word: string
  does: 'record' | 'looked' | 'as-advised' | 'in-place' | 'permanent' | 'sign-off'
}

/** The big button after the pass `last`; `isBaseline` where the antenna that stays was not swept yet. */
export function nextAction(
  last: Pass | undefined,
  installation: Installation | undefined,
  unit: LengthUnit,
  isBaseline: boolean,
  isPermanent: boolean,
): NextAction {
  if (isBaseline) return { word: 'Take the baseline sweep', does: 'record' }
  const a = last?.advice
  switch (a?.action) {
    case 'SHORTEN':
    case 'LENGTHEN': {
      const amount = changeWords(a.amountM, unit).slice(1)
      const second = a.onSecond ? installation?.second : undefined
      const isMoved = second !== undefined && !isLengthOf(second)
      const did = isMoved ? 'moved' : a.action === 'SHORTEN' ? 'shortened' : 'lengthened'
      const what = second ? `the ${second.shortName}` : 'it'
      return { word: `I ${did} ${what} by ${amount}`, does: 'as-advised' }
    }
    case 'STOP':
      if (isPermanent) return { word: 'Sign off', does: 'sign-off' }
      return last?.circumstances.some((c) => c.name === 'ON_THE_GROUND')
        ? { word: 'It is in its place: measure', does: 'in-place' }
        : { word: 'Make it permanent', does: 'permanent' }
    case 'MEASURE_AGAIN':
      return { word: 'Measure again', does: 'in-place' }
    case 'READ_THE_OTHER_BAND':
      return { word: 'Read the other band', does: 'record' }
    case 'SWEEP_WIDER':
      return { word: 'Sweep wider', does: 'record' }
    case 'FIND_THE_FAULT':
    case 'REPLACE_LONGER':
      return a.causes.length
        ? { word: 'I looked: measure again', does: 'looked' }
        : { word: 'I changed something: sweep again', does: 'record' }
    default:
      return { word: 'I changed something: sweep again', does: 'record' }
  }
}
