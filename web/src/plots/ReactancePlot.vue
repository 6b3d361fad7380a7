<script setup lang="ts">
import { useWords } from '@/words/words'
import { scaleLinear } from 'd3-scale'
import { computed, ref, useId, useTemplateRef } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatImpedance } from '@/units/impedance'
import { markerReading, type ComplexTrace } from './complexTrace'
import { impedanceNumbers } from './numbers'
import PlotFrame from './PlotFrame.vue'
import ReadOut from './ReadOut.vue'
import { innerOf } from './useFrame'
import { usePointer } from './usePointer'

const words = useWords()

/** Resistance (full line) and reactance (broken line) of one trace over frequency; where X crosses 0 it resonates. */
const props = defineProps<{
  trace: ComplexTrace
  markers: number[]
  pegs: { name: string; frequencyHz: number }[]
  caption: string
}>()

const MARGIN = { top: 34, right: 20, bottom: 52, left: 56 }
const OHM = 50
const HIGHEST = 250
const clip = useId()
const size = ref({ width: 720, height: 480 })
const inner = computed(() => innerOf(size.value, MARGIN))

const ohms = computed(() => {
  const { re, im } = props.trace
  return re.map((a, i) => {
    const b = im[i] ?? 0
    const d = Math.max(1e-9, (1 - a) ** 2 + b * b)
    return { r: (OHM * (1 - a * a - b * b)) / d, x: (OHM * 2 * b) / d }
  })
})
const range = computed(() => {
  const all = ohms.value.flatMap((o) => [o.r, o.x])
  const low = Math.max(-HIGHEST, Math.min(0, ...all))
  const high = Math.min(HIGHEST, Math.max(OHM * 1.5, ...all))
  return { low: Math.floor(low / 25) * 25, high: Math.ceil(high / 25) * 25 }
})
const x = computed(() =>
  scaleLinear(
    [props.trace.frequencyHz[0] ?? 0, props.trace.frequencyHz.at(-1) ?? 1],
    [0, Math.max(10, inner.value.width)],
  ),
)
const y = computed(() =>
  scaleLinear([range.value.high, range.value.low], [0, Math.max(10, inner.value.height)]),
)
const surface = useTemplateRef<SVGRectElement>('surface')
const { at, on, keys } = usePointer(surface, () => inner.value)
const read = computed(() => {
  const m = at.value && markerReading(props.trace, x.value.invert(at.value.x), true)
  return m && m.resistanceOhm !== undefined && m.reactanceOhm !== undefined
    ? {
        x: x.value(m.hz),
        lines: [`${formatMhz(m.hz)} MHz`, `${formatImpedance(m, 1)} Ω`],
      }
    : undefined
})
const numbers = () =>
  impedanceNumbers(props.trace, [...props.markers, ...props.pegs.map((p) => p.frequencyHz)], words.value)
const path = (part: 'r' | 'x') =>
  ohms.value
    .map(
      (o, i) =>
        `${i ? 'L' : 'M'}${x.value(props.trace.frequencyHz[i] ?? 0).toFixed(1)} ${y.value(o[part]).toFixed(1)}`,
    )
    .join('')
const mhzTicks = computed(() => x.value.ticks(Math.max(3, Math.floor(inner.value.width / 80))))
const digits = computed(() => {
  const step = (mhzTicks.value[1] ?? 1e6) - (mhzTicks.value[0] ?? 0)
  return step >= 1e6 ? 0 : step >= 1e5 ? 1 : 2
})
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
    <template #defs>
      <clipPath :id="clip"><rect :width="inner.width" :height="inner.height" /></clipPath>
    </template>
    <rect class="water" :width="inner.width" :height="inner.height" />
    <text x="-10" y="-12" text-anchor="end">Ω</text>
    <g v-for="t in y.ticks(8)" :key="t" :transform="`translate(0 ${y(t)})`">
      <line :class="t === 0 ? 'tick' : 'grid'" :x2="inner.width" />
      <text x="-10" dy="0.32em" text-anchor="end">{{ String(t).replace('-', '−') }}</text>
    </g>
    <line class="drawn dots" :x2="inner.width" :y1="y(50)" :y2="y(50)" />
    <g v-for="t in mhzTicks" :key="t" :transform="`translate(${x(t)} ${inner.height})`">
      <line class="tick" y2="5" />
      <text y="20" text-anchor="middle">{{ formatMhz(t, digits) }}</text>
    </g>
    <text :x="inner.width" :y="inner.height + 36" text-anchor="end">MHz</text>
    <g v-for="p in pegs" :key="p.frequencyHz" :transform="`translate(${x(p.frequencyHz)} 0)`">
      <line class="drawn in-old dots" y1="-6" :y2="inner.height" />
      <text class="in-trace strong" y="-12" text-anchor="middle">{{ p.name }}</text>
    </g>
    <g :clip-path="`url(#${clip})`">
      <path class="drawn in-trace curve" :d="path('r')" />
      <path class="drawn in-gold-ink curve x" :d="path('x')" />
      <line
        v-for="m in markers"
        :key="m"
        class="drawn in-gold-ink"
        :x1="x(m)"
        :x2="x(m)"
        :y2="inner.height"
      />
    </g>
    <ReadOut v-if="read" :x="read.x" :lines="read.lines" :inner="inner" />
    <rect ref="surface" class="surface" :width="inner.width" :height="inner.height" v-on="on" />
    <g class="in-ink" :transform="`translate(60 ${inner.height + 31})`">
      <line class="drawn in-trace curve" x2="26" />
      <text x="32" dy="0.32em">R</text>
      <line class="drawn in-gold-ink curve x" x1="64" x2="90" />
      <text x="96" dy="0.32em">{{ words.text('plot.X') }}</text>
    </g>
  </PlotFrame>
</template>

<style scoped>
.curve {
  stroke-width: calc(2.4px * var(--stroke));
}

.x {
  stroke-dasharray: 8 5;
}
</style>
