import { onBeforeUnmount, ref, type Ref } from 'vue'
import { api, Problem } from '@/api/client'
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
  stop: () => Promise<void>
}

/** Runs long computations with their progress; they end when the page is left. */
export function useSolving<T>(): Solving<T> {
  const share = ref<number>()
  const working = ref('')
  const trouble = ref('')
  let jobId: string | undefined
  let generation = 0

  async function run(tasks: Task<T>[]) {
    const mine = ++generation
    trouble.value = ''
    try {
      for (const task of tasks) {
        working.value = task.name
        share.value = 0
        jobId = ((await task.start()) as { id?: string }).id
        if (mine !== generation) {
          await stop()
          return
        }
        const end = await waitFor(jobId ?? '', (s) => {
          if (mine === generation) share.value = s
        })
        if (mine !== generation || end.state === 'STOPPED') return
        if (end.state === 'DONE') task.done(end.result as T)
        else trouble.value = `${task.name}: ${end.trouble ?? 'could not be solved.'}`
      }
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (mine === generation) trouble.value = `${working.value}: ${error.message}`
    } finally {
      if (mine === generation) {
        share.value = undefined
        jobId = undefined
      }
    }
  }

  async function stop() {
    generation++
    share.value = undefined
    const running = jobId
    jobId = undefined
    if (running) await api.DELETE('/api/jobs/{id}', { params: { path: { id: running } } })
  }
  onBeforeUnmount(() => void stop())
  return { share, working, trouble, run, stop }
}
