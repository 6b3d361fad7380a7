<script setup lang="ts">
import { computed } from 'vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** How it is adjusted, and within which lengths. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean; piece: string }>()
const form = defineModel<PlanForm>({ required: true })
const words = useWords()
const open = useFold(props, /LengthM$|^smallestStepM$/)

const title = computed(() => {
  const { adjust, smallestStep, startLength } = form.value
  return words.value.text('planForm.ADJUSTED', {
    how: words.value.text(`planForm.${adjust === 'cut' ? 'CUT_ONE_WAY' : 'BOTH_WAYS'}`),
    step: smallestStep,
    now: startLength || words.value.text('planForm.NOT_MEASURED'),
  })
})
</script>

<template>
  <FoldOut v-model:open="open" class="card" :title="title">
    <ChoiceField
      v-model="form.adjust"
      :name="words.text('planForm.ADJUSTED_BY')"
      :options="[
        { value: 'cut', word: words.text('planForm.CUTTING') },
        { value: 'slide', word: words.text('planForm.SLIDING') },
      ]"
    />
    <div class="two">
      <TextField
        v-model="form.smallestStep"
        :name="words.text('planForm.SMALLEST_STEP')"
        :hint="words.text('planForm.SMALLEST_STEP_HINT')"
        :wrong="wrong.smallestStepM"
      />
      <TextField
        v-model="form.startLength"
        :name="words.text('planForm.LENGTH_NOW', { piece })"
        placeholder="482 mm, 19 in, 1 ft 7"
        :wrong="wrong.startLengthM"
      />
      <TextField
        v-model="form.shortestLength"
        :name="words.text('planForm.SHORTEST')"
        :hint="words.text('planForm.SHORTEST_HINT')"
        :wrong="wrong.shortestLengthM"
      />
      <TextField
        v-if="form.adjust === 'slide'"
        v-model="form.longestLength"
        :name="words.text('planForm.LONGEST')"
        :hint="words.text('planForm.LONGEST_HINT')"
        :wrong="wrong.longestLengthM"
      />
    </div>
  </FoldOut>
</template>
