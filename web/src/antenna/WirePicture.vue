<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { fitted, project, roundLength, type Vector, type View, type Wire } from './geometry'

const words = useWords()

/** The wires as a drawing that can be turned; where they were solved, the thicker the line the more current. */
const props = defineProps<{
  wires: Wire[]
  ground: 'none' | 'perfect'
  feed: { wire: number; position: number }
  currents?: Schemas['Current'][]
  broken?: number
}>()

const WIDTH = 420
const HEIGHT = 330
const view = ref<View>({ turnDeg: 30, tiltDeg: 18 })
let from: { x: number; y: number } | undefined

function vector(v: number[]): Vector {
  return [v[0] ?? 0, v[1] ?? 0, v[2] ?? 0]
}

const ends = computed(() => props.wires.map((w) => [vector(w.fromM), vector(w.toM)] as const))
const fit = computed(() => {
  const points = ends.value.flat().map((p) => project(p, view.value))
  return fitted(points.length ? points : [[0, 0]], WIDTH, HEIGHT)
})
const place = (p: Vector) => fit.value.shift(project(p, view.value))

const lines = computed(() =>
  ends.value.map(([a, b], i) => {
    const [x1, y1] = place(a)
    const [x2, y2] = place(b)
    return { x1, y1, x2, y2, i, mx: (x1 + x2) / 2, my: (y1 + y2) / 2 }
  }),
)
const flow = computed(() =>
  (props.currents ?? []).map((c, i) => {
    const [x1, y1] = place(vector(c.fromM))
    const [x2, y2] = place(vector(c.toM))
    const share = ((c.share[0] ?? 0) + (c.share[1] ?? 0)) / 2
    return { i, x1, y1, x2, y2, width: 1 + 8 * share, opacity: 0.25 + 0.75 * share }
  }),
)
const feedAt = computed(() => {
  const wire = ends.value[props.feed.wire]
  if (!wire) return undefined
  const at = wire[0].map((v, k) => v + ((wire[1][k] ?? 0) - v) * props.feed.position) as Vector
  const [x, y] = place(at)
  return { x, y }
})
const ground = computed(() => {
  if (props.ground !== 'perfect') return ''
  const reach = Math.max(0.3, ...ends.value.flat().map((p) => Math.hypot(p[0], p[1]))) * 1.15
  return (
    [
      [-reach, -reach, 0],
      [reach, -reach, 0],
      [reach, reach, 0],
      [-reach, reach, 0],
    ] as Vector[]
  )
    .map((p) => place(p).join(','))
    .join(' ')
})
const bar = computed(() => {
  const metres = roundLength(90 / fit.value.scale)
  return {
    pixels: metres * fit.value.scale,
    words: metres < 1 ? `${+(metres * 1000).toPrecision(3)} mm` : `${metres} m`,
  }
})

function down(e: PointerEvent) {
  from = { x: e.clientX, y: e.clientY }
  ;(e.currentTarget as Element).setPointerCapture(e.pointerId)
}

function move(e: PointerEvent) {
  if (!from) return
  turn((e.clientX - from.x) / 2, (e.clientY - from.y) / 2)
  from = { x: e.clientX, y: e.clientY }
}

function turn(by: number, tilt: number) {
  view.value = {
    turnDeg: view.value.turnDeg + by,
    tiltDeg: Math.max(-5, Math.min(90, view.value.tiltDeg + tilt)),
  }
}

function key(e: KeyboardEvent) {
  const step = { ArrowLeft: [-10, 0], ArrowRight: [10, 0], ArrowUp: [0, 10], ArrowDown: [0, -10] }[e.key]
  if (!step) return
  e.preventDefault()
  turn(step[0] ?? 0, step[1] ?? 0)
}
</script>

<template>
  <svg
    :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
    role="img"
    tabindex="0"
    :aria-label="words.text('modelPage.PICTURE', { count: wires.length })"
    @pointerdown="down"
    @pointermove="move"
    @pointerup="from = undefined"
    @keydown="key"
  >
    <polygon v-if="ground" :points="ground" class="filled in-deep" stroke="var(--grid)" />
    <line
      v-for="f in flow"
      :key="`c${f.i}`"
      v-bind="f"
      class="drawn in-gold"
      stroke-linecap="round"
      :stroke-width="f.width"
    />
    <line
      v-for="l in lines"
      :key="l.i"
      :x1="l.x1"
      :y1="l.y1"
      :x2="l.x2"
      :y2="l.y2"
      :class="['drawn', { 'in-coral': l.i === broken }]"
      :stroke-width="l.i === broken ? 4 : 1.6"
    />
    <template v-if="wires.length <= 12">
      <text v-for="l in lines" :key="`t${l.i}`" :x="l.mx + 7" :y="l.my - 4">{{ l.i }}</text>
    </template>
    <circle
      v-if="feedAt"
      :cx="feedAt.x"
      :cy="feedAt.y"
      r="6"
      class="edged in-coral"
      fill="var(--card)"
      stroke-width="2.5"
    />
    <g :transform="`translate(16 ${HEIGHT - 14})`">
      <line x1="0" :x2="bar.pixels" y1="0" y2="0" class="drawn" stroke-width="1.6" />
      <text :x="bar.pixels + 6" y="4">{{ bar.words }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: auto;
  touch-action: none;
  cursor: grab;
}
</style>
