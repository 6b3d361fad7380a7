<script setup lang="ts">
import { useTemplateRef, watchEffect } from 'vue'
import { useFrame, type PlotSize } from './useFrame'

/** What every plot stands in: it follows the room there is, keeps a margin and says what it shows. */
const props = defineProps<{ caption: string; margin: { left: number; top: number }; leastHeight?: number }>()
/** As the plot begins; then as it is laid out. */
const size = defineModel<PlotSize>('size', { required: true })

const usual = size.value
const { width, height } = useFrame(useTemplateRef('frame'), usual.width, usual.height, props.leastHeight)
watchEffect(() => (size.value = { width: width.value, height: height.value }))
</script>

<template>
  <figure :aria-label="caption">
    <div ref="frame" class="stage">
      <svg :width="size.width" :height="size.height" role="img" :aria-label="caption">
        <slot name="defs" />
        <g :transform="`translate(${margin.left} ${margin.top})`"><slot /></g>
      </svg>
      <slot name="tools" />
    </div>
    <slot name="legend" />
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  height: 100%;
  display: flex;
  flex-direction: column;
}

.stage {
  position: relative;
  flex: 1;
  min-height: 320px;
}

svg {
  position: absolute;
  inset: 0;
  display: block;
  overflow: visible;
}
</style>
