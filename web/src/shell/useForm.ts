import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { Problem } from '@/api/client'

export interface Submission {
  /** True while the answer is awaited. */
  busy: Ref<boolean>
  /** What is wrong, by field. A field that is looked up here shows what is wrong with it. */
  wrong: Ref<Record<string, string>>
  /** What is wrong as a whole. */
  trouble: Ref<string>
  /** What is wrong and stands at no field of the page: to be said below them, so that nothing is refused without a word. */
  unplaced: ComputedRef<string>
  /** Runs `action`; where the server refuses it, says so at the fields. True when it went well. */
  submit: (action: () => Promise<void>) => Promise<boolean>
}

/**
 * Sends a form and shows what is wrong where it belongs; what was typed stays.
 *
 * @param place the page's name of a field that the server calls otherwise
 * @example const { busy, wrong, unplaced, submit } = useForm()
 */
export function useForm(place: (field: string) => string = lastPart): Submission {
  const busy = ref(false)
  const trouble = ref('')
  /** Fields that some part of the page looks up. */
  const shown = new Set<string>()
  const noticed = (fields: Record<string, string>) =>
    new Proxy(fields, {
      get(all, name) {
        if (typeof name === 'string') shown.add(name)
        return Reflect.get(all, name) as unknown
      },
    })
  const plain = ref<Record<string, string>>({})
  const wrong = computed({
    get: () => noticed(plain.value),
    set: (fields) => {
      plain.value = fields
    },
  })
  const unplaced = computed(() => {
    const fields = Object.keys(plain.value)
    if (fields.length === 0) return trouble.value
    return fields
      .filter((f) => !shown.has(f))
      .map((f) => plain.value[f] ?? '')
      .filter((sentence, i, all) => all.indexOf(sentence) === i)
      .join(' ')
  })

  async function submit(action: () => Promise<void>): Promise<boolean> {
    busy.value = true
    plain.value = {}
    trouble.value = ''
    try {
      await action()
      return true
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      plain.value = Object.fromEntries(
        Object.entries(error.fields).map(([field, sentence]) => [
          shown.has(field) ? field : place(field),
          sentence,
        ]),
      )
      trouble.value = error.message
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, wrong, trouble, unplaced, submit }
}

/** "recording.note" of a request is "note" on a page. */
export function lastPart(field: string): string {
  return /\[/.test(field) ? field : field.slice(field.lastIndexOf('.') + 1)
}
