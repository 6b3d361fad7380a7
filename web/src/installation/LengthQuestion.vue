<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useLengthFit } from '@/api/queries'
import { usePreferences } from '@/preferences'
import { formatMhz } from '@/units/frequency'
import { formatBoth } from '@/units/length'
import type { Plan } from './planForm'

/** Asks where length and kind do not belong together, before anything is measured or cut. */
const props = defineProps<{ plan: Plan }>()
const emit = defineEmits<{ kind: [Schemas['KindView']['kind']] }>()

const preferences = usePreferences()
const words = useWords()
const fit = useLengthFit(
  computed(() => {
    const lengthM = props.plan.startLengthM
    const hz = props.plan.channels.map((c) => c.frequencyHz).filter((f) => f > 0)
    return lengthM !== undefined && lengthM > 0 && hz.length > 0
      ? { kind: props.plan.antennaKind, lengthM, hz }
      : undefined
  }),
)
const shown = computed(() => (fit.data.value && !fit.data.value.fits ? fit.data.value : undefined))
const named = (kind: string) => words.value.text(`kind.${kind}`)
</script>

<template>
  <div v-if="shown" class="question" role="status">
    <p>
      Length and kind do not fit: a {{ named(plan.antennaKind) }} is some
      {{ formatBoth(shown.usualM, preferences.unit) }} at {{ formatMhz(shown.atHz) }} MHz. Please measure it
      once more, or choose what it is.
    </p>
    <ActionButton v-for="kind in shown.others" :key="kind" @click="emit('kind', kind)">
      It is a {{ named(kind) }}
    </ActionButton>
  </div>
</template>

<style scoped>
.question {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
}

p {
  margin: 0;
  color: var(--soft);
}
</style>
