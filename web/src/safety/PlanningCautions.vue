<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import CautionList from './CautionList.vue'
import { answer, api, type Schemas } from '@/api/client'

/** What to mind with what is planned; what its station says beside it stands once. */
const props = withDefaults(
  defineProps<{
    carrier: Schemas['InstallationView']['carrier']
    cutting?: boolean
    more?: Schemas['OutcomeView'][]
  }>(),
  { cutting: false, more: () => [] },
)
const own = useQuery({
  queryKey: computed(() => ['cautions', props.carrier, props.cutting]),
  queryFn: () =>
    answer(
      api.GET('/api/cautions', { params: { query: { carrier: props.carrier, cutting: props.cutting } } }),
    ),
  staleTime: Infinity,
})
const all = computed(() => {
  const said = new Set(props.more.map((c) => c.id))
  // How far from power lines is said with the height where that is known.
  if (said.has('caution.POWER_LINES')) said.add('caution.POWER_LINES_ANY_HEIGHT')
  return [...props.more, ...(own.data.value ?? []).filter((c) => !said.has(c.id))]
})
</script>

<template>
  <CautionList :cautions="all" />
</template>
