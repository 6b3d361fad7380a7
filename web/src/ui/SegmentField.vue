<script setup lang="ts" generic="T extends string">
import { NRadioButton, NRadioGroup } from 'naive-ui'
import { useId } from 'vue'
import type { Option } from './options'

/** One of a few beside one another, short words: what is looked at, or how. */
const value = defineModel<T>({ required: true })
defineProps<{ name: string; options: Option<T>[] }>()
const id = useId()
</script>

<template>
  <NRadioGroup v-model:value="value" :name="id" role="radiogroup" :aria-label="name">
    <NRadioButton v-for="o in options" :key="o.value" :value="o.value">{{ o.word }}</NRadioButton>
  </NRadioGroup>
</template>

<style scoped>
/* Where there is no room for all of them in a row. */
@media (max-width: 1020px) {
  .n-radio-group {
    display: flex;
    flex-wrap: wrap;
    height: auto;
    row-gap: 6px;
  }

  .n-radio-button {
    box-shadow: 0 0 0 1px var(--line);
  }
}
</style>
