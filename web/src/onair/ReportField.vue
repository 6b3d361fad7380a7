<script setup lang="ts">
import { computed } from 'vue'
import PickField from '@/ui/PickField.vue'
import { capital, useWords } from '@/words/words'
import { REPORTS, type Report } from './useAir'

/** How one trial was heard: chosen by whoever may write, read by others. */
defineProps<{ number: number; report: Report | undefined; mayWrite: boolean }>()
const emit = defineEmits<{ say: [report: Report] }>()
const words = useWords()
const options = computed(() =>
  REPORTS.map((r) => ({ value: r, word: capital(words.value.text(`report.${r}`)) })),
)
</script>

<template>
  <PickField
    v-if="mayWrite"
    bare
    :model-value="report"
    :name="`${words.text('air.REPORT')}, ${words.text('air.TRIAL')} ${number}`"
    :options="options"
    @update:model-value="(r: Report) => emit('say', r)"
  />
  <template v-else-if="report">{{ capital(words.text(`report.${report}`)) }}</template>
</template>
