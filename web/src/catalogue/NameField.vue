<script setup lang="ts">
import SuggestField from '@/ui/SuggestField.vue'
import { useKnown, type Sort } from './queries'

/** A name of the catalogue; one that is new is known from then on. */
const value = defineModel<string>({ required: true })
const props = defineProps<{ sort: Sort; name: string; customer?: string; hint?: string; wrong?: string }>()
const emit = defineEmits<{ detail: [detail: string] }>()
const { known, detailOf } = useKnown(props.sort, () => props.customer ?? '')
</script>

<template>
  <SuggestField
    v-model="value"
    :name="name"
    :known="known"
    :hint="hint"
    :wrong="wrong"
    :maxlength="160"
    @chosen="(chosen) => emit('detail', detailOf(chosen))"
  />
</template>
