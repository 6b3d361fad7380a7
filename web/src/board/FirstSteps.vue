<script setup lang="ts">
import { NStep, NSteps } from 'naive-ui'
import { computed } from 'vue'
import { useInstruments } from '@/api/instruments'
import { useWords } from '@/words/words'

/** What an empty shop does first. */
const props = defineProps<{ mayWrite: boolean; isLead: boolean }>()
const words = useWords()
const instruments = useInstruments()
const hasAnalyser = computed(() => (instruments.data.value ?? []).some((i) => !i.standIn))
const steps = computed(() =>
  [
    { id: 'INSTRUMENT', to: '/instruments', isOffered: props.isLead },
    { id: 'INSTALLATION', to: '/installations/new', isOffered: props.mayWrite },
    { id: 'PEOPLE', to: '/people', isOffered: props.isLead },
    { id: 'PRACTICE', to: '/practice', isOffered: true },
  ].filter((s) => s.isOffered),
)
/** Counted among those that this person sees. */
const current = computed(() => (steps.value[0]?.id === 'INSTRUMENT' && hasAnalyser.value ? 2 : 1))
</script>

<template>
  <section class="card first">
    <h2>{{ words.text('first.HEAD') }}</h2>
    <p class="soft">{{ words.text('first.WHY') }}</p>
    <NSteps vertical :current="current">
      <NStep v-for="s in steps" :key="s.id" :title="words.text(`first.${s.id}`)">
        <p>{{ words.text(`first.${s.id}_WHY`) }}</p>
        <RouterLink class="other" :to="s.to">{{ words.text(`first.${s.id}_DO`) }}</RouterLink>
      </NStep>
    </NSteps>
  </section>
</template>

<style scoped>
.first {
  padding: 24px 28px;
  display: grid;
  gap: 12px;
  max-width: 720px;
  margin: 0 auto;
}

.other {
  margin-top: 6px;
  display: inline-flex;
}
</style>
