import { onMounted, watch, type Ref } from 'vue'

/**
 * Says to assistive technology what a library's element doesn't say by itself: its name, its role, its state.
 *
 * @param root what the element stands in
 * @param selectors the element that takes the keyboard, the likeliest first
 * @param told attributes by name; an undefined one is taken away
 * @example useTold(root, ['[role=slider]'], computed(() => ({ 'aria-label': props.name })))
 */
export function useTold(
  root: Readonly<Ref<HTMLElement | null>>,
  selectors: string[],
  told: Readonly<Ref<Record<string, string | undefined>>>,
) {
  function tell() {
    const element = selectors.map((s) => root.value?.querySelector(s)).find((e) => e)
    if (!element) return
    for (const [name, text] of Object.entries(told.value)) {
      if (text === undefined) element.removeAttribute(name)
      else element.setAttribute(name, text)
    }
  }
  onMounted(tell)
  watch(told, tell, { flush: 'post', deep: true })
}
