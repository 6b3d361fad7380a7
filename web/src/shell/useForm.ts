import { ref, type Ref } from 'vue'
import { Problem } from '@/api/client'

export interface Submission {
  /** True while the answer is awaited. */
  busy: Ref<boolean>
  /** What is wrong, by field. */
  wrong: Ref<Record<string, string>>
  /** What is wrong as a whole. */
  trouble: Ref<string>
  /** Runs `action`; where the server refuses it, says so at the fields. True when it went well. */
  submit: (action: () => Promise<void>) => Promise<boolean>
}

/**
 * Sends a form and shows what is wrong where it belongs; what was typed stays.
 *
 * @example const { busy, wrong, trouble, submit } = useForm()
 */
export function useForm(): Submission {
  const busy = ref(false)
  const wrong = ref<Record<string, string>>({})
  const trouble = ref('')

  async function submit(action: () => Promise<void>): Promise<boolean> {
    busy.value = true
    wrong.value = {}
    trouble.value = ''
    try {
      await action()
      return true
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      wrong.value = error.fields
      trouble.value = error.message
      return false
    } finally {
      busy.value = false
    }
  }
  return { busy, wrong, trouble, submit }
}
