import type { Schemas } from '@/api/client'
import type { Pass } from '@/tuning/sentence'

/**
 * What was looked for after one of `passes`, newest first, and is behind it: a later one no longer asks for it, or it is signed off.
 */
export function lookedFor(passes: Pass[], isSignedOff: boolean): Schemas['OutcomeView'] | undefined {
  const behind = isSignedOff ? passes : passes.slice(0, -1)
  const now = isSignedOff ? undefined : passes.at(-1)?.advice?.causes[0]?.name.id
  return behind
    .map((p) => p.advice?.causes[0]?.name)
    .reverse()
    .find((name) => name && name.id !== now)
}
