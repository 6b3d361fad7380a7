<script setup lang="ts">
import { area, line } from 'd3-shape'
import { computed } from 'vue'
import { returnLossOfSwr } from '@/units/swr'
import type { Curve } from '../sweepScale'
import { thinned } from '../thinned'
import { toneStyle, toneText } from '../tones'
import type { CurveBand, PlotTrace } from './trace'
import type { SweepView } from './useSweepView'

/** The curves, readings at single channels with their doubt, and the line of the rule. */
const props = defineProps<{ traces: PlotTrace[]; limitSwr: number; view: SweepView; lit?: string }>()

/** As much of a pixel as nobody sees. */
const UNSEEN = 0.3
const APART_PX = 7

const limitY = computed(() => props.view.scale.y(returnLossOfSwr(props.limitSwr)))
// Laid out on the whole picture, which zooming leaves as it is.
const base = computed(() => props.view.base)
const paths = computed(() =>
  props.traces.filter((t) => t.curve.frequencyHz.length).map((t) => ({ trace: t, d: path(t.curve) })),
)
const bands = computed(() =>
  props.traces.flatMap((t) => (t.band ? [{ id: t.id, kind: t.kind, d: bandPath(t.band) }] : [])),
)
const readings = computed(() =>
  props.traces
    .filter((t) => t.points?.length)
    .map((t, i, all) => ({
      id: t.id,
      kind: t.kind,
      tone: t.tone,
      cap: t.tone === undefined ? 5 : 3,
      marks: (t.points ?? []).map((p) => ({
        // Several of equal standing were read at the same places: beside one another they can all be seen.
        x: props.view.scale.x(p.hz) + (t.tone === undefined ? 0 : (i - (all.length - 1) / 2) * APART_PX),
        y: props.view.scale.y(p.db),
        low: props.view.scale.y(p.lowDb),
        high: Math.min(props.view.inner.height, props.view.scale.y(p.highDb)),
      })),
    })),
)

function bandPath(band: CurveBand): string {
  const { x, y } = base.value
  return (
    area<number>(
      (i) => x(band.frequencyHz[i] ?? 0),
      (i) => y(band.leastReturnLossDb[i] ?? 0),
      (i) => y(band.mostReturnLossDb[i] ?? 0),
    )(band.frequencyHz.map((_, i) => i)) ?? ''
  )
}

/** Thinned by height alone. */
function path(curve: Curve): string {
  const { x, y } = base.value
  const xs = curve.frequencyHz.map(x)
  const ys = curve.returnLossDb.map(y)
  return (
    line<number>(
      (i) => xs[i] ?? 0,
      (i) => ys[i] ?? 0,
    )(thinned(xs, ys, UNSEEN)) ?? ''
  )
}
</script>

<template>
  <g>
    <line class="limit" :x2="view.inner.width" :y1="limitY" :y2="limitY" />
    <g :transform="view.stretch">
      <path v-for="b in bands" :key="b.id" :class="['band', b.kind]" :d="b.d" />
      <path
        v-for="{ trace: t, d } in paths"
        :key="t.id"
        :class="['trace', t.kind, { lit: t.id === lit }]"
        :style="toneStyle(t.tone)"
        :d="d"
      />
    </g>
    <g
      v-for="r in readings"
      :key="r.id"
      :class="['readings', r.kind, { toned: r.tone !== undefined, lit: r.id === lit }]"
    >
      <g v-for="m in r.marks" :key="m.x" :transform="`translate(${m.x} 0)`">
        <path
          :d="`M-${r.cap} ${m.low}H${r.cap}M0 ${m.low}V${m.high}M-${r.cap} ${m.high}H${r.cap}`"
          :style="toneStyle(r.tone)"
        />
        <circle :cy="m.y" r="4" :style="toneText(r.tone)" />
      </g>
    </g>
  </g>
</template>

<style scoped>
.limit {
  stroke: var(--trace);
  stroke-width: calc(1.5px * var(--stroke));
  stroke-dasharray: 2 4;
}

.trace {
  fill: none;
  vector-effect: non-scaling-stroke;
  stroke-linejoin: round;
}

.trace.now {
  stroke: var(--trace);
  stroke-width: calc(2.6px * var(--stroke));
}

.trace.earlier {
  stroke: var(--trace-old);
  stroke-width: calc(1.4px * var(--stroke));
  /* Of the stroke: an opacity would have each of many curves painted on a layer of its own. */
  stroke-opacity: 0.75;
}

.trace.lit {
  stroke-width: calc(3.2px * var(--stroke));
  stroke-opacity: 1;
}

.trace.expected {
  stroke: var(--gold-ink);
  stroke-width: calc(2px * var(--stroke));
  stroke-dasharray: 7 5;
}

.band {
  fill: var(--trace);
  opacity: 0.12;
}

.readings path {
  fill: none;
  stroke: var(--trace);
  stroke-width: calc(1.4px * var(--stroke));
}

.readings circle {
  fill: var(--trace);
}

.readings.earlier {
  opacity: 0.55;
}

.readings.earlier.toned {
  opacity: 1;
}

.readings.toned path {
  /* Its own line is short: only the names' colours tell them apart. */
  stroke-dasharray: none !important;
}

.readings.lit circle {
  r: 6px;
}

.readings.earlier path {
  stroke: var(--trace-old);
}

.readings.earlier circle {
  fill: var(--trace-old);
}
</style>
