import { useTimeoutFn } from '@vueuse/core'
import { computed, ref, watch, type ComputedRef, type Ref } from 'vue'
import { useSolving } from '@/antenna/useSolving'
import { answer, api, Problem } from '@/api/client'
import { useLatest } from '@/api/latest'
import { useWords } from '@/words/words'
import { requestOf, type Asked, type Sheet, type SheetInput } from './sheet'

export interface SheetState {
  /** By rule at once, then with the solver's answer. */
  sheet: Ref<Sheet | undefined>
  inputs: Ref<SheetInput[]>
  /** The server's sentence at a field, while what was asked can't be made; the last good sheet stays. */
  refused: Ref<{ field: string; why: string } | undefined>
  share: Ref<number | undefined>
  trouble: Ref<string>
  stop: () => void
}

const PAUSE_MS = 250

/**
 * The sheet for what is asked: follows every change, shows the rule's answer at once and solves behind it.
 *
 * @example const { sheet, refused } = useSheet(computed(() => readAddress(route.query)))
 */
export function useSheet(asked: ComputedRef<Asked>): SheetState {
  const sheet = ref<Sheet>()
  const inputs = ref<SheetInput[]>([])
  const refused = ref<{ field: string; why: string }>()
  const { share, trouble, run, stop } = useSolving<Sheet>()
  const key = computed(() => JSON.stringify(requestOf(asked.value)))
  const latest = useLatest()
  const words = useWords()
  /** Typing goes on: what is solved is what stands still. */
  const soon = useTimeoutFn((signal: AbortSignal, now: Asked) => void solve(signal, now), PAUSE_MS, {
    immediate: false,
  })

  async function load() {
    const signal = latest()
    stop()
    soon.stop()
    const now = asked.value
    if (!now.kind || !(now.frequencyHz > 0)) return
    try {
      const [asks, byRule] = await Promise.all([
        answer(
          api.GET('/api/cutting/kinds/{id}/inputs', {
            params: { path: { id: now.kind }, query: { frequencyHz: now.frequencyHz } },
            signal,
          }),
        ).then((all) => {
          if (!signal.aborted) inputs.value = all
          return all
        }),
        answer(api.POST('/api/cutting/sheet', { body: requestOf(now), signal })),
      ])
      if (signal.aborted) return
      inputs.value = asks
      refused.value = undefined
      sheet.value = byRule
      if (byRule.solvable) soon.start(signal, now)
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (!signal.aborted) refused.value = { field: Object.keys(error.fields)[0] ?? '', why: error.message }
    }
  }

  async function solve(signal: AbortSignal, now: Asked) {
    if (signal.aborted) return
    await run([
      {
        name: sheet.value ? words.value.phrase(sheet.value.kind.title) : '',
        start: () =>
          answer(
            api.POST('/api/cutting/solve', { body: requestOf(now), headers: { Prefer: 'respond-async' } }),
          ),
        done: (solved) => {
          if (!signal.aborted) sheet.value = solved
        },
      },
    ])
  }

  watch(key, () => void load(), { immediate: true })
  return { sheet, inputs, refused, share, trouble, stop }
}
