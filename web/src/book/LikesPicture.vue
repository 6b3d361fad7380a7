<script setup lang="ts">
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import { formatLength } from '@/units/length'
import { useWords } from '@/words/words'
import type { Likes } from './queries'

/** Where those that are alike ended, each a dot; where half of them lie, their median, and to what the next is cut. */
const props = defineProps<{ likes: Likes; isOneWay: boolean }>()
const words = useWords()
const preferences = usePreferences()

const WIDTH = 420
const HEIGHT = 74
const SIDE = 30
const LINE = 44

const ended = computed(() =>
  props.likes.nearest.flatMap((l) =>
    l.scaledM === undefined || !l.row.met ? [] : [{ ...l, scaledM: l.scaledM }],
  ),
)
const startM = computed(() => props.likes.startM)
const x = computed(() => {
  const all = [...ended.value.map((l) => l.scaledM), ...(startM.value === undefined ? [] : [startM.value])]
  const low = Math.min(...all)
  const high = Math.max(...all)
  const beside = Math.max((high - low) * 0.1, high * 0.004)
  return scaleLinear([low - beside, high + beside], [SIDE, WIDTH - SIDE])
})
const said = (m: number) => formatLength(m, preferences.unit)
</script>

<template>
  <svg
    v-if="likes.lengthM"
    class="fills"
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    :aria-label="words.text('likes.PICTURE', { count: ended.length, medianM: likes.lengthM.median })"
  >
    <rect
      class="filled"
      opacity="0.16"
      :x="x(likes.lengthM.low)"
      :width="Math.max(2, x(likes.lengthM.high) - x(likes.lengthM.low))"
      :y="LINE - 13"
      height="26"
      rx="3"
    />
    <line class="drawn in-line" :x1="SIDE" :x2="WIDTH - SIDE" :y1="LINE" :y2="LINE" />
    <circle v-for="l in ended" :key="l.row.id" class="filled one" :cx="x(l.scaledM)" :cy="LINE" r="5">
      <title>{{ l.row.shopNumber }} {{ l.row.title }}: {{ said(l.scaledM) }}</title>
    </circle>
    <line
      class="drawn in-ink"
      stroke-width="2"
      :x1="x(likes.lengthM.median)"
      :x2="x(likes.lengthM.median)"
      :y1="LINE - 17"
      :y2="LINE + 13"
    />
    <text class="in-ink" :x="x(likes.lengthM.median)" :y="LINE - 21" text-anchor="middle">
      {{ said(likes.lengthM.median) }}
    </text>
    <template v-if="startM !== undefined && isOneWay">
      <path class="filled in-gold" :d="`M${x(startM)} ${LINE + 8} l-5 11 h10 z`" />
      <text :x="x(startM)" :y="HEIGHT - 1" text-anchor="middle" class="in-ink">{{ said(startM) }}</text>
    </template>
  </svg>
</template>

<style scoped>
svg {
  max-width: 520px;
}

.one {
  fill-opacity: 0.55;
  stroke: var(--card);
}
</style>
