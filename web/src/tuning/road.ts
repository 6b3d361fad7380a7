import type { RoadStep } from './RoadSteps.vue'
import type { Words } from '@/words/words'
import { dipWords, type Installation, type Pass } from './sentence'

/** The passes of the antenna that stays; the old one is no more than a reference. */
export const ownPasses = (passes: Pass[]): Pass[] => passes.filter((p) => !p.oldAntenna)

/** The visit that is open, or was the last. */
export function visitOf(installation: Installation): Installation['visits'][number] {
  const newest = installation.visits.at(-1)
  if (!newest) throw new Error('An installation begins with a visit.')
  return newest
}

/** Whether `pass` is of the newest visit. */
const isOfThisVisit = (pass: Pass | undefined, installation: Installation | undefined): boolean =>
  pass !== undefined && (!installation || pass.visit === visitOf(installation).number)

/** True where a visit is open and the antenna that stays was not read on it yet: nobody knows what it has become. */
export const isToBeFound = (installation: Installation | undefined, passes: Pass[]): boolean => {
  const last = ownPasses(passes).at(-1)
  return last !== undefined && !installation?.signOff && !isOfThisVisit(last, installation)
}

/** True once nothing is loose any more on this visit. */
export const isPermanent = (passes: Pass[], installation: Installation | undefined): boolean => {
  const last = ownPasses(passes).at(-1)
  return (last?.proven ?? false) && isOfThisVisit(last, installation)
}

/** How far it is, as the board says it: what an earlier visit proved is to be proved again. */
const progressOf = (passes: Pass[], installation: Installation | undefined): Pass['progress'] =>
  isToBeFound(installation, passes) ? 'TUNING' : (ownPasses(passes).at(-1)?.progress ?? 'PLANNED')

/** The step that a person most likely wants to see. */
export function usualStep(installation: Installation | undefined, passes: Pass[]): string {
  if (installation?.signOff) return 'share'
  return ownPasses(passes).length === 0 ? 'baseline' : 'tune'
}

/** The order of the work, and how far it has come. */
export function roadOf(
  installation: Installation | undefined,
  passes: Pass[],
  words: Words,
  /** Calls and comparisons on the air. */
  callCount = 0,
): RoadStep[] {
  const dip = (p: Pass | undefined) => (p ? dipIn(p, words) : '')
  const own = ownPasses(passes)
  const last = own.at(-1)
  const progress = progressOf(passes, installation)
  const isMet = progress === 'MET' || progress === 'READY'
  const isClosed = installation?.signOff !== undefined
  /** Nothing was loosened, so nothing was tightened. */
  const isUntouched = isPermanent(passes, installation) && !last?.finalSweep
  const ready = installation ? visitOf(installation).ready : undefined
  const isAnswered = ready !== undefined && ready.state !== 'OPEN'
  const isTight = isUntouched || ((isMet || isClosed) && isPermanent(passes, installation))
  return [
    {
      key: 'plan',
      name: words.text('road.PLAN'),
      state: 'done',
      detail: installation ? words.text('road.CHANNELS', { count: installation.channels.length }) : '',
    },
    {
      key: 'ready',
      name: words.text('road.READY'),
      // Nobody is held up by it, and what was read without it stays.
      state: isAnswered ? 'done' : 'ahead',
      detail: isClosed && !isAnswered ? '' : words.text(isAnswered ? 'road.READY_DONE' : 'road.READY_NOT'),
    },
    {
      key: 'baseline',
      name: words.text('road.BASELINE'),
      state: own[0] ? 'done' : 'now',
      detail: dip(own[0]),
    },
    {
      key: 'tune',
      name: words.text('road.TUNE'),
      state: !own[0] ? 'ahead' : isMet || isClosed ? 'done' : 'now',
      detail:
        last && own.length > 1 ? words.text('road.PASS', { pass: `${last.number}`, dip: dip(last) }) : '',
    },
    {
      key: 'permanent',
      name: words.text('road.PERMANENT'),
      state: isTight ? 'done' : isMet && !isClosed ? 'now' : 'ahead',
      detail: !isTight ? '' : words.text(isUntouched ? 'road.UNTOUCHED' : 'road.FINAL_SWEEP'),
    },
    {
      key: 'on-air',
      name: words.text('road.ON_AIR'),
      state: callCount > 0 ? 'done' : 'ahead',
      detail: callCount > 0 ? words.text('road.ON_AIR_CALLS', { callCount }) : '',
    },
    {
      key: 'sign-off',
      name: words.text('road.SIGN_OFF'),
      state: isClosed ? 'done' : isMet && isTight ? 'now' : 'ahead',
      detail: installation?.signOff
        ? words.text('road.SIGNED_BY', {
            by: installation.signOff.by,
            pass: `${installation.signOff.passNumber}`,
          })
        : '',
    },
    { key: 'share', name: words.text('road.SHARE'), state: isClosed ? 'done' : 'ahead', detail: '' },
  ]
}

/** A place is named as the dip's; that there is none is said as it is. */
function dipIn(pass: Pass, words: Words): string {
  const dip = dipWords(pass, words)
  return pass.estimate || pass.analysis?.dips.length ? words.text('road.DIP', { dip }) : dip
}
