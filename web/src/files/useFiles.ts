import { computed, ref, type Ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { readTraceFile } from '@/api/files'
import { sendPass, type FileRests } from '@/api/passes'

export type Whose = Schemas['WhoseView']

/** A file on its way to an installation. */
export interface OneFile {
  id: string
  file: File
  state: 'READING' | 'READY' | 'SENDING' | 'DONE' | 'REFUSED'
  startHz?: number
  stopHz?: number
  /** Who it may be of, the likeliest first. */
  whose: Whose[]
  /** '' for nobody yet. */
  installation: string
  /** A person chose it, or said that what was found is right. */
  isChecked: boolean
  /** Its number among the passes. */
  pass?: number
  trouble?: string
}

/** How sweeps that come as files were taken. */
export interface Rests {
  rests: string
  declared: string
}

export const MOST_FILES = 200

const troubleOf = (error: unknown) => (error instanceof Problem ? error.message : String(error))

/** What a match alone may decide: a band is no name. */
const isSure = (w: Whose | undefined) => w !== undefined && w.isOpen && w.by !== 'BAND'

/** Whether it would be recorded now. */
export const isReady = (f: OneFile): boolean =>
  (f.state === 'READY' || f.state === 'REFUSED') &&
  f.installation !== '' &&
  f.isChecked &&
  f.startHz !== undefined

/** Many files: read, told whose they are, and recorded one after the other; each says what became of it. */
export function useFiles(rests: Ref<Rests>) {
  const files = ref<OneFile[]>([])
  const isSending = ref(false)
  const asked = ref(0)
  let isStopped = false

  async function look(one: OneFile) {
    try {
      const { trace } = await readTraceFile(one.file)
      one.startHz = trace.frequencyHz[0] ?? 0
      one.stopHz = trace.frequencyHz.at(-1) ?? 0
      const query = { fileName: one.file.name, startHz: one.startHz, stopHz: one.stopHz }
      one.whose = await answer(api.GET('/api/book/whose', { params: { query } }))
      const best = one.whose[0]
      one.installation = best?.isOpen ? best.id : ''
      one.isChecked = isSure(best)
      one.state = 'READY'
    } catch (error) {
      one.trouble = troubleOf(error)
      one.state = 'REFUSED'
    }
  }

  /** @returns false where some were too many */
  async function bring(chosen: File[]): Promise<boolean> {
    const taken = chosen.slice(0, MOST_FILES - files.value.length)
    const from = files.value.length
    files.value.push(
      ...taken.map((file) => ({
        id: crypto.randomUUID(),
        file,
        state: 'READING' as const,
        whose: [],
        installation: '',
        isChecked: false,
      })),
    )
    // One after the other: the server reads large files in turn anyway.
    for (const one of files.value.slice(from)) await look(one)
    return taken.length === chosen.length
  }

  function choose(one: OneFile, installation: string) {
    one.installation = installation
    one.isChecked = installation !== ''
  }

  const ready = computed(() => files.value.filter(isReady))
  const done = computed(() => files.value.filter((f) => f.state === 'DONE').length)

  async function send(one: OneFile) {
    one.state = 'SENDING'
    delete one.trouble
    try {
      const own = rests.value.rests.endsWith('_ANALYSER')
      const pass = await sendPass(one.installation, {
        file: one.file,
        port: 1,
        recording: {
          requestKey: one.id,
          changeM: 0,
          note: one.file.name,
          ...(own ? { rests: rests.value.rests as FileRests } : { calibrationId: rests.value.rests }),
          ...(rests.value.rests === 'DECLARED_ANALYSER' ? { declared: rests.value.declared } : {}),
        },
      })
      one.pass = pass.number
      one.state = 'DONE'
    } catch (error) {
      one.trouble = troubleOf(error)
      one.state = 'REFUSED'
    }
  }

  async function record() {
    const now = ready.value
    asked.value = done.value + now.length
    isStopped = false
    isSending.value = true
    for (const one of now) {
      if (isStopped) break
      await send(one)
    }
    isSending.value = false
  }

  return {
    files,
    bring,
    choose,
    ready,
    done,
    asked,
    isSending,
    record,
    stop: () => (isStopped = true),
    leaveOut: (one: OneFile) => (files.value = files.value.filter((f) => f.id !== one.id)),
  }
}
