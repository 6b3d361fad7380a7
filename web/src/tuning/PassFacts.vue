<script setup lang="ts">
import { computed } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import ChannelTable from './ChannelTable.vue'
import type { Installation, Pass } from './sentence'
import TradeOffChart from './TradeOffChart.vue'

/** The numbers of one pass: each channel, the other end of the line, widths and resonances, several bands against each other. */
const props = defineProps<{ pass: Pass; installation: Installation }>()

/** What the other end of the feedline sees. */
const otherEnd = computed(() => {
  const p = props.pass
  if (!p.otherEnd) return ''
  const values = p.otherEnd.readings
    .map((r, i) => (r.swr === undefined ? '' : `${formatSwr(r.swr)} on ${p.verdict.channels[i]?.name ?? ''}`))
    .filter((w) => w !== '')
    .slice(0, 4)
    .join(', ')
  const hides = (p.otherEnd.worstSwr ?? 0) - (p.verdict.worstSwr ?? 0) > 0.3 && p.plane === 'RADIO'
  return `${p.otherEnd.planeWords.charAt(0).toUpperCase()}${p.otherEnd.planeWords.slice(1)}: SWR ${values}.${hides ? ' The line hides the difference.' : ''}`
})
const widths = computed(() =>
  (props.pass.analysis?.bandwidths ?? [])
    .filter((b) => b.lowHz !== undefined && b.highHz !== undefined)
    .map((b) => {
      const low = `${formatMhz(b.lowHz ?? 0, 2)}${b.lowOpen ? ' (open)' : ''}`
      const high = `${formatMhz(b.highHz ?? 0, 2)}${b.highOpen ? ' (open)' : ''}`
      return { swr: b.swrLimit, span: `${low} to ${high}` }
    }),
)

const resonances = computed(() =>
  (props.pass.analysis?.resonancesHz ?? [])
    .slice(0, 3)
    .map((hz) => formatMhz(hz, 2))
    .join(', '),
)
</script>

<template>
  <ChannelTable :channels="pass.verdict.channels" :dip="pass.analysis?.dips[0]" />
  <p v-if="otherEnd" class="note">{{ otherEnd }}</p>
  <TradeOffChart
    v-if="pass.advice?.tradeOff"
    :trade-off="pass.advice.tradeOff"
    :limit-swr="installation.ruleLimitSwr"
  />
  <div v-if="widths.length || resonances" class="widths">
    <span v-if="resonances"><b>X = 0</b> {{ resonances }} MHz</span>
    <span v-for="w in widths" :key="w.swr"
      ><b>SWR {{ w.swr }}</b> {{ w.span }} MHz</span
    >
  </div>
</template>

<style scoped>
.note {
  font-size: 14.5px;
}

.widths {
  display: grid;
  gap: 2px;
  font-size: 14px;
  color: var(--soft);
}

.widths b {
  display: inline-block;
  width: 62px;
  font-weight: 560;
}
</style>
