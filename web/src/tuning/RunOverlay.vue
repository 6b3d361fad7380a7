<script setup lang="ts">
import { computed } from 'vue'
import { useRuns } from '@/api/passes'
import type { PlotTrace } from '@/plots/sweep/trace'
import SweepPlot from '@/plots/SweepPlot.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { formatKg } from '@/units/weight'
import { useWords } from '@/words/words'
import { namedCircumstances } from './circumstances'
import { tracesOfRuns } from './runs'

/** Builds read under names of their own, over one another against the limit; the lightest that holds is named. */
const props = defineProps<{ installationId: string }>()
const words = useWords()
const runs = useRuns(computed(() => props.installationId))
const traces = computed<PlotTrace[]>(() => tracesOfRuns(runs.data.value?.runs ?? []))
const limit = computed(() => ({
  swr: runs.data.value?.limitSwr ?? 2,
  label: words.value.text('runView.LIMIT', { limitSwr: runs.data.value?.limitSwr ?? 2 }),
}))
</script>

<template>
  <section v-if="runs.data.value?.runs.length" class="card stack">
    <h2>{{ words.text('runView.TITLE') }}</h2>
    <p v-for="(s, i) in runs.data.value.says" :key="s.id + i" :class="i ? 'soft' : 'says'">
      {{ words.sentence(s) }}
    </p>
    <p v-if="runs.data.value.otherwise" class="caution">{{ words.text('runView.OTHERWISE') }}</p>
    <div class="plot">
      <SweepPlot :traces="traces" :pegs="[]" :limit="limit" :caption="words.text('runView.CAPTION')" />
    </div>
    <PlainTable>
      <thead>
        <tr>
          <th>{{ words.text('runView.BUILD') }}</th>
          <th class="number">{{ words.text('runView.WEIGHS') }}</th>
          <th class="number">{{ words.text('runView.WORST') }}</th>
          <th class="number">{{ words.text('runView.AT') }}</th>
          <th></th>
          <th v-if="runs.data.value.otherwise">{{ words.text('runView.READ_WHILE') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in runs.data.value.runs" :key="r.name">
          <td>{{ r.name }}</td>
          <td class="number">{{ r.weightKg === undefined ? '–' : formatKg(r.weightKg) }}</td>
          <td class="number">{{ formatSwr(r.worstSwr) }}</td>
          <td class="number">{{ formatMhz(r.worstHz) }}</td>
          <td :class="{ wrong: r.state === 'FAILS' }">{{ words.text(`runView.${r.state}`) }}</td>
          <td v-if="runs.data.value.otherwise">{{ namedCircumstances(r.circumstances, words) }}</td>
        </tr>
      </tbody>
    </PlainTable>
  </section>
</template>

<style scoped>
.says {
  font-weight: 620;
}

.plot {
  min-height: 340px;
}
</style>
