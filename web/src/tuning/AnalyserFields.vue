<script setup lang="ts">
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { computed, watch } from 'vue'
import { useInstruments } from '@/api/queries'
import type { SweptDraft } from './draft'
import RestsFields from './RestsFields.vue'

const words = useWords()

/** An analyser on the network that is to sweep now. */
const draft = defineModel<SweptDraft>({ required: true })
defineProps<{ wrong: Record<string, string> }>()
const instruments = useInstruments()
const able = computed(() => instruments.data.value?.filter((i) => i.recorded) ?? [])
watch(
  able,
  (all) => {
    if (all.length > 0 && !all.some((i) => i.id === draft.value.instrument))
      draft.value.instrument = all[0]?.id ?? ''
  },
  { immediate: true },
)
</script>

<template>
  <p v-if="instruments.isSuccess.value && able.length === 0" class="hint">
    {{ words.text('tuning.NO_ANALYSER') }}
    <RouterLink to="/instruments">{{ words.text('tuning.ADD_YOURS') }}</RouterLink>{{
      words.text('tuning.OR_FILE')
    }}
  </p>
  <PickField
    v-model="draft.instrument"
    :name="words.text('tuning.INSTRUMENT')"
    :wrong="wrong.instrument"
    :options="able.map((i) => ({ value: i.id, word: i.name }))"
  />
  <p class="hint">{{ words.text('tuning.RADIO_OFF') }}</p>
  <RestsFields v-model="draft" :wrong="wrong" />
</template>
