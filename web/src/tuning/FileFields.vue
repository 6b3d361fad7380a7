<script setup lang="ts">
import { useWords } from '@/words/words'
import { ref, watch } from 'vue'
import { Problem, type Schemas } from '@/api/client'
import { readTraceFile } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import type { SweptDraft } from './draft'
import RestsFields from './RestsFields.vue'

const words = useWords()

/** A sweep from a file, and what it rests on. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const emit = defineEmits<{ choose: [file: File | undefined] }>()

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
  words.value.text('tuning.POINTS_SPAN', {
    points: `${t.frequencyHz.length}`,
    from: formatMhz(t.frequencyHz[0] ?? 0),
    to: formatMhz(t.frequencyHz.at(-1) ?? 0),
  })
</script>

<template>
  <div class="fields">
    <label class="field">
      <span class="name">{{ words.text('tuning.FILE_OF') }}</span>
      <input type="file" accept=".s1p,.s2p,.csv,text/plain,text/csv" @change="choose" />
      <span v-if="refused || wrong.file" class="wrong" role="alert">{{ refused || wrong.file }}</span>
      <span v-else class="hint">{{ words.text('tuning.FILE_KEPT') }}</span>
    </label>
    <div v-if="preview" class="preview" role="status">
      <b>{{ span(preview.trace) }}</b>
      <p v-if="preview.columns.length" class="hint">
        <template v-for="(c, i) in preview.columns" :key="i"
          >{{ i ? '; ' : '' }}{{ c.heading }}: {{ words.phrase(c.words) }}</template
        >
      </p>
      <p v-if="preview.lacks" class="caution">{{ words.sentence(preview.lacks) }}</p>
      <p v-for="(w, i) in preview.warnings" :key="i" class="caution">{{ words.sentence(w) }}</p>
    </div>
    <RestsFields v-model="draft" :wrong="wrong" />
    <label v-if="preview?.ports === 2 || draft.port !== '1'" class="field">
      <span class="name">{{ words.text('tuning.OF_PORT') }}</span>
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
</style>
