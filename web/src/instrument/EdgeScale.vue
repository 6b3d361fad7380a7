<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed } from 'vue'

const words = useWords()

/** A long flat scale with needles, as on an edgewise panel meter. Places run from 0 (rest) to 1 (full scale). */
const props = defineProps<{
  name: string
  marks: { at: number; word?: string }[]
  needles: { at: number; word: string; quiet?: boolean }[]
  /** Where the scale turns to trouble. */
  redFrom?: number
}>()

const WIDTH = 640
const LEFT = 24
const LONG = WIDTH - 2 * LEFT
const x = (at: number) => LEFT + LONG * Math.max(0, Math.min(1, at))
const said = computed(
  () => props.needles.map((n) => n.word).join(', ') || words.value.text('plot.NO_READING'),
)
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 92`" role="img" :aria-label="`${name}: ${said}`">
    <rect :x="LEFT" y="44" :width="LONG" height="14" class="filled in-deep" />
    <rect
      v-if="redFrom !== undefined"
      :x="x(redFrom)"
      y="44"
      :width="x(1) - x(redFrom)"
      height="14"
      class="filled in-coral"
      opacity="0.55"
    />
    <g v-for="m in marks" :key="m.at">
      <line :x1="x(m.at)" :x2="x(m.at)" :y1="m.word ? 38 : 44" y2="58" class="mark drawn in-ink" />
      <text v-if="m.word" class="in-ink" :x="x(m.at)" y="80" text-anchor="middle">{{ m.word }}</text>
    </g>
    <g v-for="n in needles" :key="n.word" :class="n.quiet ? 'in-soft' : 'in-trace'">
      <line :x1="x(n.at)" :x2="x(n.at)" y1="24" y2="64" :class="['drawn needle', { quiet: n.quiet }]" />
      <text
        :x="x(n.at)"
        y="16"
        :class="['reading', n.quiet ? 'in-soft' : 'in-ink']"
        :text-anchor="n.at < 0.15 ? 'start' : n.at > 0.85 ? 'end' : 'middle'"
      >
        {{ n.word }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}

.reading {
  font-size: 15px;
  font-weight: 640;
}

.needle {
  stroke-width: 3;
}

.needle.quiet {
  stroke-dasharray: 3 3;
}
</style>
