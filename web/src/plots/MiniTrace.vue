<script setup lang="ts">
import { line } from 'd3-shape'
import { computed } from 'vue'
import { floorDb, sweepScale, type Curve } from './sweepScale'
import { returnLossOfSwr } from '@/units/swr'

/** A trace the size of a stamp: its shape, the band and the limit, no numbers. */
const props = defineProps<{
  curve?: Curve
  bandHz: [number, number]
  limitSwr: number
  /** What of the curve is seen; all of it where absent. */
  span?: [number, number]
  /** So many share the row. */
  beside?: number
}>()

const ROW = 220
const GAP = 4
const HEIGHT = 64
const width = computed(() => (ROW - GAP * ((props.beside ?? 1) - 1)) / (props.beside ?? 1))

const picture = computed(() => {
  const curve = props.curve
  const first = curve?.frequencyHz[0] ?? props.bandHz[0] * 0.95
  const last = curve?.frequencyHz.at(-1) ?? props.bandHz[1] * 1.05
  const span: [number, number] = props.span ?? [
    Math.min(first, props.bandHz[0]),
    Math.max(last, props.bandHz[1]),
  ]
  const { x, y } = sweepScale(span, curve ? floorDb([curve], props.limitSwr) : 25, {
    width: width.value,
    height: HEIGHT,
  })
  const path = curve
    ? line<number>(
        (i) => x(curve.frequencyHz[i] ?? 0),
        (i) => y(curve.returnLossDb[i] ?? 0),
      )(curve.frequencyHz.map((_, i) => i))
    : null
  const from = x(props.bandHz[0])
  return {
    path,
    limitY: y(returnLossOfSwr(props.limitSwr)),
    from,
    width: Math.max(3, x(props.bandHz[1]) - from),
  }
})
</script>

<template>
  <svg :viewBox="`0 0 ${width} ${HEIGHT}`" aria-hidden="true">
    <rect
      class="band filled in-gold"
      opacity="0.2"
      :x="picture.from"
      y="0"
      :width="picture.width"
      :height="HEIGHT"
    />
    <line class="drawn in-old dots" x1="0" :x2="width" :y1="picture.limitY" :y2="picture.limitY" />
    <path v-if="picture.path" class="drawn" stroke-width="2" :d="picture.path" />
  </svg>
</template>

<style scoped>
svg {
  display: block;
  width: 100%;
  background: linear-gradient(var(--shallow), var(--deep));
  border-radius: 4px;
}
</style>
