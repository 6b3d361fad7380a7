<script setup lang="ts">
import { computed } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr, swrOfReturnLoss } from '@/units/swr'
import { useWords } from '@/words/words'
import ReadOut from '../ReadOut.vue'
import { returnLossAt, type Curve } from '../sweepScale'
import type { SweepView } from './useSweepView'

/** What the newest curve shows where the pointer is; nothing beyond its ends. */
const props = defineProps<{ curve: Curve; pointer: number; view: SweepView }>()

const words = useWords()
const read = computed(() => {
  const hz = props.view.scale.x.invert(props.pointer)
  const db = returnLossAt(props.curve, hz)
  return db === undefined
    ? undefined
    : {
        y: props.view.scale.y(db),
        lines: [
          `${formatMhz(hz)} MHz`,
          `${words.value.text('tuning.SWR')} ${formatSwr(swrOfReturnLoss(db))} · ${db.toFixed(1)} dB`,
        ],
      }
})
</script>

<template>
  <g v-if="read" pointer-events="none">
    <circle class="edged" fill="var(--gold)" :cx="pointer" :cy="read.y" r="4" />
    <ReadOut :x="pointer" :lines="read.lines" :inner="view.inner" />
  </g>
</template>
