<script setup lang="ts">
import { useTemplateRef, watchEffect } from 'vue'
import type { Numbers } from './numbers'
import NumbersButton from './NumbersButton.vue'
import { useFrame, type PlotSize } from './useFrame'

/** What every plot stands in: it follows the room there is, keeps a margin, says what it shows, and shows its figures. */
const props = defineProps<{
  caption: string
  margin: { left: number; top: number }
  leastHeight?: number
  /** What is drawn, in figures. */
  numbers: () => Numbers
}>()
/** Beneath it stands what belongs to it: names, figures. */
const LEAST_HEIGHT = 240
/** As the plot begins; then as it is laid out. */
const size = defineModel<PlotSize>('size', { required: true })

const usual = size.value
const { width, height } = useFrame(useTemplateRef('frame'), usual.width, usual.height, props.leastHeight)
watchEffect(() => (size.value = { width: width.value, height: height.value }))
</script>

<template>
  <figure :aria-label="caption">
    <div ref="frame" class="stage" :style="{ minHeight: `${leastHeight ?? LEAST_HEIGHT}px` }">
      <svg :width="size.width" :height="size.height" role="img" :aria-label="caption">
        <slot name="defs" />
        <g :transform="`translate(${margin.left} ${margin.top})`"><slot /></g>
      </svg>
    </div>
    <div class="tools">
      <slot name="tools" />
      <NumbersButton :title="caption" :numbers="numbers" />
    </div>
    <slot name="legend" />
  </figure>
</template>

<style scoped>
figure {
  height: 100%;
  display: flex;
  flex-direction: column;
}

.stage {
  position: relative;
  flex: 1;
}

svg {
  position: absolute;
  inset: 0;
  display: block;
  overflow: visible;
}

/* At the foot of the picture, where its axis leaves room. */
.tools {
  position: relative;
  align-self: start;
  margin: -24px 0 2px 36px;
  display: flex;
  gap: 4px;
}

/* Beneath it, for fingers. */
@media (max-width: 1020px), (pointer: coarse) {
  .tools {
    margin: 0;
    gap: 8px;
  }

  .tools :deep(.n-button) {
    height: 44px;
    min-width: 44px;
    font-size: 15px;
  }
}

.tools :deep(.n-button__content) {
  justify-content: center;
}
</style>
