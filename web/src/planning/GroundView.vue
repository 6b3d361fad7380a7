<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed, ref } from 'vue'
import { dragged, endOf, missing, type Variant } from './ground'

const words = useWords()

/** The ground seen from above: what is there, a quarter-wave all round, and what lacks. Radials are dragged by their ends. */
const props = defineProps<{ variant: Variant; quarterM: number; slopeDeg: number }>()
const emit = defineEmits<{ drag: [index: number, radial: Variant['radials'][number]] }>()

const SIZE = 300
const svg = ref<SVGSVGElement>()
const held = ref<number>()

const halfM = computed(() =>
  Math.max(
    props.quarterM * 1.25,
    props.variant.kind === 'RADIALS' ? Math.max(0, ...props.variant.radials.map((r) => r.lengthM)) * 1.1 : 0,
    props.variant.kind === 'MESH' || props.variant.kind === 'SHEET'
      ? Math.max(props.variant.lengthM, props.variant.widthM) * 0.55
      : 0,
  ),
)
const scale = computed(() => SIZE / 2 / halfM.value)
/** Up in the picture is where the whip leans. */
const px = (x: number, y: number) => ({ x: SIZE / 2 - y * scale.value, y: SIZE / 2 - x * scale.value })

const ends = computed(() => props.variant.radials.map((r) => ({ ...px(endOf(r).x, endOf(r).y), radial: r })))
const gaps = computed(() =>
  missing(props.variant, props.quarterM)
    .filter((m) => m.missingM > 0.05 * props.quarterM)
    .map((m) => {
      const a = (m.azimuthDeg * Math.PI) / 180
      return {
        ...px(Math.cos(a) * props.quarterM * 1.09, Math.sin(a) * props.quarterM * 1.09),
        key: m.azimuthDeg,
        words: `−${Math.round(m.missingM * 100)} cm`,
      }
    }),
)
const net = computed(() => {
  const v = props.variant
  if (v.kind !== 'MESH') return []
  const lines: { x1: number; y1: number; x2: number; y2: number }[] = []
  const add = (ax: number, ay: number, bx: number, by: number) => {
    const a = px(ax, ay)
    const b = px(bx, by)
    lines.push({ x1: a.x, y1: a.y, x2: b.x, y2: b.y })
  }
  const nx = Math.min(60, Math.max(1, Math.round(v.lengthM / v.openingM)))
  const ny = Math.min(60, Math.max(1, Math.round(v.widthM / v.openingM)))
  for (let i = 0; i <= nx; i++) {
    const x = -v.lengthM / 2 + (v.lengthM * i) / nx
    add(x, -v.widthM / 2, x, v.widthM / 2)
  }
  for (let i = 0; i <= ny; i++) {
    const y = -v.widthM / 2 + (v.widthM * i) / ny
    add(-v.lengthM / 2, y, v.lengthM / 2, y)
  }
  return lines
})

function grab(event: PointerEvent, index: number) {
  held.value = index
  ;(event.target as Element).setPointerCapture(event.pointerId)
}

function move(event: PointerEvent) {
  const index = held.value
  const radial = index === undefined ? undefined : props.variant.radials[index]
  const box = svg.value?.getBoundingClientRect()
  if (index === undefined || !radial || !box) return
  const sx = ((event.clientX - box.left) / box.width) * SIZE
  const sy = ((event.clientY - box.top) / box.height) * SIZE
  emit('drag', index, dragged(radial, (SIZE / 2 - sy) / scale.value, (SIZE / 2 - sx) / scale.value))
}

function nudge(event: KeyboardEvent, index: number) {
  const radial = props.variant.radials[index]
  const step = { ArrowUp: 0.01, ArrowDown: -0.01 }[event.key]
  const turn = { ArrowLeft: 5, ArrowRight: -5 }[event.key]
  if (!radial || (step === undefined && turn === undefined)) return
  event.preventDefault()
  emit('drag', index, {
    ...radial,
    lengthM: Math.max(0.05, Math.round((radial.lengthM + (step ?? 0)) * 1000) / 1000),
    azimuthDeg: (radial.azimuthDeg + (turn ?? 0) + 360) % 360,
  })
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${SIZE} ${SIZE}`"
    role="group"
    :aria-label="words.text('groundPage.VIEW')"
    @pointermove="move"
    @pointerup="held = undefined"
    @pointercancel="held = undefined"
  >
    <circle :cx="SIZE / 2" :cy="SIZE / 2" :r="quarterM * scale" class="drawn in-old dashes" />
    <text :x="SIZE / 2 + quarterM * scale * 0.92" :y="SIZE / 2 - quarterM * scale * 0.42">λ/4</text>
    <rect
      v-if="variant.kind === 'SHEET'"
      :x="SIZE / 2 - (variant.widthM / 2) * scale"
      :y="SIZE / 2 - (variant.lengthM / 2) * scale"
      :width="variant.widthM * scale"
      :height="variant.lengthM * scale"
      class="sheet edged"
      fill="var(--deep)"
    />
    <line v-for="(l, i) in net" :key="i" v-bind="l" class="wire drawn" />
    <g v-for="(e, i) in ends" :key="i">
      <line :x1="SIZE / 2" :y1="SIZE / 2" :x2="e.x" :y2="e.y" class="wire drawn" stroke-width="2.5" />
      <circle
        :cx="e.x"
        :cy="e.y"
        r="11"
        class="filled in-gold grip"
        tabindex="0"
        role="slider"
        :aria-label="words.text('groundPage.RADIAL', { count: i + 1 })"
        :aria-valuenow="Math.round(e.radial.lengthM * 1000)"
        :aria-valuetext="
          words.text('groundPage.RADIAL_AT', {
            length: `${Math.round(e.radial.lengthM * 1000)} mm`,
            degrees: String(e.radial.azimuthDeg),
          })
        "
        @pointerdown="grab($event, i)"
        @keydown="nudge($event, i)"
      />
    </g>
    <text v-for="g in gaps" :key="g.key" :x="g.x" :y="g.y + 4" text-anchor="middle" class="gap in-coral">
      {{ g.words }}
    </text>
    <circle :cx="SIZE / 2" :cy="SIZE / 2" r="5" class="filled in-ink" />
    <line
      v-if="slopeDeg"
      :x1="SIZE / 2"
      :y1="SIZE / 2"
      :x2="SIZE / 2"
      :y2="SIZE / 2 - quarterM * scale * Math.sin((slopeDeg * Math.PI) / 180)"
      class="drawn in-gold"
      stroke-width="4"
    />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-height: 330px;
  display: block;
  touch-action: none;
}

.grip {
  stroke: var(--card);
  stroke-width: 2;
  cursor: grab;
}
</style>
