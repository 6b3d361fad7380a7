<script setup lang="ts">
import { useMe } from '@/api/people'
import { useWords } from '@/words/words'
import DoubleNames from './DoubleNames.vue'
import { useDoublesOf, useMergeOf, type ListOf, type Thing } from './useTwice'

/** Those of a list that look like one, for a lead to put together. */
const props = defineProps<{ of: ListOf; things: Thing[] }>()
const emit = defineEmits<{ merged: [] }>()
const words = useWords()
const me = useMe()
const doubles = useDoublesOf(props.of)
const { trouble, question, merge } = useMergeOf(props.of)

async function put(leaves: Thing, stays: Thing) {
  if (await merge(leaves.id, stays.id)) emit('merged')
}
</script>

<template>
  <DoubleNames
    v-if="me.data.value?.role === 'LEAD'"
    :things="things"
    :doubles="doubles.data.value ?? []"
    :why="words.text('catalogue.DOUBLES_WHICH')"
    :word="(stays) => stays.name"
    :question="(stays, leaves) => question(stays.name, leaves.name)"
    :trouble="trouble"
    @put="put"
  />
</template>
