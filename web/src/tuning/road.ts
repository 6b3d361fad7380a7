import type { RoadStep } from './RoadSteps.vue'
import { dipWords, type Installation, type Pass } from './sentence'

/** The passes of the antenna that stays; the old one is no more than a reference. */
export const ownPasses = (passes: Pass[]): Pass[] => passes.filter((p) => !p.oldAntenna)

/** True once everything was tightened and swept for the last time. */
export const isPermanent = (passes: Pass[]): boolean => ownPasses(passes).at(-1)?.finalSweep ?? false

/** How far it is, as the board says it. */
const progressOf = (passes: Pass[]): Pass['progress'] => passes.at(-1)?.progress ?? 'PLANNED'

/** The step that a person most likely wants to see. */
export function usualStep(installation: Installation | undefined, passes: Pass[]): string {
  if (installation?.signOff) return 'share'
  return ownPasses(passes).length === 0 ? 'baseline' : 'tune'
}

/** The order of the work, and how far it has come. */
export function roadOf(installation: Installation | undefined, passes: Pass[]): RoadStep[] {
  const own = ownPasses(passes)
  const last = passes.at(-1)
  const progress = progressOf(passes)
  const isMet = progress === 'MET' || progress === 'READY'
  const isClosed = installation?.signOff !== undefined
  const isTight = progress === 'READY' || (isClosed && isPermanent(passes))
  return [
    {
      key: 'plan',
      name: 'Plan',
      state: 'done',
      detail: installation ? `${installation.channels.length} channels` : '',
    },
    { key: 'baseline', name: 'Baseline', state: own[0] ? 'done' : 'now', detail: dip(own[0]) },
    {
      key: 'tune',
      name: 'Tune',
      state: !own[0] ? 'ahead' : isMet || isClosed ? 'done' : 'now',
      detail: last && last.number > 1 ? `pass ${last.number}, ${dip(last)}` : '',
    },
    {
      key: 'permanent',
      name: 'Make permanent',
      state: isTight ? 'done' : isMet && !isClosed ? 'now' : 'ahead',
      detail: isTight ? 'final sweep taken' : '',
    },
    {
      key: 'sign-off',
      name: 'Sign off',
      state: isClosed ? 'done' : isMet && isTight ? 'now' : 'ahead',
      detail: installation?.signOff
        ? `${installation.signOff.by}, pass ${installation.signOff.passNumber}`
        : '',
    },
    { key: 'share', name: 'Share', state: isClosed ? 'done' : 'ahead', detail: '' },
  ]
}

function dip(p: Pass | undefined): string {
  if (!p) return ''
  const words = dipWords(p)
  return words === 'no dip' ? words : `dip ${words}`
}
