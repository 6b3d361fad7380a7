<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import CheckField from '@/ui/CheckField.vue'
import BigAction from '@/ui/BigAction.vue'
import * as v from 'valibot'
import { useKept } from '@/kept'
import { computed } from 'vue'
import { useWords } from '@/words/words'
import { visitOf } from './road'
import type { Installation } from './sentence'

/** What is done between the last change and the last sweep: tightening moves the dip. */
const props = defineProps<{ installation: Installation }>()
const emit = defineEmits<{ sweep: [done: string] }>()

const words = useWords()
const steps = computed(() => props.installation.permanentSteps)
const said = (some: string[]) => some.map((s) => words.value.text(`tuning.${s}`)).join(', ')
// What was tightened on an earlier visit is not tight now.
const KEY = `dorada.permanent.${visitOf(props.installation).id}`
const SHAPE = v.object({ done: v.array(v.string()), not: v.array(v.string()) })
const kept = useKept(KEY, SHAPE, { done: [], not: [] })
const has = (list: 'done' | 'not') => steps.value.filter((s) => kept.value[list].includes(s))
const open = computed(() =>
  steps.value.filter((s) => !kept.value.done.includes(s) && !kept.value.not.includes(s)),
)

/** Done, or of no matter here; one of them at most. */
function set(step: string, list: 'done' | 'not', isSo: boolean) {
  const without = (all: string[]) => all.filter((s) => s !== step)
  const other = list === 'done' ? 'not' : 'done'
  kept.value = {
    ...kept.value,
    [list]: isSo ? [...without(kept.value[list]), step] : without(kept.value[list]),
    [other]: isSo ? without(kept.value[other]) : kept.value[other],
  }
}

/** Nothing is said to be done that nobody ticked. */
function sweep() {
  const done = has('done')
  const not = has('not')
  emit(
    'sweep',
    [
      done.length ? `${said(done)}.` : '',
      not.length ? words.value.text('tuning.DOES_NOT_APPLY', { steps: said(not).toLowerCase() }) : '',
      open.value.length ? words.value.text('tuning.NOT_DONE', { steps: said(open.value).toLowerCase() }) : '',
    ]
      .filter((s) => s !== '')
      .join(' '),
  )
}
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('tuning.MAKE_PERMANENT') }}</h2>
    <div v-for="s in steps" :key="s" class="step">
      <CheckField
        :model-value="kept.done.includes(s)"
        @update:model-value="(is: boolean) => set(s, 'done', is)"
      >
        {{ words.text(`tuning.${s}`) }}
      </CheckField>
      <ActionButton
        quiet
        :aria-pressed="kept.not.includes(s)"
        :aria-label="`${words.text(`tuning.${s}`)}: ${words.text('tuning.NOT_HERE')}`"
        :class="{ chosen: kept.not.includes(s) }"
        @click="set(s, 'not', !kept.not.includes(s))"
      >
        {{ words.text('tuning.NOT_HERE') }}
      </ActionButton>
    </div>
    <p class="hint">{{ words.text('tuning.TICK_HINT') }}</p>
    <BigAction @click="sweep">{{ words.text('tuning.FINAL_SWEEP') }}</BigAction>
    <p v-if="open.length" class="hint" role="status">
      {{ words.text('tuning.STILL_OPEN', { open: `${open.length}`, all: `${steps.length}` }) }}
    </p>
  </section>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: center;
}

.chosen {
  font-weight: 640;
}
</style>
