<script setup lang="ts">
import { computed, watch } from 'vue'
import { useInstruments } from '@/api/queries'
import type { SweptDraft } from './draft'
import RestsFields from './RestsFields.vue'

/** An analyser on the network that is to sweep now. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const instruments = useInstruments()
const able = computed(() => instruments.data.value?.filter((i) => i.recorded) ?? [])
watch(
  able,
  (all) => {
    if (all.length > 0 && !all.some((i) => i.id === draft.value.instrument))
      draft.value.instrument = all[0]?.id ?? ''
  },
  { immediate: true },
)
</script>

<template>
  <p v-if="instruments.isSuccess.value && able.length === 0" class="hint">
    No analyser is known yet. <RouterLink to="/instruments">Add yours</RouterLink>, or bring a file or a
    meter's readings.
  </p>
  <label class="field">
    <span class="name">Instrument</span>
    <select v-model="draft.instrument">
      <option v-for="i in able" :key="i.id" :value="i.id">{{ i.name }}</option>
    </select>
    <span v-if="wrong.instrument" class="wrong" role="alert">{{ wrong.instrument }}</span>
  </label>
  <p class="hint">Radio off the line first: transmitting into an analyser destroys it.</p>
  <RestsFields v-model="draft" :wrong="wrong" />
</template>
