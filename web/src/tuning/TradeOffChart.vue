<script setup lang="ts">
import { useWords } from '@/words/words'
import { line } from 'd3-shape'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import type { Numbers } from '@/plots/numbers'
import NumbersButton from '@/plots/NumbersButton.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { changeWords } from './sentence'

/** One length for several bands: what each change does to the worst channel of each. */
const props = defineProps<{ tradeOff: Schemas['TradeOffView']; limitSwr: number }>()
const words = useWords()

const WIDTH = 320
const HEIGHT = 170
const MARGIN = { left: 30, right: 8, top: 22, bottom: 30 }
const TOP_SWR = 6

const low = computed(() => props.tradeOff.changeM[0] ?? 0)
const high = computed(() => props.tradeOff.changeM.at(-1) ?? 1)
const x = (m: number) =>
  MARGIN.left + ((m - low.value) / (high.value - low.value)) * (WIDTH - MARGIN.left - MARGIN.right)
const y = (swr: number) =>
  MARGIN.top + ((Math.min(TOP_SWR, swr) - 1) / (TOP_SWR - 1)) * (HEIGHT - MARGIN.top - MARGIN.bottom)
const bands = computed(() =>
  props.tradeOff.bands.map((b) => {
    const [low, high] = [b.lowHz, b.highHz].map((hz) => formatMhz(hz, 1))
    return low === high ? (low ?? '') : `${low ?? ''} to ${high ?? ''}`
  }),
)
const curves = computed(() =>
  props.tradeOff.worstSwr.map((worst, b) => ({
    name: bands.value[b] ?? '',
    d:
      line<number>()
        .defined((i) => typeof worst[i] === 'number')
        .x((i) => x(props.tradeOff.changeM[i] ?? 0))
        .y((i) => y(worst[i] ?? TOP_SWR))(worst.map((_, i) => i)) ?? '',
  })),
)
function numbers(): Numbers {
  const { changeM, worstSwr } = props.tradeOff
  // Every fifth of the steps that are drawn, and the best.
  const off = changeM.map((m) => Math.abs(m - props.tradeOff.bestM))
  const best = off.indexOf(Math.min(...off))
  const rows = changeM.map((_, i) => i).filter((i) => i % 5 === 0 || i === best)
  return {
    heads: [
      words.value.text('tuning.CHANGE'),
      ...bands.value.map((b) => `${b} MHz: ${words.value.text('tuning.SWR')}`),
    ],
    rows: rows.map((i) => [
      changeWords(changeM[i] ?? 0, words.value),
      ...worstSwr.map((w) => formatSwr(w[i] ?? undefined)),
    ]),
  }
}
const inside = (m: number) => m >= low.value && m <= high.value
</script>

<template>
  <figure>
    <figcaption>
      <b>{{ words.text('tuning.ONE_LENGTH', { bands: `${bands.length}` }) }}</b>
      {{ words.text('tuning.WORST_AFTER') }}
    </figcaption>
    <svg
      class="fills"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="words.text('tuning.WORST_OVER')"
    >
      <g v-for="swr in [1, 2, 3, 4, 5]" :key="swr">
        <line class="grid" :x1="MARGIN.left" :x2="WIDTH - MARGIN.right" :y1="y(swr)" :y2="y(swr)" />
        <text :x="MARGIN.left - 6" :y="y(swr)" dy="0.32em" text-anchor="end">{{ swr }}</text>
      </g>
      <line
        class="drawn dots"
        :x1="MARGIN.left"
        :x2="WIDTH - MARGIN.right"
        :y1="y(limitSwr)"
        :y2="y(limitSwr)"
      />
      <path v-for="(c, b) in curves" :key="c.name" :class="['curve drawn', { other: b > 0 }]" :d="c.d" />
      <g v-if="inside(0)" :transform="`translate(${x(0)} 0)`">
        <line class="tick" :y1="MARGIN.top" :y2="HEIGHT - MARGIN.bottom" />
        <text :y="MARGIN.top - 8" text-anchor="middle">{{ words.text('tuning.NOW') }}</text>
      </g>
      <g v-if="inside(tradeOff.bestM)" :transform="`translate(${x(tradeOff.bestM)} 0)`">
        <line class="drawn in-gold-ink" stroke-width="2" :y1="MARGIN.top" :y2="HEIGHT - MARGIN.bottom" />
        <text class="best in-gold-ink strong" :y="HEIGHT - 10" text-anchor="middle">
          {{ changeWords(tradeOff.bestM, words) }}
        </text>
      </g>
    </svg>
    <p class="hint">
      <template v-for="(c, b) in curves" :key="c.name"
        ><span :class="['key', { other: b > 0 }]" /> {{ c.name }} MHz&ensp;</template
      >
    </p>
    <p><NumbersButton :title="words.text('tuning.WORST_OVER')" :numbers="numbers" /></p>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  gap: 2px;
}

.curve {
  stroke-width: 2.2;
}

.curve.other {
  --tone: var(--coral);

  stroke-dasharray: 6 3;
}

.key {
  display: inline-block;
  width: 18px;
  border-top: 3px solid var(--trace);
  vertical-align: middle;
}

.key.other {
  border-top: 3px dashed var(--coral);
}
</style>
