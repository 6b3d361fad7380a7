<script setup lang="ts" generic="T extends string">
import { NRadio, NRadioGroup } from 'naive-ui'
import { useId } from 'vue'
import type { Option } from './options'

/** One of a few, all of them visible: big enough for gloves. */
const value = defineModel<T>({ required: true })
defineProps<{ name: string; options: Option<T>[]; hint?: string; wrong?: string }>()
const id = useId()
</script>

<template>
  <fieldset>
    <legend>{{ name }}</legend>
    <NRadioGroup v-model:value="value" :name="id" class="options">
      <NRadio
        v-for="o in options"
        :key="o.value"
        :value="o.value"
        class="option"
        :class="{ chosen: value === o.value }"
      >
        {{ o.word }}
      </NRadio>
    </NRadioGroup>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  gap: 4px;
}

.options {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.option {
  min-height: 44px;
  align-items: center;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
}

.option.chosen {
  border-color: var(--trace);
  box-shadow: inset 0 0 0 1px var(--trace);
  font-weight: 600;
}

.option:focus-within {
  outline: 3px solid var(--gold);
  outline-offset: 1px;
}
</style>
