<script setup lang="ts">
import { NButton } from 'naive-ui'
import { zoomIdentity, type ZoomTransform } from 'd3-zoom'
import { computed, ref, shallowRef, useId, useTemplateRef } from 'vue'
import { useWords } from '@/words/words'
import PlotFrame from './PlotFrame.vue'
import PlotLegend from './PlotLegend.vue'
import { placePegs, ROW, rowsOf } from './sweep/pegs'
import SweepAxes from './sweep/SweepAxes.vue'
import SweepCurves from './sweep/SweepCurves.vue'
import SweepMarkers from './sweep/SweepMarkers.vue'
import SweepNames from './sweep/SweepNames.vue'
import SweepPegs from './sweep/SweepPegs.vue'
import SweepReadOut from './sweep/SweepReadOut.vue'
import { newest, type Peg, type PlotTrace } from './sweep/trace'
import { useSweepView, wholeSpanOf } from './sweep/useSweepView'
import { sweepScale } from './sweepScale'
import { sweepNumbers } from './numbers'
import { innerOf } from './useFrame'
import { usePointer } from './usePointer'

/**
 * The sweep picture: return loss downward with SWR at the same heights, earlier passes fading behind, the expected next
 * one dashed, wanted channels as pegs from the top. Knows curves and scales, nothing of installations.
 */
const props = defineProps<{
  traces: PlotTrace[]
  pegs: Peg[]
  limit: { swr: number; label: string }
  caption: string
  /** What is seen before anybody zooms; all that was swept where absent. */
  span?: [number, number]
  leastHeight?: number
}>()
/** Up to two places that are compared, in Hz; without this model there are none. */
const markers = defineModel<number[]>('markers')

const MARGIN = { top: 62, right: 46, bottom: 46, left: 42 }
const LEAST = 120
/** More curves than these are named in a legend. */
const MOST_NAMED = 3

const words = useWords()
const inside = useId()
const depth = useId()
const size = ref({ width: 720, height: 540 })
const surface = useTemplateRef<SVGRectElement>('surface')
const flags = useTemplateRef<InstanceType<typeof SweepMarkers>>('flags')
const lit = ref<string>()
const transform = shallowRef<ZoomTransform>(zoomIdentity)

const now = computed(() => newest(props.traces))
const width = computed(() => innerOf(size.value, MARGIN, LEAST).width)
/** Rows of names push the picture down: they are placed on its width alone. */
const placed = computed(() => {
  const { x } = sweepScale(props.span ?? wholeSpanOf(props.traces, props.pegs), 1, {
    width: width.value,
    height: 1,
  })
  return placePegs(props.pegs, transform.value.rescaleX(x), width.value, MARGIN, words.value)
})
const margin = computed(() => ({ ...MARGIN, top: MARGIN.top - ROW + ROW * rowsOf(placed.value) }))
const inner = computed(() => innerOf(size.value, margin.value, LEAST))
const { view, isZoomed, whole, zoomBy } = useSweepView(props, inner, surface, transform)

const { at: pointer, on, keys } = usePointer(surface, () => inner.value)
const numbers = () =>
  sweepNumbers(props.traces, props.pegs, view.value.shownSpan, words.value.text('tuning.SWR'))

function touched(event: MouseEvent) {
  flags.value?.place(event.clientX - (surface.value?.getBoundingClientRect().left ?? 0))
}
</script>

<template>
  <PlotFrame
    v-model:size="size"
    class="sweep"
    :caption="caption"
    :margin="margin"
    :least-height="leastHeight ?? 320"
    tabindex="0"
    :numbers="numbers"
    v-on="keys"
  >
    <template #defs>
      <defs>
        <linearGradient :id="depth" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stop-color="var(--shallow)" />
          <stop offset="1" stop-color="var(--deep)" />
        </linearGradient>
        <clipPath :id="inside"><rect :width="inner.width" :height="inner.height" /></clipPath>
      </defs>
    </template>

    <rect :fill="`url(#${depth})`" :width="inner.width" :height="inner.height" />
    <SweepAxes :view="view" />
    <SweepCurves
      :clip-path="`url(#${inside})`"
      :traces="traces"
      :limit-swr="limit.swr"
      :view="view"
      :lit="lit"
    />
    <SweepNames
      :traces="traces"
      :limit="limit"
      :view="view"
      :markers="markers ?? []"
      :lit="lit"
      :most="MOST_NAMED"
    />
    <SweepPegs :pegs="placed" :view="view" />
    <rect
      ref="surface"
      class="surface"
      :width="inner.width"
      :height="inner.height"
      v-on="on"
      @click="touched"
    />
    <SweepMarkers
      v-if="markers"
      ref="flags"
      v-model="markers"
      :curve="now?.curve"
      :view="view"
      :surface="surface"
    />
    <!-- Over all else: it is read while the pointer is there. -->
    <SweepReadOut v-if="now && pointer" :curve="now.curve" :pointer="pointer.x" :view="view" />

    <template v-if="traces.length > MOST_NAMED" #legend>
      <PlotLegend v-model:lit="lit" :traces="traces" />
    </template>
    <template #tools>
      <NButton size="tiny" :aria-label="words.text('tuning.CLOSER')" @click="zoomBy(1.6)">+</NButton>
      <NButton
        size="tiny"
        :aria-label="words.text('tuning.FARTHER')"
        :disabled="!isZoomed"
        @click="zoomBy(1 / 1.6)"
        >−</NButton
      >
      <NButton size="tiny" :disabled="!isZoomed" @click="whole">{{
        words.text('tuning.WHOLE_SWEEP')
      }}</NButton>
    </template>
  </PlotFrame>
</template>

<style scoped>
.sweep {
  border-radius: 6px;
}
</style>
