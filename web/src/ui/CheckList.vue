<script setup lang="ts" generic="T extends string">
import { NCheckbox, NCheckboxGroup } from 'naive-ui'
import type { Option } from './options'

/** Any of several. */
const value = defineModel<T[]>({ required: true })
defineProps<{ options: Option<T>[]; name: string }>()
</script>

<template>
  <NCheckboxGroup v-model:value="value as string[]" :aria-label="name" class="list">
    <NCheckbox v-for="o in options" :key="o.value" :value="o.value">{{ o.word }}</NCheckbox>
  </NCheckboxGroup>
</template>

<style scoped>
.list {
  display: grid;
  gap: 2px;
}

.list > * {
  min-height: 44px;
  align-items: center;
}
</style>
