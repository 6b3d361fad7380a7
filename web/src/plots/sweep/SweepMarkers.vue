<script setup lang="ts">
import { computed, ref } from 'vue'
import { formatMhz } from '@/units/frequency'
import { returnLossAt, type Curve } from '../sweepScale'
import type { SweepView } from './useSweepView'

/** Up to two places that are compared: dragged, or stepped by the keyboard. */
const markers = defineModel<number[]>({ required: true })
const props = defineProps<{ curve: Curve | undefined; view: SweepView; surface: SVGRectElement | null }>()

const held = ref<number>()
const flags = computed(() =>
  markers.value.map((hz, i) => {
    const db = props.curve && returnLossAt(props.curve, hz)
    const x = props.view.scale.x(hz)
    return {
      hz,
      x,
      y: db === undefined ? undefined : props.view.scale.y(db),
      letter: i === 0 ? 'A' : 'B',
      isInside: x >= -0.5 && x <= props.view.inner.width + 0.5,
    }
  }),
)

function move(index: number, x: number) {
  const [low, high] = props.view.wholeSpan
  const hz = props.view.scale.x.invert(Math.min(props.view.inner.width, Math.max(0, x)))
  markers.value = markers.value.map((m, i) => (i === index ? Math.min(high, Math.max(low, hz)) : m))
}

/** The first two places that are touched become markers; afterwards the nearer one comes along. */
function place(x: number) {
  if (markers.value.length < 2) {
    markers.value = [...markers.value, props.view.scale.x.invert(x)]
    return
  }
  const away = (i: number) => Math.abs((flags.value[i]?.x ?? 0) - x)
  move(away(0) <= away(1) ? 0 : 1, x)
}
defineExpose({ place })

function drag(event: PointerEvent) {
  if (held.value === undefined) return
  move(held.value, event.clientX - (props.surface?.getBoundingClientRect().left ?? 0))
}

/** Over a marker the wheel zooms as beside it. */
const wheelBeneath = (event: WheelEvent) => props.surface?.dispatchEvent(new WheelEvent('wheel', event))

const step = (index: number, by: number) => move(index, (flags.value[index]?.x ?? 0) + by)
</script>

<template>
  <g>
    <template v-for="(f, i) in flags" :key="f.letter">
      <g
        v-if="f.isInside"
        class="flag in-gold-ink"
        :transform="`translate(${f.x} 0)`"
        role="slider"
        tabindex="0"
        :aria-label="`Marker ${f.letter}`"
        :aria-valuenow="f.hz / 1e6"
        :aria-valuetext="`${formatMhz(f.hz)} MHz`"
        @keydown.left.stop.prevent="step(i, $event.shiftKey ? -20 : -1)"
        @keydown.right.stop.prevent="step(i, $event.shiftKey ? 20 : 1)"
        @pointerdown="((held = i), ($event.currentTarget as Element).setPointerCapture($event.pointerId))"
        @pointermove="drag"
        @pointerup="held = undefined"
        @wheel.prevent="wheelBeneath"
      >
        <line class="drawn" stroke-width="1.5" :y2="view.inner.height" />
        <circle v-if="f.y !== undefined" class="edged" fill="var(--gold)" :cy="f.y" r="4.5" />
        <path
          class="edged"
          fill="var(--gold)"
          :transform="`translate(0 ${view.inner.height})`"
          d="M0 0L13 -13V-32H-13V-13Z"
        />
        <text class="strong" :y="view.inner.height - 16" text-anchor="middle">{{ f.letter }}</text>
      </g>
    </template>
  </g>
</template>

<style scoped>
.flag {
  cursor: ew-resize;
  touch-action: none;
}

text {
  fill: var(--on-gold);
}
</style>
