<script setup lang="ts">
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { computed, ref, watch } from 'vue'
import { usePreferences } from '@/preferences'
import TextField from '@/ui/TextField.vue'
import { isAsked, parseQuantity, typed, type SheetInput } from './sheet'

/** What a kind asks for. What is typed and can be used is told; what can't be used stays and says why. */
const props = defineProps<{
  inputs: SheetInput[]
  numbers: Record<string, number>
  choices: Record<string, string>
  /** Sentence of the server at one field. */
  refused: { field: string; why: string } | undefined
}>()
const emit = defineEmits<{ number: [id: string, value: number]; choice: [id: string, option: string] }>()

const preferences = usePreferences()
const words = useWords()
const texts = ref<Record<string, string>>({})
const wrong = ref<Record<string, string>>({})

const chosen = computed(() =>
  Object.fromEntries(
    props.inputs
      .filter((i) => i.options.length)
      .map((i) => [i.id, props.choices[i.id] ?? i.options[0]?.id ?? '']),
  ),
)
const asked = computed(() => props.inputs.filter((i) => isAsked(i, chosen.value)))
const value = (i: SheetInput) => props.numbers[i.id] ?? i.usual

// What was typed and understood is shown as typed until somebody else changes it.
watch(
  [() => props.inputs, () => props.numbers, () => preferences.unit],
  () => {
    for (const i of props.inputs) {
      if (i.options.length || wrong.value[i.id]) continue
      const now = parseQuantity(texts.value[i.id] ?? '', i.quantity, preferences.unit)
      if (!now.ok || Math.abs(now.value - value(i)) > 1e-6 * Math.abs(value(i)))
        texts.value[i.id] = typed(value(i), i.quantity, preferences.unit)
    }
  },
  { immediate: true, deep: true },
)

function take(i: SheetInput, text: string) {
  texts.value[i.id] = text
  const read = parseQuantity(text, i.quantity, preferences.unit)
  if (!read.ok) {
    wrong.value[i.id] = read.why
    return
  }
  wrong.value = Object.fromEntries(Object.entries(wrong.value).filter(([id]) => id !== i.id))
  emit('number', i.id, read.value)
}

const trouble = (i: SheetInput) =>
  wrong.value[i.id] ?? (props.refused?.field === i.id ? props.refused.why : undefined)
</script>

<template>
  <template v-for="i in asked" :key="i.id">
    <PickField
      v-if="i.options.length"
      :model-value="chosen[i.id]"
      :name="words.phrase(i.title)"
      :wrong="refused?.field === i.id ? refused.why : undefined"
      :options="i.options.map((o) => ({ value: o.id, word: words.phrase(o.title) }))"
      @update:model-value="emit('choice', i.id, $event)"
    />
    <TextField
      v-else
      :model-value="texts[i.id] ?? ''"
      :name="words.phrase(i.title)"
      :wrong="trouble(i)"
      @update:model-value="take(i, $event)"
    />
  </template>
</template>
