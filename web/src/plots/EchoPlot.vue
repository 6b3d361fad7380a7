<script setup lang="ts">
import { useWords } from '@/words/words'
import { scaleLinear } from 'd3-scale'
import { computed, ref, useTemplateRef } from 'vue'
import type { Schemas } from '@/api/client'
import { FOOT_M, formatMetres } from '@/units/length'
import type { Numbers } from './numbers'
import PlotFrame from './PlotFrame.vue'
import ReadOut from './ReadOut.vue'
import { innerOf } from './useFrame'
import { usePointer } from './usePointer'

const words = useWords()

/** Echoes over the distance along the line: the stronger, the higher; each found thing is named where it is. */
const props = defineProps<{
  profile: Schemas['ProfileView']
  faults: Schemas['FaultView']
  lengthM: number
  caption: string
}>()

const MARGIN = { top: 40, right: 24, bottom: 52, left: 46 }
const DEEPEST_DB = 60
const size = ref({ width: 720, height: 480 })
const inner = computed(() => innerOf(size.value, MARGIN))
const farthest = computed(() => props.profile.distanceM.at(-1) ?? 1)
const x = computed(() => scaleLinear([0, farthest.value], [0, inner.value.width]))
const feet = computed(() => scaleLinear([0, farthest.value / FOOT_M], [0, inner.value.width]))
const y = computed(() => scaleLinear([0, DEEPEST_DB], [0, inner.value.height]))
const area = computed(() => {
  const points = props.profile.distanceM.map(
    (d, i) =>
      `${x.value(d).toFixed(1)} ${y.value(Math.min(DEEPEST_DB, Math.max(0, props.profile.returnLossDb[i] ?? 0))).toFixed(1)}`,
  )
  return `M0 ${inner.value.height}L${points.join('L')}L${inner.value.width} ${inner.value.height}Z`
})
/** Names one below the other where they would meet. */
const events = computed(() => {
  let lastRight = -Infinity
  let row = 0
  return props.faults.events.map((e) => {
    const at = x.value(e.distanceM)
    row = at < lastRight ? row + 1 : 0
    lastRight = at + 150
    const isRight = at > inner.value.width - 150
    return { ...e, at, row, isRight, top: y.value(Math.min(DEEPEST_DB, e.returnLossDb)) }
  })
})
const surface = useTemplateRef<SVGRectElement>('surface')
const { at, on, keys } = usePointer(surface, () => inner.value)
/** The point of the profile that lies nearest to `m`. */
function nearest(m: number): number {
  const after = props.profile.distanceM.findIndex((d) => d >= m)
  if (after <= 0) return after === 0 ? 0 : props.profile.distanceM.length - 1
  const before = m - (props.profile.distanceM[after - 1] ?? 0)
  return before < (props.profile.distanceM[after] ?? 0) - m ? after - 1 : after
}
const db = (i: number) => `${(props.profile.returnLossDb[i] ?? 0).toFixed(1)} dB`
const read = computed(() => {
  if (!at.value) return undefined
  const i = nearest(x.value.invert(at.value.x))
  const m = props.profile.distanceM[i] ?? 0
  return { x: x.value(m), lines: [formatMetres(m), db(i)] }
})
const STEPS = 20
function numbers(): Numbers {
  const found = new Map(props.faults.events.map((e) => [nearest(e.distanceM), nameOf(e)]))
  const even = Array.from({ length: STEPS + 1 }, (_, i) => nearest((farthest.value * i) / STEPS))
  const rows = [...new Set([...even, ...found.keys()])].sort((a, b) => a - b)
  return {
    heads: ['DISTANCE', 'ECHO', 'WHAT'].map((head) => words.value.text(`plot.${head}`)),
    rows: rows.map((i) => [formatMetres(props.profile.distanceM[i] ?? 0), db(i), found.get(i) ?? '']),
  }
}
/** Short enough for a picture; what a newer server finds is said as it says it. */
const nameOf = (e: Schemas['FaultView']['events'][number]) =>
  words.value.textOr(`plot.echo.${e.what.toUpperCase()}`, words.value.phrase(e.kind))
</script>

<template>
  <PlotFrame
    v-model:size="size"
    :caption="caption"
    :margin="MARGIN"
    :numbers="numbers"
    tabindex="0"
    v-on="keys"
  >
    <rect class="water" :width="inner.width" :height="inner.height" />
    <text x="-10" y="-22" text-anchor="end">dB</text>
    <g v-for="t in [0, 10, 20, 30, 40, 50, 60]" :key="t" :transform="`translate(0 ${y(t)})`">
      <line class="grid" :x2="inner.width" />
      <text x="-10" dy="0.32em" text-anchor="end">{{ t }}</text>
    </g>
    <g v-for="t in feet.ticks(8)" :key="`f${t}`" :transform="`translate(${feet(t)} 0)`">
      <line class="tick" y1="-5" />
      <text y="-10" text-anchor="middle">{{ t }}</text>
    </g>
    <text :x="inner.width" y="-26" text-anchor="end">{{ words.text('plot.FEET') }}</text>
    <g v-for="t in x.ticks(8)" :key="t" :transform="`translate(${x(t)} ${inner.height})`">
      <line class="tick" y2="5" />
      <text y="20" text-anchor="middle">{{ t }}</text>
    </g>
    <text :x="inner.width" :y="inner.height + 37" text-anchor="end">{{ words.text('plot.METRES') }}</text>
    <path class="edged echo" fill="var(--deep)" :d="area" />
    <line
      v-if="lengthM > 0"
      class="drawn in-soft dashes"
      :x1="x(lengthM)"
      :x2="x(lengthM)"
      :y2="inner.height"
    />
    <g
      v-for="e in events"
      :key="e.distanceM"
      :class="['event', { 'in-coral fault': e.what !== 'end' }]"
      :transform="`translate(${e.at} ${e.top})`"
    >
      <path class="filled" d="M0 0L7 -9L0 -18L-7 -9Z" />
      <text
        class="halo in-ink"
        :x="e.isRight ? -12 : 12"
        :y="14 + 34 * e.row"
        :text-anchor="e.isRight ? 'end' : 'start'"
      >
        <tspan class="strong">{{ formatMetres(e.distanceM) }}</tspan>
        <tspan :x="e.isRight ? -12 : 12" dy="16">{{ nameOf(e) }}</tspan>
      </text>
    </g>
    <ReadOut v-if="read" :x="read.x" :lines="read.lines" :inner="inner" />
    <rect ref="surface" class="surface" :width="inner.width" :height="inner.height" v-on="on" />
  </PlotFrame>
</template>

<style scoped>
.echo {
  stroke-width: calc(1.8px * var(--stroke));
  stroke-linejoin: round;
}

.fault .strong {
  fill: var(--coral);
}
</style>
