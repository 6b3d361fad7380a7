<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import type { PlanForm } from './planForm'

/** Further radios that share the antenna. */
const radios = defineModel<PlanForm['otherRadios']>({ required: true })
defineProps<{ wrong: Record<string, string> }>()

function add() {
  radios.value = [
    ...radios.value,
    { name: `radio ${radios.value.length + 2}`, ratedPower: '25', swrCeiling: '2.0' },
  ]
}

function remove(index: number) {
  radios.value = radios.value.filter((_, i) => i !== index)
}
</script>

<template>
  <div v-for="(r, i) in radios" :key="i" class="radio">
    <TextField v-model="r.name" name="Another radio" :wrong="wrong[`otherRadios[${i}].name`]" />
    <TextField
      v-model="r.ratedPower"
      name="Its rated power, W"
      :wrong="wrong[`otherRadios[${i}].ratedPowerW`]"
    />
    <TextField
      v-model="r.swrCeiling"
      name="Highest SWR it is rated for"
      :wrong="wrong[`otherRadios[${i}].swrCeiling`]"
    />
    <ActionButton quiet :aria-label="`Remove ${r.name}`" @click="remove(i)">Remove</ActionButton>
  </div>
  <ActionButton @click="add">Another radio on this antenna</ActionButton>
</template>

<style scoped>
.radio {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 10px;
  align-items: end;
}

.other {
  justify-self: start;
}
</style>
