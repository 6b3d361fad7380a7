<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed } from 'vue'
import { quarterWaveM } from './band'
import type { Need } from './choice'

const words = useWords()

/** The mount on its surface from above, a quarter-wave all round, and what lacks on each side. */
const props = defineProps<{ need: Need }>()

const SIZE = 300
const MIDDLE = SIZE / 2
const isMetal = computed(() => props.need.material === 'METAL')
const quarterM = computed(() => quarterWaveM(props.need.lowHz, props.need.highHz))
const reachM = computed(() => {
  const n = props.need
  return Math.max(
    quarterM.value * 1.2,
    isMetal.value
      ? Math.max(n.roofLengthM / 2 + Math.abs(n.alongM), n.roofWidthM / 2 + Math.abs(n.acrossM)) * 1.1
      : 0,
    ...(n.near ?? []).map((t) => 1.15 * Math.max(Math.abs(t.alongM), Math.abs(t.acrossM))),
  )
})
const scale = computed(() => MIDDLE / reachM.value)
/** The mount is the middle of the picture; forward is up. */
const roof = computed(() => {
  const n = props.need
  return {
    x: MIDDLE - (n.roofWidthM / 2 - n.acrossM) * scale.value,
    y: MIDDLE - (n.roofLengthM / 2 - n.alongM) * scale.value,
    width: n.roofWidthM * scale.value,
    height: n.roofLengthM * scale.value,
  }
})
const sides = computed(() => {
  const n = props.need
  const q = quarterM.value
  const has = isMetal.value
    ? {
        front: n.roofLengthM / 2 - n.alongM,
        back: n.roofLengthM / 2 + n.alongM,
        left: n.roofWidthM / 2 - n.acrossM,
        right: n.roofWidthM / 2 + n.acrossM,
      }
    : { front: 0, back: 0, left: 0, right: 0 }
  const at = q * scale.value * 0.84
  return [
    { key: 'front', x: MIDDLE, y: MIDDLE - at, m: q - has.front },
    { key: 'back', x: MIDDLE, y: MIDDLE + at, m: q - has.back },
    { key: 'left', x: MIDDLE - at, y: MIDDLE, m: q - has.left },
    { key: 'right', x: MIDDLE + at, y: MIDDLE, m: q - has.right },
  ].filter((s) => s.m > 0.05 * q)
})
const near = computed(() =>
  (props.need.near ?? []).map((t) => ({
    name: t.name,
    x: MIDDLE - t.acrossM * scale.value,
    y: MIDDLE - t.alongM * scale.value,
    r: Math.max(4, t.radiusM * scale.value),
  })),
)
</script>

<template>
  <svg :viewBox="`0 0 ${SIZE} ${SIZE}`" role="img" :aria-label="words.text('groundPage.ROOF')">
    <rect v-if="isMetal" v-bind="roof" rx="4" class="roof edged" fill="var(--deep)" stroke-width="2" />
    <circle :cx="MIDDLE" :cy="MIDDLE" :r="quarterM * scale" class="drawn in-old dashes" />
    <text :x="MIDDLE + quarterM * scale * 0.72" :y="MIDDLE - quarterM * scale * 0.74">λ/4</text>
    <text
      v-for="s in sides"
      :key="s.key"
      :x="s.x"
      :y="s.y + 4"
      text-anchor="middle"
      class="gap in-coral strong"
    >
      −{{ Math.round(s.m * 100) }} cm
    </text>
    <g v-for="(t, i) in near" :key="i">
      <circle :cx="t.x" :cy="t.y" :r="t.r" class="near filled in-soft" />
      <text :x="t.x" :y="t.y - t.r - 4" text-anchor="middle">{{ t.name }}</text>
    </g>
    <circle :cx="MIDDLE" :cy="MIDDLE" r="5" class="filled in-gold" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 250px;
  display: block;
}
</style>
