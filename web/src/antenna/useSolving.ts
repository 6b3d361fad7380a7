import { ref, type Ref } from 'vue'
import { api, Problem } from '@/api/client'
import { useLatest } from '@/api/latest'
import { waitFor } from './solving'

export interface Task<T> {
  name: string
  /** Begins the computation on the server; answers with its job. */
  start: () => Promise<unknown>
  done: (result: T) => void
}

export interface Solving<T> {
  /** How far the present task is, 0 to 1; undefined while nothing runs. */
  share: Ref<number | undefined>
  working: Ref<string>
  trouble: Ref<string>
  /** One after the other, until all are done or `stop` is called; a task that fails is named and the next one taken. */
  run: (tasks: Task<T>[]) => Promise<void>
  stop: () => void
}

/** Runs long computations with their progress; they end when the page is left. */
export function useSolving<T>(): Solving<T> {
  const share = ref<number>()
  const working = ref('')
  const trouble = ref('')
  const latest = useLatest()
  const end = (job: string) => void api.DELETE('/api/jobs/{id}', { params: { path: { id: job } } })

  async function run(tasks: Task<T>[]) {
    const signal = latest()
    trouble.value = ''
    try {
      for (const task of tasks) {
        working.value = task.name
        share.value = 0
        const job = ((await task.start()) as { id?: string }).id ?? ''
        if (signal.aborted) return end(job)
        const stopped = () => end(job)
        signal.addEventListener('abort', stopped)
        const last = await waitFor(job, (s) => {
          if (!signal.aborted) share.value = s
        }).finally(() => signal.removeEventListener('abort', stopped))
        if (signal.aborted || last.state === 'STOPPED') return
        if (last.state === 'DONE') task.done(last.result as T)
        else trouble.value = `${task.name}: ${last.trouble ?? 'could not be solved.'}`
      }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (!signal.aborted) trouble.value = `${working.value}: ${error.message}`
    } finally {
      if (!signal.aborted) share.value = undefined
    }
  }

  function stop() {
    latest()
    share.value = undefined
  }
  return { share, working, trouble, run, stop }
}
