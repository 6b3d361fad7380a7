<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import type { Plan } from '@/installation/planForm'
import LessonsCard from './LessonsCard.vue'
import { useLessonsPlanned, type PlannedAsked } from './queries'

/** Those that hold of one that is being planned. */
const props = defineProps<{ plan: Plan }>()

const SETTLED_MS = 300
const asked = computed((): PlannedAsked => ({
  kind: props.plan.antennaKind,
  carrier: props.plan.carrier,
  mount: props.plan.carrierDetail,
  antenna: props.plan.antennaDetail,
}))
const lessons = useLessonsPlanned(refDebounced(asked, SETTLED_MS))
const scope = { mount: '', part: '' }
</script>

<template>
  <LessonsCard v-if="lessons.data.value" :lessons="lessons.data.value" :scope="scope" />
</template>
