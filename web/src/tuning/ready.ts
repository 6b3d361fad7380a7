import type { Schemas } from '@/api/client'

export type Method = Schemas['ReadyRequest']['method']
export type Step = Schemas['ReadyStepView']['step']
export type Answer = NonNullable<Schemas['ReadyRequest']['answers'][string]>

export const METHODS: Method[] = ['ANALYSER', 'INLINE_METER', 'WATTMETER', 'RADIO_METER']

/** Answers to the steps that are asked: a person's own, else what is known. */
export function answersOf(
  steps: Schemas['ReadyStepView'][],
  own: Partial<Record<Step, Answer>>,
): Partial<Record<Step, Answer>> {
  const all: Partial<Record<Step, Answer>> = {}
  for (const { step, known } of steps) {
    const answer = own[step] ?? known
    if (answer) all[step] = answer
  }
  return all
}
