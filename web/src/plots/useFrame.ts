import { onBeforeUnmount, onMounted, ref, type Ref } from 'vue'

/**
 * The size of a picture's frame, followed as it changes.
 *
 * @example const { width, height } = useFrame(useTemplateRef('frame'), 720, 480) // <figure ref="frame">
 */
export function useFrame(
  frame: Readonly<Ref<HTMLElement | null>>,
  usualWidth: number,
  usualHeight: number,
): { width: Ref<number>; height: Ref<number> } {
  const width = ref(usualWidth)
  const height = ref(usualHeight)
  const observer = new ResizeObserver(([entry]) => {
    if (!entry) return
    width.value = Math.max(240, entry.contentRect.width)
    height.value = Math.max(240, entry.contentRect.height)
  })
  onMounted(() => {
    if (frame.value) observer.observe(frame.value)
  })
  onBeforeUnmount(() => observer.disconnect())
  return { width, height }
}
