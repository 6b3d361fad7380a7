import { useTimeoutFn } from '@vueuse/core'
import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useLatest } from '@/api/latest'
import { currentWords } from '@/words/words'
import { readSpots, type MeterDraft, type SpotRequest } from './spots'

/** What a row means, or why it can't be. */
export interface Meaning {
  reading?: Schemas['ReadingView']
  why?: string
}

/** Asks what the rows mean as soon as nothing is typed for a moment; by row, as {@link readSpots} names it. */
export function useMeanings(draft: Ref<MeterDraft>): ComputedRef<Record<string, Meaning>> {
  const known = shallowRef<Record<string, Meaning>>({})
  const latest = useLatest()
  /** What a row means is told by what stands in it: what it meant before is not shown beside another value. */
  const written = (spot: SpotRequest | undefined) => `${draft.value.kind} ${JSON.stringify(spot)}`

  async function ask() {
    const { spots, rows, wrong } = readSpots(draft.value)
    const asked = spots
      .map((spot, i) => ({ spot, row: rows[i] ?? '' }))
      // What is half typed is nobody's mistake yet.
      .filter(({ row }) => wrong[row] === undefined)
    const signal = latest()
    if (asked.length === 0 || wrong.forwardRange || wrong.reflectedRange) return
    try {
      const answers = await answer(
        api.POST('/api/spots/read', {
          body: { kind: draft.value.kind, spots: asked.map((a) => a.spot) },
          signal,
        }),
      )
      if (signal.aborted) return
      known.value = Object.fromEntries(
        answers.map((a, i) => [
          written(asked[i]?.spot),
          a.reading
            ? { reading: a.reading }
            : { why: a.refused ? currentWords().sentence(a.refused) : (a.why ?? '') },
        ]),
      )
    } catch (error) {
      // Only what the rows mean is missing; whatever keeps them from being recorded is said there.
      if (!(error instanceof Problem)) throw error
    }
  }
  const { start } = useTimeoutFn(ask, 250, { immediate: false })
  watch(draft, start, { deep: true, immediate: true })

  return computed(() => {
    const { spots, rows } = readSpots(draft.value)
    return Object.fromEntries(
      spots.flatMap((spot, i) => {
        const meaning = known.value[written(spot)]
        return meaning ? [[rows[i] ?? '', meaning]] : []
      }),
    )
  })
}
