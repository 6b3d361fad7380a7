import type { Pass } from './sentence'

export interface OldAndNewRow {
  name: string
  frequencyHz: number
  /** Absent where it was not read on this channel; likewise of the new one. */
  oldSwr: number | undefined
  newSwr: number | undefined
  /** By how much more comes to the air through the match alone; absent where one was not read. */
  gainDb: number | undefined
}

/** What was not as it should be with the one alone, and with the other alone. */
export interface Unlike {
  then: Circumstances
  now: Circumstances
}
type Circumstances = Pass['circumstances']

/** Where two passes were read under other circumstances, which; undefined where both were read alike. */
export function unlike(then: Pass, now: Pass): Unlike | undefined {
  const without = (some: Circumstances, others: Circumstances) =>
    some.filter((c) => !others.some((o) => o.name === c.name))
  const found = {
    then: without(then.circumstances, now.circumstances),
    now: without(now.circumstances, then.circumstances),
  }
  return found.then.length || found.now.length ? found : undefined
}

/** The newest pass of the antenna that stays against the newest of the old one; undefined where one of them is missing. */
export function againstOld(
  passes: Pass[],
): { oldPass: number; newPass: number; rows: OldAndNewRow[]; otherwise: Unlike | undefined } | undefined {
  const old = passes.filter((p) => p.oldAntenna).at(-1)
  const now = passes.filter((p) => !p.oldAntenna).at(-1)
  if (!old || !now) return undefined
  const rows = now.verdict.channels.map((c) => {
    const { frequencyHz } = c.reading
    const before = old.verdict.channels.find(
      (b) => b.name === c.name && b.reading.frequencyHz === frequencyHz,
    )
    const cost =
      now.cost?.against === 'OLD_ANTENNA' ? now.cost.channels.find((k) => k.name === c.name)?.db : undefined
    return {
      name: c.name,
      frequencyHz,
      oldSwr: before?.reading.swr,
      newSwr: c.reading.swr,
      gainDb: cost === undefined ? undefined : -cost,
    }
  })
  return { oldPass: old.number, newPass: now.number, rows, otherwise: unlike(old, now) }
}
