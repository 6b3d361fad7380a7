<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import type { PlanForm } from './planForm'

/** Further radios that share the antenna. */
const radios = defineModel<PlanForm['otherRadios']>({ required: true })
defineProps<{ wrong: Record<string, string> }>()

const words = useWords()

function add() {
  radios.value = [
    ...radios.value,
    {
      name: words.value.text('planForm.RADIO_NAMED', { number: `${radios.value.length + 2}` }),
      ratedPower: '25',
      swrCeiling: '2.0',
    },
  ]
}

function remove(index: number) {
  radios.value = radios.value.filter((_, i) => i !== index)
}
</script>

<template>
  <div v-for="(r, i) in radios" :key="i" class="radio">
    <TextField
      v-model="r.name"
      :name="words.text('planForm.ANOTHER_RADIO')"
      :wrong="wrong[`otherRadios[${i}].name`]"
    />
    <TextField
      v-model="r.ratedPower"
      :name="words.text('planForm.ITS_POWER')"
      :wrong="wrong[`otherRadios[${i}].ratedPowerW`]"
    />
    <TextField
      v-model="r.swrCeiling"
      :name="words.text('planForm.CEILING')"
      :wrong="wrong[`otherRadios[${i}].swrCeiling`]"
    />
    <ActionButton
      quiet
      :aria-label="words.text('planForm.REMOVE_NAMED', { name: r.name })"
      @click="remove(i)"
      >{{ words.text('planForm.REMOVE') }}</ActionButton
    >
  </div>
  <ActionButton class="start" @click="add">{{ words.text('planForm.ADD_RADIO') }}</ActionButton>
</template>

<style scoped>
.radio {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
}
</style>
