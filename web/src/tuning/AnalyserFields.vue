<script setup lang="ts">
import { useInstruments } from '@/api/queries'
import type { SweptDraft } from './draft'
import RestsFields from './RestsFields.vue'

/** An analyser on the network that is to sweep now. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const instruments = useInstruments()
</script>

<template>
  <label class="field">
    <span class="name">Instrument</span>
    <select v-model="draft.instrument">
      <option v-for="i in instruments.data.value ?? []" :key="i.id" :value="i.id">{{ i.name }}</option>
    </select>
    <span v-if="wrong.instrument" class="wrong" role="alert">{{ wrong.instrument }}</span>
  </label>
  <p class="hint">Radio off the line first: transmitting into an analyser destroys it.</p>
  <RestsFields v-model="draft" :wrong="wrong" />
</template>
