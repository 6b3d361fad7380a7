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

/** All three pages as one text. */
export function collectDrafts(): string {
  const parts = Object.fromEntries(
    Object.entries(DRAFTS).map(([part, key]) => {
      const text = localStorage.getItem(key)
      return [part, text ? (JSON.parse(text) as unknown) : undefined]
    }),
  )
  return JSON.stringify(parts)
}

/** Puts a kept plan back on the three pages. */
export function restoreDrafts(body: string): void {
  const parts = JSON.parse(body) as Partial<Record<PlanPart, unknown>>
  for (const [part, key] of Object.entries(DRAFTS)) {
    const value = parts[part as PlanPart]
    if (value === undefined) localStorage.removeItem(key)
    else localStorage.setItem(key, JSON.stringify(value))
  }
}

/** The kept plan that the pages show, in this browser. */
export interface Kept {
  id: string
  version: number
  name: string
  installationId: string | undefined
}

const KEPT = 'dorada.kept-plan'

export function rememberedKept(): Kept | undefined {
  const text = localStorage.getItem(KEPT)
  return text ? (JSON.parse(text) as Kept) : undefined
}

export function rememberKept(plan: {
  id: string
  version: number
  name: string
  installationId?: string | undefined
}): Kept {
  const kept = { id: plan.id, version: plan.version, name: plan.name, installationId: plan.installationId }
  localStorage.setItem(KEPT, JSON.stringify(kept))
  return kept
}

export const forgetKept = () => localStorage.removeItem(KEPT)
