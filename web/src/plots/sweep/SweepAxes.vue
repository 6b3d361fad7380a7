<script setup lang="ts">
import { computed } from 'vue'
import { formatMhz } from '@/units/frequency'
import { useWords } from '@/words/words'
import type { SweepView } from './useSweepView'

/** dB on the left, SWR at the same heights on the right, MHz below. */
const props = defineProps<{ view: SweepView }>()

const words = useWords()
const dbTicks = computed(() => {
  const floor = props.view.scale.y.domain()[1] ?? 0
  const step = floor > 35 ? 10 : 5
  return Array.from({ length: Math.floor(floor / step) + 1 }, (_, i) => i * step)
})
const mhzTicks = computed(() => {
  const ticks = props.view.scale.x.ticks(Math.max(3, Math.floor(props.view.inner.width / 72)))
  const step = (ticks[1] ?? 0) - (ticks[0] ?? 0)
  const digits = step >= 1e6 ? 0 : step >= 1e5 ? 1 : step >= 1e4 ? 2 : 3
  return ticks.map((hz) => ({ hz, text: formatMhz(hz, digits) }))
})
</script>

<template>
  <g>
    <text :x="-10" :y="-12" text-anchor="end">dB</text>
    <g v-for="db in dbTicks" :key="db" :transform="`translate(0 ${view.scale.y(db)})`">
      <line class="grid" :x2="view.inner.width" />
      <text x="-10" dy="0.32em" text-anchor="end">{{ db }}</text>
    </g>
    <text :x="view.inner.width + 10" :y="-12">{{ words.text('tuning.SWR') }}</text>
    <g v-for="t in view.scale.swrTicks" :key="t.swr" :transform="`translate(${view.inner.width} ${t.y})`">
      <line class="tick" x2="6" />
      <text x="10" dy="0.32em">{{ t.swr }}</text>
    </g>
    <g v-for="t in mhzTicks" :key="t.hz" :transform="`translate(${view.scale.x(t.hz)} ${view.inner.height})`">
      <line class="tick" y2="5" />
      <text y="20" text-anchor="middle">{{ t.text }}</text>
    </g>
    <text :x="view.inner.width" :y="view.inner.height + 39" text-anchor="end">MHz</text>
  </g>
</template>

<style scoped>
.tick {
  stroke: var(--soft);
  opacity: 0.6;
}
</style>
