<script setup lang="ts">
import { computed, ref, useId, useTemplateRef } from 'vue'
import { formatMhz } from '@/units/frequency'
import { formatImpedance } from '@/units/impedance'
import { apart } from './apart'
import { useWords } from '@/words/words'
import { impedanceNumbers, type Numbers } from './numbers'
import PlotFrame from './PlotFrame.vue'
import { markerReading, reflectionAt, type ComplexTrace } from './complexTrace'
import ReadOut from './ReadOut.vue'
import { radiusOfSwr, reactanceRing, reflectionOf, resistanceRing } from './smith'
import { toneStyle } from './tones'
import { usePointer } from './usePointer'

/** Reflections in their own plane, with the lines of constant resistance and reactance re 50 Ω. */
const props = defineProps<{
  traces: ComplexTrace[]
  markers: number[]
  pegs: { name: string; frequencyHz: number }[]
  swr: number
  caption: string
}>()
const words = useWords()

const RESISTANCES = [0, 0.2, 0.5, 1, 2, 5]
const REACTANCES = [0.2, 0.5, 1, 2, 5]
const OHM = 50
const disc = useId()
const size = ref({ width: 620, height: 540 })
const middle = computed(() => ({ left: size.value.width / 2, top: size.value.height / 2 }))
const radius = computed(() => Math.max(100, Math.min(size.value.width, size.value.height) / 2 - 34))
const at = (re: number, im: number) => ({ x: re * radius.value, y: -im * radius.value })

const rings = computed(() =>
  RESISTANCES.map((r) => {
    const ring = resistanceRing(r)
    const left = at(reflectionOf(r, 0).re, 0)
    return { r, cx: ring.cx * radius.value, radius: ring.r * radius.value, label: left.x }
  }),
)
const arcs = computed(() =>
  [...REACTANCES, ...REACTANCES.map((x) => -x)].map((x) => {
    const ring = reactanceRing(x)
    const end = reflectionOf(0, x)
    const p = at(end.re, end.im)
    return {
      x,
      cx: ring.cx * radius.value,
      cy: -ring.cy * radius.value,
      radius: ring.r * radius.value,
      label: at(end.re * 1.07, end.im * 1.07),
      anchor: p.x < -8 ? 'end' : p.x > 8 ? 'start' : 'middle',
    }
  }),
)

function path(t: ComplexTrace): string {
  return t.re
    .map((re, i) => {
      const p = at(re, t.im[i] ?? 0)
      return `${i === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`
    })
    .join('')
}

const chosen = computed(() => props.traces.find((t) => t.isChosen))
const flags = computed(() =>
  props.markers.flatMap((hz, i) => {
    const g = chosen.value && reflectionAt(chosen.value, hz)
    return g ? [{ letter: i === 0 ? 'A' : 'B', ...at(g.re, g.im), hz }] : []
  }),
)
const pegPoints = computed(() =>
  props.pegs.flatMap((p) => {
    const g = chosen.value && reflectionAt(chosen.value, p.frequencyHz)
    return g ? [{ ...p, ...at(g.re, g.im) }] : []
  }),
)

/** The point of the chosen trace that lies nearest to the pointer, or as far along it as the keys went. */
const surface = useTemplateRef<SVGCircleElement>('surface')
const {
  at: pointer,
  on,
  clear,
} = usePointer(surface, () => ({
  width: 2 * radius.value,
  height: 2 * radius.value,
}))
const stepped = ref<number>()
function step(by: number) {
  const n = chosen.value?.re.length ?? 0
  if (n) stepped.value = Math.min(n - 1, Math.max(0, (near.value ?? Math.floor(n / 2)) + by))
}
const near = computed(() => {
  const t = chosen.value
  if (!t || stepped.value !== undefined) return stepped.value
  if (!pointer.value) return undefined
  const { x, y } = pointer.value
  const far = t.re.map((re, i) => {
    const p = at(re, t.im[i] ?? 0)
    return Math.hypot(p.x + radius.value - x, p.y + radius.value - y)
  })
  return far.indexOf(Math.min(...far))
})
const read = computed(() => {
  const t = chosen.value
  if (!t || near.value === undefined) return undefined
  const m = markerReading(t, t.frequencyHz[near.value] ?? 0, true)
  if (!m) return undefined
  return {
    ...at(t.re[near.value] ?? 0, t.im[near.value] ?? 0),
    lines: [`${formatMhz(m.hz)} MHz`, `${formatImpedance(m, 1) || '–'} Ω`],
  }
})
function numbers(): Numbers {
  const beside = [...props.markers, ...props.pegs.map((p) => p.frequencyHz)]
  return chosen.value ? impedanceNumbers(chosen.value, beside, words.value) : { heads: [], rows: [] }
}

const LETTER = 7
/** Of a flag, above the place that it marks. */
const FLAG = { half: 13, height: 29 }
/** Around a place, to the right first. */
const around = (p: { x: number; y: number }, half: number, up: number) => [
  { x: p.x + half, y: p.y + up },
  { x: p.x - half, y: p.y + up },
  { x: p.x + half, y: p.y + up + 18 },
  { x: p.x - half, y: p.y + up + 18 },
  { x: p.x + half, y: p.y + up - 18 },
  { x: p.x - half, y: p.y + up - 18 },
  { x: p.x - half - 18, y: p.y + up },
  { x: p.x + half + 18, y: p.y + up },
  { x: p.x, y: p.y + up + 34 },
]
/** What markers and wanted channels are called, apart from one another and from the flags. */
const names = computed(() => {
  const within = {
    left: -size.value.width / 2,
    right: size.value.width / 2,
    top: -size.value.height / 2,
    bottom: size.value.height / 2,
  }
  const taken = flags.value.map((f) => ({
    left: f.x - FLAG.half,
    right: f.x + FLAG.half,
    top: f.y - FLAG.height,
    bottom: f.y,
  }))
  const label = (
    key: string,
    kind: string,
    text: string,
    p: { x: number; y: number },
    beside: number,
    up: number,
  ) => {
    const width = text.length * LETTER
    return { of: { key, kind, text }, width, spots: around(p, width / 2 + beside, up) }
  }
  return apart(
    [
      ...flags.value.map((f) => label(f.letter, 'marked', formatMhz(f.hz, 2), f, FLAG.half + 4, -15)),
      ...pegPoints.value.map((p) => label(String(p.frequencyHz), 'wanted', p.name, p, 9, 0)),
    ],
    within,
    taken,
  )
})
</script>

<template>
  <PlotFrame
    v-model:size="size"
    :caption="caption"
    :margin="middle"
    :numbers="numbers"
    tabindex="0"
    @keydown.left.prevent="step(-1)"
    @keydown.right.prevent="step(1)"
    @keydown.esc="((stepped = undefined), clear())"
    @pointermove="stepped = undefined"
  >
    <template #defs>
      <clipPath :id="disc"><circle :r="radius" /></clipPath>
    </template>
    <circle class="disc" :r="radius" />
    <g :clip-path="`url(#${disc})`">
      <circle v-for="g in rings" :key="g.r" class="grid" :cx="g.cx" :r="g.radius" />
      <circle v-for="a in arcs" :key="a.x" class="grid" :cx="a.cx" :cy="a.cy" :r="a.radius" />
      <line class="grid" :x1="-radius" :x2="radius" />
    </g>
    <circle class="rule" :r="radius * radiusOfSwr(swr)" />
    <circle class="rim" :r="radius" />
    <text v-for="g in rings" :key="`r${g.r}`" :x="g.label + 4" y="-5">{{ g.r * OHM }}</text>
    <text
      v-for="a in arcs"
      :key="`x${a.x}`"
      :x="a.label.x"
      :y="a.label.y"
      dy="0.32em"
      :text-anchor="a.anchor"
    >
      {{ a.x < 0 ? '−' : '+' }}j{{ Math.abs(a.x) * OHM }}
    </text>
    <text
      class="rule-label"
      :x="radius * radiusOfSwr(swr) * 0.72 + 4"
      :y="radius * radiusOfSwr(swr) * 0.72 + 12"
    >
      SWR {{ swr }}
    </text>
    <path
      v-for="t in traces"
      :key="t.id"
      :class="['trace', { chosen: t.isChosen }]"
      :style="toneStyle(t.tone)"
      :d="path(t)"
    />
    <g v-for="p in pegPoints" :key="p.frequencyHz" :transform="`translate(${p.x} ${p.y})`" class="peg">
      <circle r="4.5" />
    </g>
    <g v-for="f in flags" :key="f.letter" :transform="`translate(${f.x} ${f.y})`" class="flag">
      <path d="M0 0L11 -11V-27H-11V-11Z" />
      <text class="letter" y="-13" text-anchor="middle">{{ f.letter }}</text>
    </g>
    <text
      v-for="n in names"
      :key="n.of.key"
      :class="['name', n.of.kind]"
      :x="n.x"
      :y="n.y"
      dy="0.32em"
      text-anchor="middle"
    >
      {{ n.of.text }}
    </text>
    <g v-if="read" :transform="`translate(0 ${read.y})`">
      <circle :cx="read.x" r="4.5" class="read" />
      <!-- The middle of the disc is 0: figures stand on the side of it. -->
      <ReadOut :x="read.x" :lines="read.lines" :inner="{ width: 0, height: 0 }" />
    </g>
    <circle ref="surface" class="surface" :r="radius" v-on="on" />
  </PlotFrame>
</template>

<style scoped>
.disc {
  fill: var(--shallow);
}

.read {
  fill: var(--gold);
  stroke: var(--trace);
}

.grid {
  fill: none;
  stroke: var(--grid);
}

.rim {
  fill: none;
  stroke: var(--soft);
}

.rule {
  fill: none;
  stroke: var(--trace);
  stroke-width: calc(1.5px * var(--stroke));
  stroke-dasharray: 2 4;
}

text {
  font-size: 12.5px;
  fill: var(--soft);
}

.trace {
  fill: none;
  stroke-width: calc(1.5px * var(--stroke));
  stroke-linejoin: round;
}

.trace.chosen {
  stroke-width: calc(2.8px * var(--stroke));
}

.rule-label,
.name {
  paint-order: stroke;
  stroke: var(--shallow);
  stroke-width: 3px;
  fill: var(--trace);
}

.peg circle {
  fill: var(--card);
  stroke: var(--trace);
  stroke-width: 2;
}

.flag path {
  fill: var(--gold);
  stroke: var(--gold-ink);
}

.name.marked {
  font-weight: 640;
  fill: var(--gold-ink);
}

.letter {
  font-weight: 640;
  fill: var(--on-gold);
}
</style>
