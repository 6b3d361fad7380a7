<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { useFeedlines } from '@/api/plans'
import { useRadios } from '@/api/radios'
import { feedlineOptions, lineIn } from '@/planning/feedlines'
import NameField from '@/catalogue/NameField.vue'
import { usePreferences } from '@/preferences'
import { useWords } from '@/words/words'
import RadioRows from './RadioRows.vue'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** The radio, its feedline and where is measured. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean }>()
const form = defineModel<PlanForm>({ required: true })
const words = useWords()
const feedlines = useFeedlines()
const preferences = usePreferences()
const open = useFold(props, /^(ratedPowerW|swrCeiling|feedline|adapterName|otherRadios)/)

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

/** What the catalogue says of a line is where one begins; what was chosen stays. */
function takeLine(detail: string) {
  const line = lineIn(detail, feedlines.data.value ?? [], preferences.unit)
  if (!line || form.value.feedlineType) return
  form.value.feedlineType = line.type
  form.value.feedlineLength = line.length
}

const title = computed(() => {
  const line = feedlines.data.value?.find((l) => l.id === form.value.feedlineType)
  return words.value.text('planForm.RADIO_IS', {
    power: form.value.ratedPower,
    ceiling: form.value.swrCeiling,
    line: line ? words.value.phrase(line.title) : words.value.text('planForm.LINE_NOT_KNOWN'),
    where: words.value.text(`plane.${form.value.measuredAt}`),
  })
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
      <TextField
        v-model="form.ratedPower"
        :name="words.text('planForm.RATED_POWER')"
        :wrong="wrong.ratedPowerW"
      />
      <TextField
        v-model="form.swrCeiling"
        :name="words.text('planForm.CEILING')"
        :hint="words.text('planForm.CEILING_HINT')"
        :wrong="wrong.swrCeiling"
      />
      <NameField
        v-model="form.feedlineName"
        sort="FEEDLINE"
        :name="words.text('planForm.FEEDLINE_NAME')"
        :hint="words.text('planForm.FEEDLINE_NAME_HINT')"
        :wrong="wrong.feedlineName"
        @detail="takeLine"
      />
      <PickField
        v-model="form.feedlineType"
        :name="words.text('planForm.FEEDLINE')"
        :hint="words.text('planForm.FEEDLINE_HINT')"
        :wrong="wrong.feedlineType"
        :options="feedlineOptions(feedlines.data.value, words, words.text('planForm.LINE_NOT_KNOWN'))"
      />
      <TextField
        v-if="form.feedlineType"
        v-model="form.feedlineLength"
        :name="words.text('planForm.FEEDLINE_LENGTH')"
        :hint="words.text('planForm.FEEDLINE_LENGTH_HINT')"
        :wrong="wrong.feedlineLengthM"
      />
      <NameField
        v-model="form.adapterName"
        sort="ADAPTER"
        :name="words.text('planForm.ADAPTER_NAME')"
        :wrong="wrong.adapterName"
      />
    </div>
    <ChoiceField
      v-model="form.measuredAt"
      :name="words.text('planForm.MEASURED')"
      :options="[
        { value: 'RADIO', word: words.text('planForm.AT_RADIO') },
        { value: 'ANTENNA', word: words.text('planForm.AT_ANTENNA') },
      ]"
      :hint="words.text('planForm.MEASURED_HINT')"
    />
    <RadioRows v-model="form.otherRadios" :wrong="wrong" />
  </FoldOut>
</template>
