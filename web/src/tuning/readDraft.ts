import type { FileRests, NewPass } from '@/api/passes'
import type { LiveSettings } from '@/instrument/live'
import { parseFrequency } from '@/units/frequency'
import { parseLength, type LengthUnit } from '@/units/length'
import { parseWeight } from '@/units/weight'
import { parseDecimal, type Parsed } from '@/units/number'
import { currentWords } from '@/words/words'
import type { PassDraft } from './draft'
import type { Installation } from './sentence'
import { readSpots } from './spots'

export interface ReadDraft {
  /** Absent where something cannot be used. */
  pass: NewPass | undefined
  /** What cannot be used, by field. */
  wrong: Record<string, string>
}

/** Reads the form; every field that cannot be used is named with a sentence. */
export function readDraft(
  draft: PassDraft,
  installation: Installation,
  isBaseline: boolean,
  file: File | undefined,
  unit: LengthUnit,
): ReadDraft {
  const words = currentWords()
  const wrong: Record<string, string> = {}
  const take = (field: string, result: Parsed): number => {
    if (result.ok) return result.value
    wrong[field] = result.why
    return NaN
  }
  const isChanged = !isBaseline && !draft.oldAntenna && draft.change !== 'nothing'
  const amount = isChanged ? take('changeM', parseLength(draft.amount, unit)) : 0
  if (isChanged && amount < 0) wrong.changeM = words.text('typed.NO_SIGN')
  const by = draft.change === 'shortened' && amount ? -amount : amount
  const isSecond = draft.piece === 'second' && installation.second !== undefined
  const recording = {
    requestKey: draft.requestKey,
    changeM: isSecond ? 0 : by,
    note: draft.note,
    ...(isSecond && by ? { secondChangeM: by } : {}),
    ...(isChanged && installation.pieces && !isSecond && draft.pieces !== 'usual'
      ? { pieces: draft.pieces }
      : {}),
    ...(draft.lookedOver ? { lookedOver: true } : {}),
    ...(draft.circumstances.length ? { circumstances: draft.circumstances } : {}),
    ...(draft.oldAntenna ? { oldAntenna: true } : {}),
    ...(draft.finalSweep && !draft.oldAntenna ? { finalSweep: true } : {}),
  }
  const isRun = draft.source === 'meter' && draft.runName.trim() !== ''
  const run = {
    ...(isRun ? { runName: draft.runName.trim() } : {}),
    ...(isRun && draft.runWeight.trim() !== ''
      ? { runWeightKg: take('runWeightKg', parseWeight(draft.runWeight)) }
      : {}),
  }
  let pass: NewPass | undefined
  const { rests, declared, port, instrument } = draft.swept
  const rested = {
    ...recording,
    ...(rests.endsWith('_ANALYSER') ? { rests: rests as FileRests, declared } : { calibrationId: rests }),
  }
  if (draft.source === 'file') {
    if (file) pass = { recording: rested, file, port: Number(port) }
    else wrong.file = words.text('typed.FILE_MISSING')
  } else if (draft.source === 'meter') {
    const { spots, wrong: wrongSpots } = readSpots(draft.meter)
    Object.assign(wrong, wrongSpots)
    pass = { recording: { ...recording, ...run }, kind: draft.meter.kind, spots }
  } else {
    const startHz = take('startHz', parseFrequency(draft.startMhz))
    const stopHz = take('stopHz', parseFrequency(draft.stopMhz))
    const points = take('points', parseDecimal(draft.points))
    if (startHz >= stopHz) wrong.stopHz = words.text('typed.STOP_ABOVE_START')
    if (!Number.isInteger(points) || points < 2) wrong.points ??= words.text('typed.TWO_POINTS')
    pass =
      draft.source === 'analyser'
        ? { recording: rested, startHz, stopHz, points, instrument }
        : { recording, startHz, stopHz, points }
  }
  return { pass: Object.keys(wrong).length === 0 ? pass : undefined, wrong }
}

/** What the analyser would sweep now, to be watched before it is recorded; absent where that is not clear. */
export function liveSettingsOf(draft: PassDraft, installation: Installation): LiveSettings | undefined {
  const low = parseFrequency(draft.startMhz)
  const high = parseFrequency(draft.stopMhz)
  const points = parseDecimal(draft.points)
  if (
    draft.source !== 'analyser' ||
    !draft.swept.instrument ||
    !low.ok ||
    !high.ok ||
    !points.ok ||
    low.value >= high.value
  )
    return undefined
  return {
    instrument: draft.swept.instrument,
    startHz: low.value,
    stopHz: high.value,
    points: points.value,
    averages: 1,
    hold: false,
    find: false,
    installationId: installation.id,
    ...(draft.swept.rests.endsWith('_ANALYSER') ? {} : { calibrationId: draft.swept.rests }),
  }
}
