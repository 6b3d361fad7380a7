import { nextTick, onBeforeUnmount, watch, type Ref } from 'vue'

const FIELDS = 'input:not([type=hidden]):not([disabled]), textarea:not([disabled]), [role=combobox]'
const hasKeyboard = () => window.matchMedia('(pointer: fine)').matches

/** A key that is held down since before the form was there sends nothing. */
function notHeld(event: KeyboardEvent) {
  if (event.key === 'Enter' && event.repeat) event.preventDefault()
}

/**
 * A form that opens takes the keyboard to its first field, or to the one that stands in `.first-field`; when it is gone, the keyboard is
 * back where it came from, or at the one thing to do. A finger has no keyboard to take along.
 *
 * @example useFormFocus(useTemplateRef<HTMLElement>('form')) // <form ref="form">
 */
export function useFormFocus(form: Readonly<Ref<HTMLElement | null>>): void {
  let before: Element | null = null

  async function opened(now: HTMLElement) {
    before = document.activeElement
    now.addEventListener('keydown', notHeld)
    await nextTick()
    const first = now.querySelector<HTMLElement>('.first-field')
    const field = first?.matches(FIELDS) ? first : (first ?? now).querySelector<HTMLElement>(FIELDS)
    if (field && hasKeyboard()) field.focus()
  }
  function gone() {
    const isElsewhere = document.activeElement !== document.body && document.activeElement?.isConnected
    if (isElsewhere || !hasKeyboard()) return
    const isThere = before instanceof HTMLElement && before.isConnected && before !== document.body
    const back = isThere ? before : document.querySelector<HTMLElement>('.within-reach, button.do')
    ;(back as HTMLElement | null)?.focus({ preventScroll: true })
  }
  watch(form, (now, was) => (now ? void opened(now) : was && gone()), { flush: 'post' })
  onBeforeUnmount(() => void nextTick(gone))
}
