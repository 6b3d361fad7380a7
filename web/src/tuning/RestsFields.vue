<script setup lang="ts">
import { useCalibrations } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import type { SweptDraft } from './draft'

/** What a sweep rests on: nobody can see that from its numbers. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const { calibrations } = useCalibrations()
</script>

<template>
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
</template>

<style scoped>
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
