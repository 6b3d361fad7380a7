<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { useFeedlines, useRadios } from '@/api/queries'
import { feedlineOptions } from '@/planning/feedlines'
import { useWords } from '@/words/words'
import RadioRows from './RadioRows.vue'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** The radio, its feedline and where is measured. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean }>()
const form = defineModel<PlanForm>({ required: true })
const words = useWords()
const feedlines = useFeedlines()
const open = useFold(props, /^(ratedPowerW|swrCeiling|feedline|otherRadios)/)

const { radios } = useRadios()
/** What the shop knows of that radio is filled in. */
function take(id: string) {
  const radio = radios.data.value?.find((r) => r.id === id)
  form.value.radioId = id
  if (radio) {
    form.value.ratedPower = String(radio.ratedPowerW)
    form.value.swrCeiling = String(radio.swrCeiling)
  }
}

const title = computed(() => {
  const line = feedlines.data.value?.find((l) => l.id === form.value.feedlineType)
  const at = form.value.measuredAt === 'RADIO' ? 'at the radio end' : 'at the antenna'
  return `Radio: ${form.value.ratedPower} W, SWR up to ${form.value.swrCeiling}; feedline ${line ? words.value.phrase(line.title) : 'not known'}; measured ${at}`
})
</script>

<template>
  <FoldOut v-model:open="open" class="card" :title="title">
    <div class="two">
      <PickField
        :model-value="form.radioId"
        :name="words.text('radios.THIS_RADIO')"
        :options="[
          { value: '', word: words.text('radios.NOT_NAMED') },
          ...(radios.data.value ?? []).map((r) => ({ value: r.id, word: r.name })),
        ]"
        @update:model-value="take"
      />
      <TextField v-model="form.ratedPower" name="Rated power, W" :wrong="wrong.ratedPowerW" />
      <TextField
        v-model="form.swrCeiling"
        name="Highest SWR it is rated for"
        hint="From the radio's papers."
        :wrong="wrong.swrCeiling"
      />
      <PickField
        v-model="form.feedlineType"
        name="Feedline"
        hint="With it both ends are shown, and advice works at the antenna."
        :wrong="wrong.feedlineType"
        :options="feedlineOptions(feedlines.data.value, words, 'not known')"
      />
      <TextField
        v-if="form.feedlineType"
        v-model="form.feedlineLength"
        name="Its length"
        hint="4.2 m, or 14 ft"
        :wrong="wrong.feedlineLengthM"
      />
    </div>
    <ChoiceField
      v-model="form.measuredAt"
      name="Measured"
      :options="[
        { value: 'RADIO', word: 'At the radio end' },
        { value: 'ANTENNA', word: 'At the antenna' },
      ]"
      hint="A lossy feedline makes the SWR look better at the radio end."
    />
    <RadioRows v-model="form.otherRadios" :wrong="wrong" />
  </FoldOut>
</template>
