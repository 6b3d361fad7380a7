<script setup lang="ts">
import { useCalibrations } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import type { FileDraft } from './draft'

/** A sweep from a file, and what it rests on: nobody can see that from the numbers. */
const draft = defineModel<FileDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const emit = defineEmits<{ choose: [file: File | undefined] }>()
const { calibrations } = useCalibrations()

function choose(event: Event) {
  emit('choose', (event.target as HTMLInputElement).files?.[0])
}
</script>

<template>
  <div class="fields">
    <label class="field">
      <span class="name">Touchstone (.s1p, .s2p), or a table (.csv)</span>
      <input type="file" accept=".s1p,.s2p,.csv,text/plain,text/csv" @change="choose" />
      <span v-if="wrong.file" class="wrong" role="alert">{{ wrong.file }}</span>
      <span v-else class="hint">Kept as it came, beside what is read from it.</span>
    </label>
    <label class="field">
      <span class="name">The analyser was</span>
      <select v-model="draft.rests">
        <option value="DECLARED_ANALYSER">calibrated in the instrument over this span</option>
        <option value="UNCALIBRATED_ANALYSER">not calibrated, or nobody knows</option>
        <option v-for="c in calibrations.data.value ?? []" :key="c.id" :value="c.id">
          raw: correct with {{ c.name }}, {{ formatMhz(c.startHz, 0) }} to {{ formatMhz(c.stopHz, 0) }} MHz,
          {{ formatTime(c.madeAt) }}
        </option>
      </select>
      <span v-if="wrong.calibrationId" class="wrong" role="alert">{{ wrong.calibrationId }}</span>
    </label>
    <label v-if="draft.rests === 'DECLARED_ANALYSER'" class="field">
      <span class="name">By whom, over which span</span>
      <input v-model="draft.declared" class="text" placeholder="Noa this morning, 140 to 170 MHz" />
    </label>
    <label class="field">
      <span class="name">Of a two-port file, port</span>
      <select v-model="draft.port">
        <option value="1">1</option>
        <option value="2">2</option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 8px;
}

input[type='file'] {
  font: inherit;
  min-height: 44px;
  width: 100%;
}

.text {
  font: inherit;
  color: inherit;
  min-height: 44px;
  padding: 4px 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
}
</style>
