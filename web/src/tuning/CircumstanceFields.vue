<script setup lang="ts">
import { capital, useWords } from '@/words/words'
import type { Circumstance } from './draft'

/** What was not as it should be, and a photo. */
const circumstances = defineModel<Circumstance[]>({ required: true })
const emit = defineEmits<{ photo: [file: File | undefined] }>()

const words = useWords()

const CIRCUMSTANCES: Circumstance[] = [
  'ON_THE_GROUND',
  'INDOORS',
  'DOOR_OPEN',
  'PEOPLE_NEAR',
  'HAND_ON_IT',
  'OUT_OF_ITS_TUBE',
]
</script>

<template>
  <details :open="circumstances.length > 0">
    <summary>{{ words.text('record.CIRCUMSTANCES') }}</summary>
    <label v-for="c in CIRCUMSTANCES" :key="c" class="tick">
      <input v-model="circumstances" type="checkbox" :value="c" />
      {{ capital(words.text(`circumstance.${c}`)) }}
    </label>
    <label class="field">
      <span class="name">{{ words.text('record.PHOTO') }}</span>
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
