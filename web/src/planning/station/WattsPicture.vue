<script setup lang="ts">
import { useWords } from '@/words/words'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { formatWatts } from '@/units/watts'
import type { StationAnswer } from './plan'

/** Watts on their way from the radio to the air, one staircase for each way to build it. */
const props = defineProps<{ ways: StationAnswer['ways'] }>()

const WIDTH = 780
const ROW = 74
const LEFT = 104
const RIGHT = 16

const words = useWords()
const most = computed(() => Math.max(1, ...props.ways.map((w) => Math.max(w.sentW, w.erpW))))
const x = computed(() => scaleLinear([0, most.value], [0, WIDTH - LEFT - RIGHT]))

/** What stays and what is lost at each place, as pieces of one bar. */
const bars = computed(() =>
  props.ways.map((way, row) => {
    const [first] = way.stages
    const pieces: { key: string; from: number; to: number; word: string; kept: boolean }[] = []
    pieces.push({
      key: 'air',
      from: 0,
      to: way.atAntennaW,
      word: words.value.text('stationPage.INTO_THE_ANTENNA'),
      kept: true,
    })
    let top = way.atAntennaW
    for (let i = way.stages.length - 2; i >= 0; i--) {
      const stage = way.stages[i]
      if (!stage) continue
      pieces.push({
        key: stage.name.id,
        from: top,
        to: stage.netW,
        word: words.value.phrase(stage.name),
        kept: false,
      })
      top = stage.netW
    }
    if (first) {
      pieces.push({
        key: 'back',
        from: first.netW,
        to: first.forwardW,
        word: words.value.text('stationPage.SENT_BACK'),
        kept: false,
      })
    }
    return { way, y: 22 + row * ROW, pieces }
  }),
)
const height = computed(() => 30 + props.ways.length * ROW)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} ${height}`" role="img" :aria-label="words.text('stationPage.PICTURE')">
    <g v-for="b in bars" :key="b.way.name" :transform="`translate(0 ${b.y})`">
      <text x="0" y="19" class="in-ink name">{{ b.way.name }}</text>
      <text x="0" y="38">{{ formatWatts(b.way.erpW) }} {{ words.text('stationPage.ERP') }}</text>
      <g :transform="`translate(${LEFT} 0)`">
        <g v-for="(p, i) in b.pieces" :key="p.key">
          <rect
            :x="x(p.from)"
            y="4"
            :width="Math.max(0, x(p.to) - x(p.from))"
            height="26"
            :class="['filled', p.kept ? '' : p.key === 'back' ? 'in-coral' : 'in-old']"
            :opacity="p.kept ? 1 : p.key === 'back' ? 0.6 : i % 2 ? 0.55 : 0.35"
          />
          <text
            v-if="p.kept && x(p.to) > 90"
            :x="x(p.to) - 8"
            y="22"
            text-anchor="end"
            class="in-card strong"
          >
            {{ formatWatts(p.to) }}
          </text>
          <text
            v-if="!p.kept && x(p.to) - x(p.from) > 70"
            :x="(x(p.from) + x(p.to)) / 2"
            y="46"
            text-anchor="middle"
          >
            {{ p.word }} {{ formatWatts(p.to - p.from) }}
          </text>
        </g>
        <line
          :x1="x(b.way.erpW)"
          :x2="x(b.way.erpW)"
          y1="-2"
          y2="36"
          class="drawn in-gold"
          stroke-width="3"
        />
      </g>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}

.name {
  font-size: 15px;
  font-weight: 640;
}
</style>
