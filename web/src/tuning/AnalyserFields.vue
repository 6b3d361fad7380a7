<script setup lang="ts">
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { computed, ref, watch } from 'vue'
import { useCalibrations, useCoveringCalibrations } from '@/api/calibrations'
import { useInstruments } from '@/api/instruments'
import { ageWords } from '@/desk/calibration'
import type { SweptDraft } from './draft'
import RestsFields from './RestsFields.vue'

const words = useWords()

/** An analyser on the network that is to sweep now. */
const draft = defineModel<SweptDraft>({ required: true })
const props = defineProps<{
  wrong: Record<string, string>
  /** The sweep that is asked for; a calibration that covers it is offered. */
  span?: { startHz: number; stopHz: number } | undefined
}>()
const { calibrations } = useCalibrations()
const covering = useCoveringCalibrations(
  computed(() => props.span && { lowHz: props.span.startHz, highHz: props.span.stopHz }),
)
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
/** Offered once by itself; what a person chose instead stays. */
const offered = ref('')
watch(
  [covering.data, () => draft.value.instrument, able],
  () => {
    // It holds for its instrument and for nothing else.
    const name = able.value.find((i) => i.id === draft.value.instrument)?.name
    if (!covering.data.value || covering.isPlaceholderData.value || name === undefined) return
    const best = covering.data.value.find((c) => c.instrument === name)
    const isOurs = draft.value.rests === offered.value || draft.value.rests === 'UNCALIBRATED_ANALYSER'
    if (!isOurs || best?.id === draft.value.rests) return
    offered.value = best?.id ?? ''
    draft.value.rests = best?.id ?? 'UNCALIBRATED_ANALYSER'
  },
  { immediate: true },
)
const used = computed(() => calibrations.data.value?.find((c) => c.id === draft.value.rests))
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
  <p v-if="used && used.id === offered" class="hint" role="status">
    {{ words.text('calibrate.OFFERED', { name: used.name, age: ageWords(used.madeAt, words) }) }}
  </p>
  <RestsFields v-model="draft" :wrong="wrong" />
</template>
