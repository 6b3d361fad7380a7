<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import SmithPlot from '@/plots/SmithPlot.vue'
import { useWords } from '@/words/words'
import { keepPreviousData } from '@tanstack/vue-query'

/** What was read of open, short and load so far, or is watched just now, and what each shows of itself. */
export type Readings = Partial<Record<'open' | 'shorted' | 'load', Schemas['TraceData']>>
const props = defineProps<{ readings: Readings; watched: Readings }>()
const emit = defineEmits<{ looked: [Schemas['StandardView'][]] }>()
const words = useWords()
const shown = computed<Readings>(() => ({ ...props.readings, ...props.watched }))
const KEYS = [
  { key: 'open', standard: 'OPEN' },
  { key: 'shorted', standard: 'SHORT' },
  { key: 'load', standard: 'LOAD' },
] as const
const traces = computed(() =>
  KEYS.flatMap(({ key, standard }, i) => {
    const t = shown.value[key]
    return t
      ? [
          {
            id: key,
            label: words.value.text(`standard.${standard}`),
            tone: i,
            isChosen: key in props.watched || (Object.keys(props.watched).length === 0 && i === 0),
            ...t,
          },
        ]
      : []
  }),
)
const look = useQuery({
  queryKey: computed(() => ['standards-look', shown.value]),
  queryFn: () => answer(api.POST('/api/calibrations/look', { body: shown.value })),
  enabled: computed(() => traces.value.length > 0),
  placeholderData: keepPreviousData,
  retry: false,
})
watch(
  () => look.data.value,
  (all) => emit('looked', all ?? []),
)
const says = computed(() => (traces.value.length ? (look.data.value ?? []) : []))
</script>

<template>
  <section v-if="traces.length" class="card taken">
    <ul>
      <li v-for="s in says" :key="s.standard" :class="{ wrong: !s.isRight }">
        {{ words.sentences(s.says) }}
      </li>
    </ul>
    <div class="plot">
      <SmithPlot
        :traces="traces"
        :markers="[]"
        :pegs="[]"
        :swr="2"
        :caption="words.text('calibrate.CAPTION')"
      />
    </div>
  </section>
</template>

<style scoped>
.taken {
  padding: 14px 20px;
}

.plot {
  min-height: 440px;
}
</style>
