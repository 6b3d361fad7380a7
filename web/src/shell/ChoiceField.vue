<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

/** One of a few, all of them visible: big enough for gloves. */
const value = defineModel<T>({ required: true })
defineProps<{ name: string; options: { value: T; word: string }[]; hint?: string; wrong?: string }>()
const id = useId()
</script>

<template>
  <fieldset>
    <legend>{{ name }}</legend>
    <div class="options">
      <label v-for="o in options" :key="o.value" :class="{ chosen: value === o.value }">
        <input v-model="value" type="radio" :name="id" :value="o.value" />
        {{ o.word }}
      </label>
    </div>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="hint" class="hint">{{ hint }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
  min-width: 0;
}

.options {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.options label {
  min-height: 44px;
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 4px 12px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
  cursor: pointer;
}

.options label.chosen {
  border-color: var(--trace);
  box-shadow: inset 0 0 0 1px var(--trace);
  font-weight: 600;
}

.options label:focus-within {
  outline: 3px solid var(--gold);
  outline-offset: 1px;
}

input {
  accent-color: var(--trace);
  width: 17px;
  height: 17px;
  margin: 0;
}
</style>
