<script setup lang="ts">
import { computed, ref } from 'vue'
import SegmentField from '@/ui/SegmentField.vue'
import { formatMhz } from '@/units/frequency'
import { useWords } from '@/words/words'
import { bandParts, showAll, type BandOfPicture } from './sweep/bands'
import type { Peg, PlotTrace } from './sweep/trace'
import SweepPlot from './SweepPlot.vue'

/** The sweep picture; bands far from each other have one each, as long as nothing that matters lies between them. */
const props = defineProps<{
  traces: PlotTrace[]
  pegs: Peg[]
  limit: { swr: number; label: string }
  caption: string
  bands: BandOfPicture[]
  /** Dips that must be seen, in Hz. */
  dips: number[]
}>()
const markers = defineModel<number[]>('markers')

const words = useWords()
const parts = computed(() => (props.bands.length > 1 ? bandParts(props.bands, props.traces, props.pegs) : []))
const chosen = ref<'apart' | 'whole'>()
const view = computed({
  get: () => chosen.value ?? (showAll(parts.value, props.dips) ? 'apart' : 'whole'),
  set: (how) => (chosen.value = how),
})
const named = ([low, high]: [number, number]) =>
  words.value.text('tuning.SPAN_MHZ', { from: formatMhz(low, 0), to: formatMhz(high, 0) })
</script>

<template>
  <SweepPlot
    v-if="parts.length === 0"
    v-model:markers="markers"
    :traces="traces"
    :pegs="pegs"
    :limit="limit"
    :caption="caption"
  />
  <div v-else class="stack">
    <SegmentField
      v-model="view"
      :name="words.text('tuning.BANDS')"
      :options="[
        { value: 'apart', word: words.text('tuning.BANDS_APART') },
        { value: 'whole', word: words.text('tuning.WHOLE_SWEEP') },
      ]"
    />
    <template v-if="view === 'apart'">
      <div v-for="part in parts" :key="part.span[0]" class="part">
        <SweepPlot
          v-model:markers="markers"
          :traces="part.traces"
          :pegs="part.pegs"
          :limit="limit"
          :span="part.span"
          :least-height="220"
          :caption="`${named(part.span)}. ${caption}`"
        />
      </div>
    </template>
    <div v-else class="whole">
      <SweepPlot v-model:markers="markers" :traces="traces" :pegs="pegs" :limit="limit" :caption="caption" />
    </div>
  </div>
</template>

<style scoped>
.part {
  height: clamp(270px, calc(50vh - 140px), 480px);
}

.whole {
  height: clamp(380px, calc(100vh - 300px), 640px);
}
</style>
