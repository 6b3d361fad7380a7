import { useElementSize } from '@vueuse/core'
import { computed, type ComputedRef, type Ref } from 'vue'

export interface PlotSize {
  width: number
  height: number
}

/** What is left of a picture within its margins. */
export const innerOf = (
  size: PlotSize,
  margin: { top: number; right: number; bottom: number; left: number },
  least = 60,
): PlotSize => ({
  width: Math.max(least, size.width - margin.left - margin.right),
  height: Math.max(least, size.height - margin.top - margin.bottom),
})

/** A picture is never laid out smaller than this. */
const LEAST = 240

/**
 * The size of a picture's frame, followed as it changes.
 *
 * @example const { width, height } = useFrame(useTemplateRef('frame'), 720, 480) // <figure ref="frame">
 */
export function useFrame(
  frame: Readonly<Ref<HTMLElement | null>>,
  usualWidth: number,
  usualHeight: number,
  leastHeight = LEAST,
): { width: ComputedRef<number>; height: ComputedRef<number> } {
  // Before it is laid out, and where nothing is laid out, it has its usual size.
  const size = useElementSize(frame, { width: usualWidth, height: usualHeight })
  return {
    width: computed(() => Math.max(LEAST, size.width.value || usualWidth)),
    height: computed(() => Math.max(leastHeight, size.height.value || usualHeight)),
  }
}
