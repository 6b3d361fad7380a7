<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** How it is adjusted, and within which lengths. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean; piece: string }>()
const form = defineModel<PlanForm>({ required: true })
const open = useFold(props, /LengthM$|^smallestStepM$/)

const title = computed(() => {
  const how = form.value.adjust === 'cut' ? 'cut, one way' : 'both ways'
  return `Adjusted: ${how}, ${form.value.smallestStep} at least; length now ${form.value.startLength || 'not measured'}`
})
</script>

<template>
  <FoldOut v-model:open="open" class="card" :title="title">
    <ChoiceField
      v-model="form.adjust"
      name="Adjusted by"
      :options="[
        { value: 'cut', word: 'Cutting, one way' },
        { value: 'slide', word: 'Sliding or screwing, both ways' },
      ]"
    />
    <div class="two">
      <TextField
        v-model="form.smallestStep"
        name="Smallest step"
        hint="What can still be done by hand."
        :wrong="wrong.smallestStepM"
      />
      <TextField
        v-model="form.startLength"
        :name="`Length now (${piece}), if measured`"
        placeholder="482 mm, 19 in, 1 ft 7"
        :wrong="wrong.startLengthM"
      />
      <TextField
        v-model="form.shortestLength"
        name="Shortest it can be, if known"
        hint="With the length now, advice keeps to it."
        :wrong="wrong.shortestLengthM"
      />
      <TextField
        v-if="form.adjust === 'slide'"
        v-model="form.longestLength"
        name="Longest it can be, if known"
        hint="As far as it slides out."
        :wrong="wrong.longestLengthM"
      />
    </div>
  </FoldOut>
</template>
