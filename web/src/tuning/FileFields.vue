<script setup lang="ts">
import { ref, watch } from 'vue'
import { Problem, type Schemas } from '@/api/client'
import { readTraceFile, useCalibrations } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import type { FileDraft } from './draft'

/** A sweep from a file, and what it rests on: nobody can see that from the numbers. */
const draft = defineModel<FileDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const emit = defineEmits<{ choose: [file: File | undefined] }>()
const { calibrations } = useCalibrations()

const file = ref<File>()
/** What the file says, before it is recorded. */
const preview = ref<Schemas['ReadFileView']>()
const refused = ref('')

function choose(event: Event) {
  file.value = (event.target as HTMLInputElement).files?.[0]
  emit('choose', file.value)
}

watch([file, () => draft.value.port], async ([chosen, port]) => {
  preview.value = undefined
  refused.value = ''
  if (!chosen) return
  try {
    preview.value = await readTraceFile(chosen, Number(port))
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    refused.value = error.message
  }
})
const span = (t: Schemas['TraceData']) =>
  `${t.frequencyHz.length} points, ${formatMhz(t.frequencyHz[0] ?? 0)} to ${formatMhz(t.frequencyHz.at(-1) ?? 0)} MHz`
</script>

<template>
  <div class="fields">
    <label class="field">
      <span class="name">Touchstone (.s1p, .s2p), or a table (.csv)</span>
      <input type="file" accept=".s1p,.s2p,.csv,text/plain,text/csv" @change="choose" />
      <span v-if="refused || wrong.file" class="wrong" role="alert">{{ refused || wrong.file }}</span>
      <span v-else class="hint">Kept as it came, beside what is read from it.</span>
    </label>
    <div v-if="preview" class="preview" role="status">
      <b>{{ span(preview.trace) }}</b>
      <p v-if="preview.columns.length" class="hint">
        <template v-for="(c, i) in preview.columns" :key="i"
          >{{ i ? '; ' : '' }}{{ c.heading }}: {{ c.words }}</template
        >
      </p>
      <p v-if="preview.lacks" class="caution">{{ preview.lacks }}</p>
      <p v-for="w in preview.warnings" :key="w" class="caution">{{ w }}</p>
    </div>
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
    <label v-if="preview?.ports === 2 || draft.port !== '1'" class="field">
      <span class="name">Of this two-port file, port</span>
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
