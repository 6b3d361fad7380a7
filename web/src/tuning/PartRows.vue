<script setup lang="ts">
import { ref, watch } from 'vue'
import ActionButton from '@/ui/ActionButton.vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import { freshPart, type PartDraft } from './parts'

/** The parts of the antenna as they are put together again: each with its number, its final length or place, and its mark. */
const parts = defineModel<PartDraft[]>({ required: true })
const props = defineProps<{ wrong: Record<string, string> }>()
const words = useWords()
/** A place that nobody can work out is asked for, and what is refused is shown. */
const open = ref(parts.value.length > 1)
watch(
  () => Object.keys(props.wrong).some((field) => field.startsWith('parts[')),
  (isRefused) => (open.value ||= isRefused),
)

const wrongAt = (row: number, field: string) => props.wrong[`parts[${row}].${field}`]
</script>

<template>
  <FoldOut v-model:open="open" :title="words.text('parts.TITLE', { count: parts.length })">
    <p class="hint">{{ words.text('parts.WHY') }}</p>
    <div v-for="(p, i) in parts" :key="i" class="part">
      <span class="number">{{ i + 1 }}</span>
      <TextField
        v-model="p.name"
        :name="words.text('parts.NAME', { part: `${i + 1}` })"
        :wrong="wrongAt(i, 'name')"
      />
      <TextField v-model="p.partLength" :name="words.text('parts.LENGTH')" :wrong="wrongAt(i, 'lengthM')" />
      <TextField v-model="p.note" class="mark" :name="words.text('parts.MARK')" :wrong="wrongAt(i, 'note')" />
      <ActionButton quiet @click="parts = parts.filter((_, at) => at !== i)">
        {{ words.text('parts.REMOVE', { part: `${i + 1}` }) }}
      </ActionButton>
    </div>
    <ActionButton @click="parts = [...parts, freshPart()]">{{ words.text('parts.ADD') }}</ActionButton>
  </FoldOut>
</template>

<style scoped>
.part {
  display: grid;
  grid-template-columns: 20px minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 4px 8px;
  align-items: start;
  margin-bottom: 8px;
}

.number {
  padding-top: 26px;
  font-weight: 640;
}

.mark {
  grid-column: 2 / -1;
}

.part > :last-child {
  grid-column: 2 / -1;
  justify-self: start;
}
</style>
