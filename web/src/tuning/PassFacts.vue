<script setup lang="ts">
import { computed } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { capital, useWords } from '@/words/words'
import ChannelTable from './ChannelTable.vue'
import type { Installation, Pass } from './sentence'
import TradeOffChart from './TradeOffChart.vue'

/** The numbers of one pass: each channel, the other end of the line, widths and resonances, several bands against each other. */
const words = useWords()
const props = defineProps<{ pass: Pass; installation: Installation }>()

/** What the other end of the feedline sees. */
const otherEnd = computed(() => {
  const p = props.pass
  if (!p.otherEnd) return ''
  const values = p.otherEnd.readings
    .map((r, i) =>
      r.swr === undefined
        ? ''
        : words.value.text('tuning.ON_CHANNEL', {
            swr: formatSwr(r.swr),
            channel: p.verdict.channels[i]?.name ?? '',
          }),
    )
    .filter((w) => w !== '')
    .slice(0, 4)
    .join(', ')
  const hides = (p.otherEnd.worstSwr ?? 0) - (p.verdict.worstSwr ?? 0) > 0.3 && p.plane === 'RADIO'
  const plane = capital(words.value.text(`plane.${p.plane === 'RADIO' ? 'ANTENNA' : 'RADIO'}`))
  const said = words.value.text('tuning.OTHER_END', { plane, values })
  return hides ? `${said} ${words.value.text('tuning.LINE_HIDES')}` : said
})
const widths = computed(() =>
  (props.pass.analysis?.bandwidths ?? [])
    .filter((b) => b.lowHz !== undefined && b.highHz !== undefined)
    .map((b) => {
      const end = (hz: number | undefined, isOpen: boolean) => {
        const mhz = formatMhz(hz ?? 0, 2)
        return isOpen ? words.value.text('tuning.OPEN_END', { mhz }) : mhz
      }
      const span = { low: end(b.lowHz, b.lowOpen), high: end(b.highHz, b.highOpen) }
      return { swr: b.swrLimit, span: words.value.text('tuning.SPAN', span) }
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
      ><b>{{ words.text('tuning.SWR_WIDTH', { swr: `${w.swr}` }) }}</b> {{ w.span }} MHz</span
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
