<script setup lang="ts">
import { computed } from 'vue'

/** What a picture shows at `x`: a line, and two lines of figures beside it, on the side where there is room. */
const props = defineProps<{
  x: number
  lines: [string, string] | string[]
  inner: { width: number; height: number }
}>()

const WIDTH = 164
const isLeft = computed(() => props.x > props.inner.width / 2)
</script>

<template>
  <g class="read-out in-ink" :transform="`translate(${x} 0)`">
    <line class="drawn in-soft" stroke-dasharray="3 3" :y2="inner.height" />
    <g :transform="`translate(${isLeft ? -WIDTH - 12 : 12} ${Math.max(4, inner.height - 72)})`">
      <rect class="edged in-line" fill="var(--card)" :width="WIDTH" height="64" rx="5" />
      <text x="12" y="25" class="strong">{{ lines[0] }}</text>
      <text x="12" y="49">{{ lines[1] }}</text>
    </g>
  </g>
</template>

<style scoped>
.read-out {
  pointer-events: none;
}

text {
  font-size: 14px;
}
</style>
