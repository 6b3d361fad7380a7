<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

/** What to mind with what is planned; what its station says beside it stands once. */
const props = withDefaults(
  defineProps<{
    carrier: Schemas['InstallationView']['carrier']
    cutting?: boolean
    more?: Schemas['CautionView'][]
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
  return [...props.more, ...(own.data.value ?? []).filter((c) => !said.has(c.id))]
})
</script>

<template>
  <p v-for="c in all" :key="c.id + c.text" class="caution">{{ c.text }}</p>
</template>
