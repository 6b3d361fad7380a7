<script setup lang="ts">
import { useWords } from '@/words/words'
import { select } from 'd3-selection'
import { area, line } from 'd3-shape'
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { formatSwr, returnLossOfSwr, swrOfReturnLoss } from '@/units/swr'
import { formatMhz } from '@/units/frequency'
import { toneStyle, toneText } from './tones'
import { deepestIn, floorDb, labelRows, returnLossAt, sweepScale, type Curve } from './sweepScale'
import { thinned } from './thinned'

const words = useWords()

/**
 * The sweep picture: return loss downward with SWR at the same heights, earlier passes fading behind, the expected next
 * one dashed, wanted channels as pegs from the top. Knows curves and scales, nothing of installations.
 */
export interface PlotTrace {
  id: string
  label: string
  /** `guess`: read at a few channels; there is no curve, only where those lie that explain the readings. */
  kind: 'now' | 'earlier' | 'expected' | 'guess'
  /** What was swept, or is expected; empty where a few channels were read. */
  curve: Curve
  /** Readings at single channels, with their doubt. */
  points?: ReadPoint[]
  /** Where most of the curves lie that explain them. */
  band?: CurveBand
  /** One of eight strokes, where many traces of equal standing lie together. */
  tone?: number
}

export interface ReadPoint {
  hz: number
  db: number
  lowDb: number
  highDb: number
}

export interface CurveBand {
  frequencyHz: number[]
  leastReturnLossDb: number[]
  mostReturnLossDb: number[]
}

export interface Peg {
  name: string
  frequencyHz: number
  swr?: number
  returnLossDb?: number
  met: boolean
  outside: boolean
  /** Met just now, and not before. */
  isFresh?: boolean
}

const props = defineProps<{
  traces: PlotTrace[]
  pegs: Peg[]
  limit: { swr: number; label: string }
  caption: string
}>()

/** Up to two places that are compared, in Hz; without this model there are none. */
const markers = defineModel<number[]>('markers')

const MARGIN = { top: 62, right: 46, bottom: 46, left: 42 }
const LETTER = 6.6
const ROW = 34
/** More rows of names than this would push the picture down; the table has every channel. */
const MOST_ROWS = 3
const LONGEST_NAME = 16
/** As much of a pixel as nobody sees. */
const UNSEEN = 0.3

const frame = ref<HTMLElement>()
const surface = ref<SVGRectElement>()
const width = ref(720)
const height = ref(540)
const transform = shallowRef<ZoomTransform>(zoomIdentity)
const pointer = ref<number>()

const now = computed(() => props.traces.find((t) => t.kind === 'now' || t.kind === 'guess'))

/** The newest sweep and every wanted channel: what must be in the picture before anybody zooms. */
const wholeSpan = computed<[number, number]>(() => {
  const curve = (now.value ?? props.traces[0])?.curve
  const pegs = props.pegs.map((p) => p.frequencyHz)
  const band = now.value?.band?.frequencyHz
  if (band) return [Math.min(band[0] ?? Infinity, ...pegs), Math.max(band.at(-1) ?? -Infinity, ...pegs)]
  const low = Math.min(curve?.frequencyHz[0] ?? Infinity, ...pegs)
  const high = Math.max(curve?.frequencyHz.at(-1) ?? -Infinity, ...pegs)
  const beyond =
    curve && low >= (curve.frequencyHz[0] ?? 0) && high <= (curve.frequencyHz.at(-1) ?? 0) ? 0 : 0.02
  const pad = (high - low || high * 0.02) * beyond
  return [low - pad, high + pad]
})

const inner = computed(() => ({
  width: Math.max(120, width.value - MARGIN.left - MARGIN.right),
  height: Math.max(120, height.value - top.value - MARGIN.bottom),
}))

const pegWidths = computed(() =>
  props.pegs.map((p) => Math.max(shortName(p).length * 7.4, pegWord(p).length * LETTER)),
)
const pegXs = computed(() => {
  const scale = transform.value.rescaleX(
    sweepScale(wholeSpan.value, 30, {
      width: Math.max(120, width.value - MARGIN.left - MARGIN.right),
      height: 1,
    }).x,
  )
  const right = Math.max(120, width.value - MARGIN.left - MARGIN.right)
  return props.pegs.map((p, i) => {
    const half = (pegWidths.value[i] ?? 0) / 2
    const x = scale(p.frequencyHz)
    return {
      x,
      label: Math.min(right + MARGIN.right - half - 2, Math.max(half - MARGIN.left + 2, x)),
      inside: x >= -1 && x <= right + 1,
    }
  })
})
const pegRows = computed(() => {
  const shown = pegXs.value.map((p) => p.inside)
  const rows = labelRows(
    pegXs.value.filter((p) => p.inside).map((p) => p.label),
    pegWidths.value.filter((_, i) => shown[i]),
  )
  let next = 0
  return shown.map((inside) => (inside ? (rows[next++] ?? 0) : 0))
})
const top = computed(
  () => MARGIN.top - ROW + ROW * (1 + Math.max(0, ...pegRows.value.filter((row) => row < MOST_ROWS))),
)

/** How deep a dip is that nobody has measured is not known; the picture need not show its bottom. */
const DEEPEST_GUESS_DB = 22
const heightsOf = (t: PlotTrace): Curve => ({
  frequencyHz: [],
  returnLossDb: [
    ...t.curve.returnLossDb,
    ...(t.points ?? []).map((p) => Math.min(DEEPEST_GUESS_DB + 8, p.db + 2)),
    ...(t.band?.leastReturnLossDb ?? []).map((db) => Math.min(DEEPEST_GUESS_DB, db)),
  ],
})

/** The picture before anybody zooms; the curves are laid out once on it, and zooming only stretches them. */
const base = computed(() =>
  sweepScale(wholeSpan.value, floorDb(props.traces.map(heightsOf), props.limit.swr), inner.value),
)
const scale = computed(() => ({ ...base.value, x: transform.value.rescaleX(base.value.x) }))
const stretch = computed(() => `translate(${transform.value.x} 0) scale(${transform.value.k} 1)`)
const shownSpan = computed(() => scale.value.x.domain() as [number, number])

const paths = computed(() =>
  props.traces.filter((t) => t.curve.frequencyHz.length).map((t) => ({ trace: t, d: path(t.curve) })),
)
const bands = computed(() =>
  props.traces.flatMap((t) => (t.band ? [{ id: t.id, kind: t.kind, d: bandPath(t.band) }] : [])),
)
const readings = computed(() =>
  props.traces
    .filter((t) => t.points?.length)
    .map((t) => ({
      id: t.id,
      kind: t.kind,
      marks: (t.points ?? []).map((p) => ({
        x: scale.value.x(p.hz),
        y: scale.value.y(p.db),
        low: scale.value.y(p.lowDb),
        high: Math.min(inner.value.height, scale.value.y(p.highDb)),
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

/** Thinned by height alone, which zooming leaves as it is. */
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

function shortName(peg: Peg): string {
  return peg.name.length > LONGEST_NAME ? `${peg.name.slice(0, LONGEST_NAME - 1).trimEnd()}…` : peg.name
}

/** Where a peg starts above the picture; one without room for its name starts at the edge. */
function pegTop(row: number): number {
  return row < MOST_ROWS ? -8 - ROW * row : -8
}

function pegWord(peg: Peg): string {
  return peg.outside
    ? words.value.text('tuning.NOT_SWEPT')
    : `${formatSwr(peg.swr)} ${words.value.text(peg.met ? 'tuning.MET' : 'tuning.MISSED')}`
}

const dbTicks = computed(() => {
  const floor = scale.value.y.domain()[1] ?? 0
  const step = floor > 35 ? 10 : 5
  return Array.from({ length: Math.floor(floor / step) + 1 }, (_, i) => i * step)
})
const mhzTicks = computed(() => {
  const ticks = scale.value.x.ticks(Math.max(3, Math.floor(inner.value.width / 72)))
  const step = (ticks[1] ?? 0) - (ticks[0] ?? 0)
  const digits = step >= 1e6 ? 0 : step >= 1e5 ? 1 : step >= 1e4 ? 2 : 3
  return ticks.map((hz) => ({ hz, text: formatMhz(hz, digits) }))
})

/** Names at the bottom of each dip, lowered until none covers another. */
const traceLabels = computed(() => {
  const placed: { x: number; y: number; half: number }[] = []
  const order = { now: 0, guess: 0, expected: 1, earlier: 2 }
  return [...props.traces]
    .sort((a, b) => order[a.kind] - order[b.kind])
    .flatMap((trace) => {
      const dip = deepestIn(trace.curve, shownSpan.value) ?? lastRead(trace)
      if (!dip) return []
      const half = (trace.label.length * LETTER) / 2
      const x = Math.min(inner.value.width - half - 4, Math.max(half + 4, scale.value.x(dip.hz)))
      let y = Math.min(inner.value.height - 6, scale.value.y(dip.db) + 18)
      const covers = () => placed.some((p) => Math.abs(p.x - x) < p.half + half + 6 && Math.abs(p.y - y) < 15)
      while (covers() && y < inner.value.height - 6) y += 4
      while (covers()) y -= 4
      placed.push({ x, y, half })
      return [{ id: trace.id, kind: trace.kind, tone: trace.tone, label: trace.label, x, y }]
    })
})

/** The name of a few readings stands below the last of them. */
function lastRead(trace: PlotTrace): { hz: number; db: number } | undefined {
  const p = trace.points?.at(-1)
  return p && { hz: p.hz, db: p.db }
}

const readOut = computed(() => {
  const curve = now.value?.curve
  if (pointer.value === undefined || !curve) return undefined
  const hz = scale.value.x.invert(pointer.value)
  const db = returnLossAt(curve, hz)
  return db === undefined
    ? undefined
    : {
        x: pointer.value,
        y: scale.value.y(db),
        hz,
        db,
        swr: swrOfReturnLoss(db),
        left: pointer.value > inner.value.width / 2,
      }
})

const flags = computed(() =>
  (markers.value ?? []).map((hz, i) => {
    const db = now.value && returnLossAt(now.value.curve, hz)
    const x = scale.value.x(hz)
    return {
      hz,
      x,
      y: db === undefined ? undefined : scale.value.y(db),
      letter: i === 0 ? 'A' : 'B',
      inside: x >= -0.5 && x <= inner.value.width + 0.5,
    }
  }),
)
const held = ref<number>()

function moveMarker(index: number, x: number) {
  const [low, high] = wholeSpan.value
  const hz = scale.value.x.invert(Math.min(inner.value.width, Math.max(0, x)))
  markers.value = (markers.value ?? []).map((m, i) => (i === index ? Math.min(high, Math.max(low, hz)) : m))
}

/** The first two places that are touched become markers; afterwards the nearer one comes along. */
function place(x: number) {
  const there = markers.value
  if (!there) return
  if (there.length < 2) {
    markers.value = [...there, scale.value.x.invert(x)]
    return
  }
  const nearer = Math.abs((flags.value[0]?.x ?? 0) - x) <= Math.abs((flags.value[1]?.x ?? 0) - x) ? 0 : 1
  moveMarker(nearer, x)
}

function dragMarker(event: PointerEvent) {
  if (held.value === undefined) return
  moveMarker(held.value, event.clientX - (surface.value?.getBoundingClientRect().left ?? 0))
}

/** Over a marker the wheel zooms as beside it. */
function wheelBeneath(event: WheelEvent) {
  surface.value?.dispatchEvent(new WheelEvent('wheel', event))
}

function stepMarker(index: number, by: number) {
  moveMarker(index, (flags.value[index]?.x ?? 0) + by)
}

const isZoomed = computed(() => transform.value.k !== 1)

function zoomBehaviour() {
  return zoom<SVGRectElement, unknown>()
    .scaleExtent([1, 60])
    .extent([
      [0, 0],
      [inner.value.width, inner.value.height],
    ])
    .translateExtent([
      [0, 0],
      [inner.value.width, inner.value.height],
    ])
    .on('zoom', (event: D3ZoomEvent<SVGRectElement, unknown>) => {
      transform.value = event.transform
    })
}

function whole() {
  if (surface.value) select(surface.value).call(zoomBehaviour().transform, zoomIdentity)
  transform.value = zoomIdentity
}

function zoomBy(factor: number) {
  if (surface.value) select(surface.value).call(zoomBehaviour().scaleBy, factor)
}

function follow(event: PointerEvent) {
  pointer.value = event.clientX - (surface.value?.getBoundingClientRect().left ?? 0)
}

function step(by: number) {
  const from = pointer.value ?? inner.value.width / 2
  pointer.value = Math.min(inner.value.width, Math.max(0, from + by))
}

const observer = new ResizeObserver(([entry]) => {
  if (!entry) return
  width.value = entry.contentRect.width
  height.value = Math.max(320, entry.contentRect.height)
})

onMounted(() => {
  if (frame.value) observer.observe(frame.value)
})
watch(
  [surface, () => inner.value.width, () => inner.value.height],
  () => {
    if (surface.value) select(surface.value).call(zoomBehaviour())
  },
  { flush: 'post' },
)
watch(wholeSpan, (a, b) => {
  if (a[0] !== b[0] || a[1] !== b[1]) whole()
})
onBeforeUnmount(() => observer.disconnect())
</script>

<template>
  <figure
    ref="frame"
    tabindex="0"
    :aria-label="caption"
    @keydown.left.stop.prevent="step(-4)"
    @keydown.right.stop.prevent="step(4)"
    @keydown.esc="pointer = undefined"
  >
    <svg :width="width" :height="height" role="img" :aria-label="caption">
      <defs>
        <linearGradient id="depth" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0" stop-color="var(--shallow)" />
          <stop offset="1" stop-color="var(--deep)" />
        </linearGradient>
        <clipPath id="inside"><rect :width="inner.width" :height="inner.height" /></clipPath>
      </defs>
      <g :transform="`translate(${MARGIN.left} ${top})`">
        <rect class="water" :width="inner.width" :height="inner.height" />
        <g class="axis">
          <text :x="-10" :y="-12" text-anchor="end">dB</text>
          <g v-for="db in dbTicks" :key="db" :transform="`translate(0 ${scale.y(db)})`">
            <line class="grid" :x2="inner.width" />
            <text x="-10" dy="0.32em" text-anchor="end">{{ db }}</text>
          </g>
          <text :x="inner.width + 10" :y="-12">{{ words.text('tuning.SWR') }}</text>
          <g v-for="t in scale.swrTicks" :key="t.swr" :transform="`translate(${inner.width} ${t.y})`">
            <line class="tick" x2="6" />
            <text x="10" dy="0.32em">{{ t.swr }}</text>
          </g>
          <g v-for="t in mhzTicks" :key="t.hz" :transform="`translate(${scale.x(t.hz)} ${inner.height})`">
            <line class="tick" y2="5" />
            <text y="20" text-anchor="middle">{{ t.text }}</text>
          </g>
          <text :x="inner.width" :y="inner.height + 39" text-anchor="end">MHz</text>
        </g>

        <g clip-path="url(#inside)">
          <line
            class="limit"
            :x2="inner.width"
            :y1="scale.y(returnLossOfSwr(limit.swr))"
            :y2="scale.y(returnLossOfSwr(limit.swr))"
          />
          <g :transform="stretch">
            <path v-for="b in bands" :key="b.id" :class="['band', b.kind]" :d="b.d" />
            <path
              v-for="{ trace: t, d } in paths"
              :key="t.id"
              :class="['trace', t.kind]"
              :style="toneStyle(t.tone)"
              :d="d"
            />
          </g>
          <g v-for="r in readings" :key="r.id" :class="['readings', r.kind]">
            <g v-for="m in r.marks" :key="m.x" :transform="`translate(${m.x} 0)`">
              <path :d="`M-5 ${m.low}H5M0 ${m.low}V${m.high}M-5 ${m.high}H5`" />
              <circle :cy="m.y" r="4" />
            </g>
          </g>
        </g>
        <text
          class="limit-label"
          :x="inner.width - 6"
          :y="scale.y(returnLossOfSwr(limit.swr)) - 6"
          text-anchor="end"
        >
          {{ limit.label }}
        </text>
        <text
          v-for="l in traceLabels"
          :key="l.id"
          :class="['trace-label', l.kind]"
          :style="toneText(l.tone)"
          :x="l.x"
          :y="l.y"
          text-anchor="middle"
        >
          {{ l.label }}
        </text>

        <template v-for="(peg, i) in pegs" :key="peg.name + peg.frequencyHz">
          <g
            v-if="pegXs[i]?.inside"
            :class="['peg', { missed: !peg.met, fresh: peg.isFresh }]"
            :transform="`translate(${pegXs[i].x} 0)`"
          >
            <line
              :y1="pegTop(pegRows[i] ?? 0)"
              :y2="peg.returnLossDb === undefined ? 14 : Math.min(scale.y(peg.returnLossDb), inner.height)"
            />
            <g
              v-if="peg.returnLossDb !== undefined"
              :transform="`translate(0 ${Math.min(scale.y(peg.returnLossDb), inner.height)})`"
            >
              <circle v-if="peg.met" r="5" />
              <path v-else d="M0 -7L7 0L0 7L-7 0Z" />
            </g>
            <g
              v-if="(pegRows[i] ?? 0) < MOST_ROWS"
              :transform="`translate(${pegXs[i].label - pegXs[i].x} ${-ROW * (pegRows[i] ?? 0)})`"
              text-anchor="middle"
            >
              <text class="peg-name" y="-29">{{ shortName(peg) }}</text>
              <text class="peg-word" y="-14">{{ pegWord(peg) }}</text>
            </g>
          </g>
        </template>

        <g v-if="readOut" class="read-out" :transform="`translate(${readOut.x} 0)`">
          <line :y2="inner.height" />
          <circle :cy="readOut.y" r="4" />
          <g :transform="`translate(${readOut.left ? -176 : 12} ${Math.max(4, inner.height - 72)})`">
            <rect width="164" height="64" rx="5" />
            <text x="12" y="25" class="strong">{{ formatMhz(readOut.hz) }} MHz</text>
            <text x="12" y="49">
              {{ words.text('tuning.SWR') }} {{ formatSwr(readOut.swr) }} · {{ readOut.db.toFixed(1) }} dB
            </text>
          </g>
        </g>
        <rect
          ref="surface"
          class="surface"
          :width="inner.width"
          :height="inner.height"
          @pointermove="follow"
          @pointerleave="pointer = undefined"
          @click="place($event.clientX - ($event.currentTarget as Element).getBoundingClientRect().left)"
        />
        <template v-for="(f, i) in flags" :key="f.letter">
          <g
            v-if="f.inside"
            class="flag"
            :transform="`translate(${f.x} 0)`"
            role="slider"
            tabindex="0"
            :aria-label="`Marker ${f.letter}`"
            :aria-valuenow="f.hz / 1e6"
            :aria-valuetext="`${formatMhz(f.hz)} MHz`"
            @keydown.left.stop.prevent="stepMarker(i, $event.shiftKey ? -20 : -1)"
            @keydown.right.stop.prevent="stepMarker(i, $event.shiftKey ? 20 : 1)"
            @pointerdown="((held = i), ($event.currentTarget as Element).setPointerCapture($event.pointerId))"
            @pointermove="dragMarker"
            @pointerup="held = undefined"
            @wheel.prevent="wheelBeneath"
          >
            <line :y2="inner.height" />
            <circle v-if="f.y !== undefined" :cy="f.y" r="4.5" />
            <path :transform="`translate(0 ${inner.height})`" d="M0 0L13 -13V-32H-13V-13Z" />
            <text :y="inner.height - 16" text-anchor="middle">{{ f.letter }}</text>
          </g>
        </template>
      </g>
    </svg>
    <div class="tools">
      <button title="Closer" aria-label="Closer" @click="zoomBy(1.6)">+</button>
      <button title="Farther" aria-label="Farther" :disabled="!isZoomed" @click="zoomBy(1 / 1.6)">−</button>
      <button :disabled="!isZoomed" @click="whole">{{ words.text('tuning.WHOLE_SWEEP') }}</button>
    </div>
  </figure>
</template>

<style scoped>
figure {
  position: relative;
  margin: 0;
  min-height: 320px;
  height: 100%;
  border-radius: 6px;
}

svg {
  display: block;
  position: absolute;
  inset: 0;
  overflow: visible;
}

.water {
  fill: url('#depth');
}

text {
  font-size: 13px;
  fill: var(--soft);
}

.grid {
  stroke: var(--grid);
}

.tick {
  stroke: var(--soft);
  opacity: 0.6;
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
  opacity: 0.75;
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

.readings.earlier path {
  stroke: var(--trace-old);
}

.readings.earlier circle {
  fill: var(--trace-old);
}

.trace-label,
.limit-label,
.peg text {
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

.limit {
  stroke: var(--trace);
  stroke-width: calc(1.5px * var(--stroke));
  stroke-dasharray: 2 4;
}

.limit-label {
  fill: var(--trace);
}

.peg line {
  stroke: var(--trace);
  stroke-width: 1.5;
}

.peg circle {
  fill: var(--card);
  stroke: var(--trace);
  stroke-width: 2.2;
}

.peg path {
  fill: var(--coral);
}

.peg .peg-name {
  fill: var(--trace);
  font-weight: 640;
  font-size: 14px;
}

/* A channel that is met just now: seen from the ladder. */
.peg.fresh circle {
  fill: var(--gold);
  animation: met 0.5s ease-out 4;
}

@keyframes met {
  from {
    stroke-width: 26;
    stroke-opacity: 0.6;
  }
}

@media (prefers-reduced-motion: reduce) {
  .peg.fresh circle {
    animation: none;
  }
}

.peg.missed line {
  stroke: var(--coral);
}

.peg.missed .peg-word {
  fill: var(--coral);
  font-weight: 640;
}

.read-out line {
  stroke: var(--soft);
  stroke-dasharray: 3 3;
}

.read-out circle {
  fill: var(--gold);
  stroke: var(--trace);
}

.read-out rect {
  fill: var(--card);
  stroke: var(--line);
}

.read-out text {
  fill: var(--ink);
  font-size: 14px;
}

.read-out .strong {
  font-weight: 640;
}

.flag {
  cursor: ew-resize;
  touch-action: none;
}

.flag line {
  stroke: var(--gold-ink);
  stroke-width: 1.5;
}

.flag circle,
.flag path {
  fill: var(--gold);
  stroke: var(--gold-ink);
}

.flag text {
  fill: var(--on-gold);
  font-weight: 640;
}

.surface {
  fill: transparent;
  cursor: crosshair;
  touch-action: pan-y;
}

.tools {
  position: absolute;
  left: 36px;
  bottom: 2px;
  display: flex;
  gap: 4px;
}

.tools button {
  border: 1px solid var(--line);
  background: var(--card);
  border-radius: 4px;
  min-width: 26px;
  height: 22px;
  font-size: 13px;
  line-height: 1;
  color: var(--soft);
}
</style>
