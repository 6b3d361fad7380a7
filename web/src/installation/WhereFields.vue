<script setup lang="ts">
import { computed } from 'vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import type { PlanForm } from './planForm'
import { useFold } from './useFold'

/** Where it is fitted and what it is, in words. Folded away while it is as usual. */
const props = defineProps<{ wrong: Record<string, string>; isOpen: boolean }>()
const form = defineModel<PlanForm>({ required: true })
const open = useFold(props, /^(carrierDetail|antennaDetail)$/)

const title = computed(
  () =>
    `Where on it, in words: ${[form.value.carrierDetail, form.value.antennaDetail].filter(Boolean).join('; ') || 'nothing noted'}`,
)
</script>

<template>
  <FoldOut v-model:open="open" class="card" :title="title">
    <TextField
      v-model="form.carrierDetail"
      name="Where on it"
      type="textarea"
      hint="Surface and size, position, what is near."
      :wrong="wrong.carrierDetail"
    />
    <TextField
      v-model="form.antennaDetail"
      name="The antenna in words"
      hint="Whip and base, feedline and its length."
      :wrong="wrong.antennaDetail"
    />
  </FoldOut>
</template>
