<script setup lang="ts">
import FileField from '@/ui/FileField.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { ref, watch } from 'vue'
import { Problem, type Schemas } from '@/api/client'
import { readTraceFile } from '@/api/files'
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

function choose(chosen: File | undefined) {
  file.value = chosen
  emit('choose', chosen)
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
    <FileField
      :name="file?.name ?? words.text('tuning.FILE_OF')"
      accept=".s1p,.s2p,.csv,text/plain,text/csv"
      :hint="words.text('tuning.FILE_KEPT')"
      :wrong="refused || wrong.file"
      @files="choose($event[0])"
    />
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
    <PickField
      v-if="preview?.ports === 2 || draft.port !== '1'"
      v-model="draft.port"
      :name="words.text('tuning.OF_PORT')"
      :options="[
        { value: '1', word: '1' },
        { value: '2', word: '2' },
      ]"
    />
  </div>
</template>

<style scoped>
.fields {
  grid-template-columns: minmax(0, 1fr);
}
</style>
