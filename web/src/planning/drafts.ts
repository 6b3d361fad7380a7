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
    if (value === undefined) localStorage.removeItem(key)
    else localStorage.setItem(key, JSON.stringify(value))
  }
}

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

export function rememberedPlan(): SavedPlan | undefined {
  const text = localStorage.getItem(SAVED)
  return text ? (JSON.parse(text) as SavedPlan) : undefined
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
  localStorage.setItem(SAVED, JSON.stringify(saved))
  return saved
}

export const forgetPlan = () => localStorage.removeItem(SAVED)
