<script setup lang="ts">
import TextField from '@/ui/TextField.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { useCalibrations } from '@/api/calibrations'
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
  <PickField
    v-model="draft.rests"
    :name="words.text('tuning.ANALYSER_WAS')"
    :wrong="wrong.calibrationId"
    :options="[
      { value: 'DECLARED_ANALYSER', word: words.text('tuning.CALIBRATED') },
      { value: 'UNCALIBRATED_ANALYSER', word: words.text('tuning.NOT_CALIBRATED') },
      ...(calibrations.data.value ?? []).map((c) => ({
        value: c.id,
        word: words.text('tuning.CORRECT_WITH', {
          name: c.name,
          from: formatMhz(c.startHz, 0),
          to: formatMhz(c.stopHz, 0),
          at: formatTime(c.madeAt),
        }),
      })),
    ]"
  />
  <TextField
    v-if="draft.rests === 'DECLARED_ANALYSER'"
    v-model="draft.declared"
    :name="words.text('tuning.BY_WHOM')"
    :placeholder="words.text('tuning.BY_WHOM_EXAMPLE')"
  />
</template>
