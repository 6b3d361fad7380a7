import type { Schemas } from '@/api/client'
import type { Installation } from './sentence'

export type Method = Schemas['ReadyRequest']['method']
export type Step = Schemas['ReadyStepView']['step']
export type Answer = NonNullable<Schemas['ReadyRequest']['answers'][string]>

export const METHODS: Method[] = ['ANALYSER', 'INLINE_METER', 'WATTMETER', 'RADIO_METER']

type Calibration = Schemas['CalibrationView']

/** The newest calibration that covers `span`. */
export function coveringSpan(
  calibrations: Calibration[],
  span: { startHz: number; stopHz: number },
): Calibration | undefined {
  return calibrations
    .filter((c) => c.startHz <= span.startHz && c.stopHz >= span.stopHz)
    .sort((a, b) => b.madeAt.localeCompare(a.madeAt))[0]
}

/** The newest calibration that covers all channels of `i`. */
export function covering(
  calibrations: Calibration[],
  i: Pick<Installation, 'channels'>,
): Calibration | undefined {
  const hz = i.channels.map((c) => c.frequencyHz)
  return coveringSpan(calibrations, { startHz: Math.min(...hz), stopHz: Math.max(...hz) })
}

const DAY_MS = 86_400_000

/** Whether something of `at` is no older than so many days; false where there is none. */
export const isFresh = (at: string | undefined, days: number, now = Date.now()): boolean =>
  at !== undefined && now - new Date(at).getTime() <= days * DAY_MS

/** Answers to the steps that are asked: a person's own, else what is known. */
export function answersOf(
  steps: { step: Step }[],
  own: Partial<Record<Step, Answer>>,
  known: Partial<Record<Step, Answer>>,
): Partial<Record<Step, Answer>> {
  const all: Partial<Record<Step, Answer>> = {}
  for (const { step } of steps) {
    const answer = own[step] ?? known[step]
    if (answer) all[step] = answer
  }
  return all
}
