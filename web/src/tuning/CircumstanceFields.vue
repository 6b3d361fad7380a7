<script setup lang="ts">
import type { Circumstance } from './draft'

/** What was not as it should be, and a photo. */
const circumstances = defineModel<Circumstance[]>({ required: true })
const emit = defineEmits<{ photo: [file: File | undefined] }>()

const CIRCUMSTANCES: { value: Circumstance; word: string }[] = [
  { value: 'ON_THE_GROUND', word: 'On the ground, before it goes up' },
  { value: 'INDOORS', word: 'Indoors' },
  { value: 'DOOR_OPEN', word: 'A door open' },
  { value: 'PEOPLE_NEAR', word: 'People or metal near' },
  { value: 'HAND_ON_IT', word: 'A hand on it' },
  { value: 'OUT_OF_ITS_TUBE', word: 'Out of the tube it will hang in' },
]
</script>

<template>
  <details :open="circumstances.length > 0">
    <summary>Circumstances, photo</summary>
    <label v-for="c in CIRCUMSTANCES" :key="c.value" class="tick">
      <input v-model="circumstances" type="checkbox" :value="c.value" /> {{ c.word }}
    </label>
    <label class="field">
      <span class="name">Photo</span>
      <input
        type="file"
        accept="image/jpeg,image/png"
        capture="environment"
        @change="emit('photo', ($event.target as HTMLInputElement).files?.[0])"
      />
    </label>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: 32px;
}

input[type='file'] {
  font: inherit;
  min-height: 44px;
  width: 100%;
}
</style>
