<script setup lang="ts">
import { computed } from 'vue'
import { deepestIn } from '../sweepScale'
import { apart } from '../apart'
import { toneText } from '../tones'
import { limitPlace } from './limitPlace'
import type { PlotTrace } from './trace'
import type { SweepView } from './useSweepView'

/**
 * What each curve is called, beside its dip, and what the line of the rule says. Names stand apart from one another and from
 * the markers; of many curves only the newest and the expected are named here, and the one that is lit in the legend.
 */
const props = defineProps<{
  traces: PlotTrace[]
  limit: { swr: number; label: string }
  view: SweepView
  /** Where the markers are, in Hz. */
  markers: number[]
  lit: string | undefined
  most: number
}>()

const LETTER = 7
const MARKER_WIDTH = 22
const ORDER = { now: 0, guess: 0, expected: 1, earlier: 2 }
const STEPS = Array.from({ length: 12 }, (_, i) => i * 9)

const named = computed(() =>
  props.traces.length <= props.most
    ? props.traces
    : props.traces.filter((t) => t.kind !== 'earlier' || t.id === props.lit),
)
const names = computed(() => {
  const { inner, scale, shownSpan } = props.view
  const within = { left: 2, right: inner.width - 2, top: 0, bottom: inner.height }
  const markers = props.markers.map((hz) => {
    const x = scale.x(hz)
    return { left: x - MARKER_WIDTH / 2, right: x + MARKER_WIDTH / 2, top: 0, bottom: inner.height }
  })
  const labels = [...named.value]
    .sort((a, b) => ORDER[a.kind] - ORDER[b.kind])
    .flatMap((trace) => {
      const dip = deepestIn(trace.curve, shownSpan) ?? lastRead(trace)
      if (!dip) return []
      const width = trace.label.length * LETTER
      const beneath = scale.y(dip.db) + 16
      const middle = Math.min(inner.width - width / 2 - 3, Math.max(width / 2 + 3, scale.x(dip.hz)))
      // Beneath the dip, then above it, then aside.
      const columns = [middle, middle + width / 2 + MARKER_WIDTH, middle - width / 2 - MARKER_WIDTH]
      const spots = columns.flatMap((x) => [
        ...STEPS.map((d) => ({ x, y: beneath + d })),
        ...STEPS.map((d) => ({ x, y: Math.min(beneath, inner.height) - 12 - d })),
      ])
      return [{ of: trace, width, spots }]
    })
  return apart(labels, within, markers)
})

const rule = computed(() =>
  limitPlace(props.traces, props.limit.swr, props.limit.label.length * LETTER, props.view),
)

/** The name of a few readings stands below the last of them. */
function lastRead(trace: PlotTrace): { hz: number; db: number } | undefined {
  const p = trace.points?.at(-1)
  return p && { hz: p.hz, db: p.db }
}
</script>

<template>
  <g>
    <text class="limit-label halo" :x="rule.x" :y="rule.y" :text-anchor="rule.anchor">{{ limit.label }}</text>
    <text
      v-for="l in names"
      :key="l.of.id"
      :class="['trace-label', 'halo', l.of.kind]"
      :style="toneText(l.of.tone)"
      :x="l.x"
      :y="l.y"
      dy="0.32em"
      text-anchor="middle"
    >
      {{ l.of.label }}
    </text>
  </g>
</template>

<style scoped>
.trace-label.now {
  fill: var(--trace);
  font-weight: 640;
}

.trace-label.expected {
  fill: var(--gold-ink);
  font-weight: 560;
}

.limit-label {
  fill: var(--trace);
}
</style>
