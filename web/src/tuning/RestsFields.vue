<script setup lang="ts">
import { useWords } from '@/words/words'
import { useCalibrations } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import type { SweptDraft } from './draft'

const words = useWords()

/** What a sweep rests on: nobody can see that from its numbers. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const { calibrations } = useCalibrations()
</script>

<template>
  <label class="field">
    <span class="name">{{ words.text('tuning.ANALYSER_WAS') }}</span>
    <select v-model="draft.rests">
      <option value="DECLARED_ANALYSER">{{ words.text('tuning.CALIBRATED') }}</option>
      <option value="UNCALIBRATED_ANALYSER">{{ words.text('tuning.NOT_CALIBRATED') }}</option>
      <option v-for="c in calibrations.data.value ?? []" :key="c.id" :value="c.id">
        {{
          words.text('tuning.CORRECT_WITH', {
            name: c.name,
            from: formatMhz(c.startHz, 0),
            to: formatMhz(c.stopHz, 0),
            at: formatTime(c.madeAt),
          })
        }}
      </option>
    </select>
    <span v-if="wrong.calibrationId" class="wrong" role="alert">{{ wrong.calibrationId }}</span>
  </label>
  <label v-if="draft.rests === 'DECLARED_ANALYSER'" class="field">
    <span class="name">{{ words.text('tuning.BY_WHOM') }}</span>
    <input v-model="draft.declared" class="text" :placeholder="words.text('tuning.BY_WHOM_EXAMPLE')" />
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
