import { ref, type Ref } from 'vue'

/** So many pixels a key goes. */
const STEP = 4

/** Where in a picture something is read out, in pixels of `surface`. A finger leaves its reading standing; a mouse takes it along. */
export function usePointer(
  surface: Readonly<Ref<Element | null>>,
  size: () => { width: number; height: number },
) {
  const at = ref<{ x: number; y: number }>()

  function follow(event: PointerEvent) {
    const box = surface.value?.getBoundingClientRect()
    at.value = { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) }
  }
  function leave(event: PointerEvent) {
    if (event.pointerType === 'mouse') at.value = undefined
  }
  /** By the arrow keys, from the middle. */
  function step(by: number) {
    const { width, height } = size()
    const from = at.value ?? { x: width / 2, y: height / 2 }
    at.value = { ...from, x: Math.min(width, Math.max(0, from.x + by)) }
  }
  const clear = () => (at.value = undefined)
  /** The arrow keys belong to the picture that has the focus, not to the page around it. */
  function keydown(event: KeyboardEvent) {
    const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key]
    if (by !== undefined) {
      event.preventDefault()
      event.stopPropagation()
      step(by)
    } else if (event.key === 'Escape') clear()
  }
  return {
    at,
    clear,
    /** For the surface: `<rect ref="surface" v-on="on" />`. */
    on: { pointerdown: follow, pointermove: follow, pointerleave: leave },
    /** For the frame: `<PlotFrame tabindex="0" v-on="keys">`. */
    keys: { keydown },
  }
}
