<script setup lang="ts">
import { computed } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr, swrOfReturnLoss } from '@/units/swr'
import { useWords } from '@/words/words'
import { returnLossAt, type Curve } from '../sweepScale'
import type { SweepView } from './useSweepView'

/** What the newest curve shows where the pointer is; nothing beyond its ends. */
const props = defineProps<{ curve: Curve; pointer: number; view: SweepView }>()

const words = useWords()
const read = computed(() => {
  const { scale, inner } = props.view
  const hz = scale.x.invert(props.pointer)
  const db = returnLossAt(props.curve, hz)
  return db === undefined
    ? undefined
    : { y: scale.y(db), hz, db, swr: swrOfReturnLoss(db), isLeft: props.pointer > inner.width / 2 }
})
</script>

<template>
  <g v-if="read" :transform="`translate(${pointer} 0)`">
    <line :y2="view.inner.height" />
    <circle :cy="read.y" r="4" />
    <g :transform="`translate(${read.isLeft ? -176 : 12} ${Math.max(4, view.inner.height - 72)})`">
      <rect width="164" height="64" rx="5" />
      <text x="12" y="25" class="strong">{{ formatMhz(read.hz) }} MHz</text>
      <text x="12" y="49">
        {{ words.text('tuning.SWR') }} {{ formatSwr(read.swr) }} · {{ read.db.toFixed(1) }} dB
      </text>
    </g>
  </g>
</template>

<style scoped>
line {
  stroke: var(--soft);
  stroke-dasharray: 3 3;
}

circle {
  fill: var(--gold);
  stroke: var(--trace);
}

rect {
  fill: var(--card);
  stroke: var(--line);
}

text {
  fill: var(--ink);
  font-size: 14px;
}

.strong {
  font-weight: 640;
}
</style>
