<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import type { Plan } from '@/installation/planForm'
import LikesCard from './LikesCard.vue'
import { useLikesOf, type LikeAsked } from './queries'

/** Those like one that is being planned. */
const props = defineProps<{ plan: Plan }>()
const emit = defineEmits<{ begin: [lengthM: number] }>()

const SETTLED_MS = 300
const asked = computed((): LikeAsked | undefined => {
  const channelsHz = props.plan.channels.map((c) => c.frequencyHz).filter((hz) => hz >= 1e6 && hz <= 1e9)
  return channelsHz.length
    ? {
        kind: props.plan.antennaKind,
        channelsHz,
        carrier: props.plan.carrier,
        mount: props.plan.carrierDetail,
        antenna: props.plan.antennaDetail,
        oneWay: props.plan.oneWay,
      }
    : undefined
})
const likes = useLikesOf(refDebounced(asked, SETTLED_MS))
</script>

<template>
  <LikesCard
    v-if="asked && likes.data.value"
    :likes="likes.data.value"
    :is-one-way="plan.oneWay"
    :start-m="plan.startLengthM"
    may-begin
    @begin="(m) => emit('begin', m)"
  />
</template>
