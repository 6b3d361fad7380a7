<script setup lang="ts">
import { computed } from 'vue'
import { deepestIn } from '../sweepScale'
import { toneText } from '../tones'
import { limitPlace } from './limitPlace'
import type { PlotTrace } from './trace'
import type { SweepView } from './useSweepView'

/** What each curve is called, at the bottom of its dip, and what the line of the rule says. */
const props = defineProps<{ traces: PlotTrace[]; limit: { swr: number; label: string }; view: SweepView }>()

const LETTER = 6.6
const ORDER = { now: 0, guess: 0, expected: 1, earlier: 2 }

/** Lowered until none covers another. */
const names = computed(() => {
  const { inner, scale, shownSpan } = props.view
  const placed: { x: number; y: number; half: number }[] = []
  return [...props.traces]
    .sort((a, b) => ORDER[a.kind] - ORDER[b.kind])
    .flatMap((trace) => {
      const dip = deepestIn(trace.curve, shownSpan) ?? lastRead(trace)
      if (!dip) return []
      const half = (trace.label.length * LETTER) / 2
      const x = Math.min(inner.width - half - 4, Math.max(half + 4, scale.x(dip.hz)))
      let y = Math.min(inner.height - 6, scale.y(dip.db) + 18)
      const covers = () => placed.some((p) => Math.abs(p.x - x) < p.half + half + 6 && Math.abs(p.y - y) < 15)
      while (covers() && y < inner.height - 6) y += 4
      while (covers()) y -= 4
      placed.push({ x, y, half })
      return [{ id: trace.id, kind: trace.kind, tone: trace.tone, label: trace.label, x, y }]
    })
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
    <text class="limit-label" :x="rule.x" :y="rule.y" :text-anchor="rule.anchor">{{ limit.label }}</text>
    <text
      v-for="l in names"
      :key="l.id"
      :class="['trace-label', l.kind]"
      :style="toneText(l.tone)"
      :x="l.x"
      :y="l.y"
      text-anchor="middle"
    >
      {{ l.label }}
    </text>
  </g>
</template>

<style scoped>
text {
  font-size: 13px;
  fill: var(--soft);
  paint-order: stroke;
  stroke: var(--shallow);
  stroke-width: 3px;
  stroke-linejoin: round;
}

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
