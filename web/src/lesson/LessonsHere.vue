<script setup lang="ts">
import { computed } from 'vue'
import type { Installation, Pass } from '@/tuning/sentence'
import { useWords } from '@/words/words'
import LessonsCard from './LessonsCard.vue'
import { useLessonsOf } from './queries'

/** Those that hold of an installation that is there. */
const props = defineProps<{ installation: Installation; passes: Pass[]; offers?: boolean }>()
const words = useWords()
const state = computed(() => [props.installation.version, ...props.passes.map((p) => p.number)].join())
const here = useLessonsOf(
  computed(() => props.installation.id),
  state,
)
const scope = computed(() => ({
  kind: props.installation.antennaKind,
  carrier: props.installation.carrier,
  mount: '',
  part: '',
}))
const found = computed(() => {
  const name = here.data.value?.lookedFor
  return name && words.value.phrase(name)
})
</script>

<template>
  <LessonsCard
    v-if="here.data.value"
    :lessons="here.data.value.lessons"
    :scope="scope"
    :installation-id="installation.id"
    :offers="offers"
    v-bind="found ? { found } : {}"
  />
</template>
