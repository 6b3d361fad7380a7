<script setup lang="ts">
import { computed } from 'vue'
import type { Installation, Pass } from '@/tuning/sentence'
import { useWords } from '@/words/words'
import LessonsCard from './LessonsCard.vue'
import { lookedFor } from './lookedFor'
import { useLessonsOf } from './queries'

/** Those that hold of an installation that is there. */
const props = defineProps<{ installation: Installation; passes: Pass[]; offers?: boolean }>()
const words = useWords()
const lessons = useLessonsOf(computed(() => props.installation.id))
const scope = computed(() => ({
  kind: props.installation.antennaKind,
  carrier: props.installation.carrier,
  mount: '',
  part: '',
}))
const found = computed(() => {
  const name = lookedFor(props.passes, props.installation.signOff !== undefined)
  return name && words.value.phrase(name)
})
</script>

<template>
  <LessonsCard
    v-if="lessons.data.value"
    :lessons="lessons.data.value"
    :scope="scope"
    :installation-id="installation.id"
    :offers="offers"
    v-bind="found ? { found } : {}"
  />
</template>
