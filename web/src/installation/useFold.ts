import { ref, watch, type Ref } from 'vue'

/**
 * Whether a part of the form is open: as it begins, and from then on where something is wrong in it.
 *
 * @param fields the server's names of what it asks
 * @example const open = useFold(props, /^smallestStepM$/)
 */
export function useFold(
  props: { wrong: Record<string, string>; isOpen: boolean },
  fields: RegExp,
): Ref<boolean> {
  const open = ref(props.isOpen)
  watch(
    () => Object.keys(props.wrong).some((field) => fields.test(field)),
    (isWrong) => {
      if (isWrong) open.value = true
    },
  )
  return open
}
