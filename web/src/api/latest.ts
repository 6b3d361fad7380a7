import { onScopeDispose } from 'vue'

/**
 * For what is asked again before it is answered: each call ends the request before, and whoever still waits for that one sees by
 * its signal that its answer is of the past.
 *
 * @example
 * const latest = useLatest()
 * const signal = latest()
 * const found = await answer(api.GET('/api/removed', { signal }))
 * if (!signal.aborted) list.value = found
 */
export function useLatest(): () => AbortSignal {
  let last: AbortController | undefined
  onScopeDispose(() => last?.abort())
  return () => {
    last?.abort()
    last = new AbortController()
    return last.signal
  }
}
