<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useLengthFit } from '@/api/installation'
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
      {{
        words.text('planForm.DOES_NOT_FIT', {
          kind: named(plan.antennaKind),
          usual: formatBoth(shown.usualM, preferences.unit),
          mhz: formatMhz(shown.atHz),
        })
      }}
    </p>
    <ActionButton v-for="kind in shown.others" :key="kind" @click="emit('kind', kind)">
      {{ words.text('planForm.IT_IS', { kind: named(kind) }) }}
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
  color: var(--soft);
}
</style>
