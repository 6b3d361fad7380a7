import * as v from 'valibot'
import { keep, readKept, type Shape } from '@/kept'
/** Where the planning pages keep what is typed, until it is saved for the shop. */
export const DRAFTS = {
  antenna: 'dorada.antenna-choice',
  ground: 'dorada.ground-plan',
  station: 'dorada.station-plan',
  /** The candidate that was picked on the antenna page. */
  chosen: 'dorada.antenna-chosen',
  /** The candidate that the antenna page named last, picked or advised: paper says the same. */
  named: 'dorada.antenna-named',
} as const

export type PlanPart = keyof typeof DRAFTS

/** Puts the text of a plan that was saved before plans were numbers back on the three pages. */
export function restoreDrafts(body: string): void {
  const parts = JSON.parse(body) as Partial<Record<PlanPart, unknown>>
  for (const [part, key] of Object.entries(DRAFTS)) {
    const value = parts[part as PlanPart]
    keep(key, value)
  }
}

let isReplaced = false

/** Keeps what is typed on a page, unless another plan has taken its place already and the page is about to begin with it. */
export function keepTyped(key: string, value: unknown): void {
  if (!isReplaced) keep(key, value)
}

/** From now on until the page is loaded again nothing that was typed is kept: another plan stands there. */
export const replaceTyped = () => {
  isReplaced = true
}

const ASIDE = 'dorada.plan-aside'
const ANYTHING = v.record(v.string(), v.unknown()) as Shape<Record<string, unknown>>

const asTheyAre = () =>
  Object.fromEntries(
    Object.entries(DRAFTS).map(([part, key]) => [part, readKept(key, v.unknown() as Shape<unknown>)]),
  )

/** Keeps what stands on the plan pages, before something else takes its place there. */
export const putAside = () => keep(ASIDE, asTheyAre())
export const isSomethingAside = () => readKept(ASIDE, ANYTHING) !== undefined

/** Puts back what was put aside; what stands there now is put aside instead. */
export function swapAside(): void {
  const aside = readKept(ASIDE, ANYTHING)
  if (!aside) return
  putAside()
  for (const [part, key] of Object.entries(DRAFTS)) keep(key, aside[part])
}

/** The candidate of a page, or '' for none. */
export const keptCandidate = (key: typeof DRAFTS.chosen | typeof DRAFTS.named) =>
  readKept(key, v.string()) ?? ''

/** The saved plan that the pages show, in this browser. */
export interface SavedPlan {
  id: string
  version: number
  name: string
  installationId: string | undefined
  /** Saved before plans were numbers: a bare number of it may have been typed in the other unit. */
  isText: boolean
}

const SAVED = 'dorada.kept-plan'
const PLAN: Shape<SavedPlan> = v.object({
  id: v.string(),
  version: v.number(),
  name: v.string(),
  installationId: v.optional(v.string()) as v.GenericSchema<unknown, string | undefined>,
  isText: v.fallback(v.boolean(), false),
})

export function rememberedPlan(): SavedPlan | undefined {
  return readKept(SAVED, PLAN)
}

export function rememberPlan(plan: {
  id: string
  version: number
  name: string
  installationId?: string | undefined
  body?: string | undefined
}): SavedPlan {
  const { id, version, name, installationId, body } = plan
  const saved = { id, version, name, installationId, isText: body !== undefined }
  keep(SAVED, saved)
  return saved
}

export const forgetPlan = () => keep(SAVED, undefined)
