<script setup lang="ts">
import { NSlider } from 'naive-ui'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { useTold } from './useTold'

/** A number moved between two ends. `settled` says where it was let go. */
const props = defineProps<{
  modelValue: number
  name: string
  low: number
  high: number
  step: number
  said?: string
}>()
const emit = defineEmits<{ 'update:modelValue': [value: number]; settled: [value: number] }>()
/** While it is moved it leads, whatever the page makes of it. */
const value = ref(props.modelValue)
watch(
  () => props.modelValue,
  (now) => (value.value = now),
)
const root = useTemplateRef('root')
useTold(
  root,
  ['[role=slider]'],
  computed(() => ({ 'aria-label': props.name, 'aria-valuetext': props.said })),
)
/** Let go, it stands where the page says it is: a cut piece does not grow. */
async function settle() {
  emit('settled', value.value)
  await nextTick()
  value.value = props.modelValue
}
/** The library knows the arrows alone. */
function toAnEnd(event: KeyboardEvent) {
  const end = event.key === 'Home' ? props.low : event.key === 'End' ? props.high : undefined
  if (end === undefined) return
  event.preventDefault()
  value.value = end
  emit('update:modelValue', end)
}
/** A key moves it and lets it go at once. */
const MOVES = /^(Arrow|Home|End)/
function letGo(event: KeyboardEvent) {
  if (MOVES.test(event.key)) void settle()
}
</script>

<template>
  <div ref="root" class="slide" @keydown="toAnEnd" @keyup="letGo">
    <NSlider
      v-model:value="value"
      :min="low"
      :max="high"
      :step="step"
      :tooltip="false"
      :on-dragend="() => void settle()"
      @update:value="(now: number) => emit('update:modelValue', now)"
    />
  </div>
</template>

<style scoped>
.slide {
  min-height: 44px;
  display: grid;
  align-items: center;
  padding: 0 10px;
}

/* All of its height takes the finger. */
.slide :deep(.n-slider) {
  padding: 10px 0;
}
</style>
