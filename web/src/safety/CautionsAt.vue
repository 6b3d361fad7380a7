<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import CautionList from './CautionList.vue'
import { answer, api, type Schemas } from '@/api/client'

/** What to mind at a stage of the work; what its station says beside it stands once. */
const props = withDefaults(
  defineProps<{
    stage?: 'PLANNING' | 'TUNING' | 'CALLING' | 'AT_THE_BENCH'
    carrier?: Schemas['InstallationView']['carrier']
    cutting?: boolean
    /** Of everything that could fall or touch, from its foot; 0 where nobody says. */
    totalHeightM?: number
    more?: Schemas['OutcomeView'][]
  }>(),
  { stage: 'PLANNING', carrier: undefined, cutting: false, totalHeightM: 0, more: () => [] },
)
const own = useQuery({
  queryKey: computed(() => ['cautions', props.stage, props.carrier, props.cutting, props.totalHeightM]),
  queryFn: () =>
    answer(
      api.GET('/api/cautions', {
        params: {
          query: {
            stage: props.stage,
            carrier: props.carrier,
            cutting: props.cutting,
            totalHeightM: props.totalHeightM,
          },
        },
      }),
    ),
  staleTime: Infinity,
})
const all = computed(() => {
  const said = new Set(props.more.map((c) => c.id))
  return [...props.more, ...(own.data.value ?? []).filter((c) => !said.has(c.id))]
})
</script>

<template>
  <CautionList :cautions="all" />
</template>
