<script setup lang="ts">
import CheckList from '@/ui/CheckList.vue'
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

const STEPS = ['DEBURRED', 'BARE_METAL', 'DEPTH_MARKED', 'TIGHTENED', 'SEALED', 'TIP_CAP']
const words = useWords()
const said = (steps: string[]) => steps.map((s) => words.value.text(`tuning.${s}`)).join(', ')
// What was tightened on an earlier visit is not tight now.
const KEY = `dorada.permanent.${visitOf(props.installation).id}`
const done = useKept(KEY, v.array(v.string()), [])
const open = computed(() => STEPS.filter((s) => !done.value.includes(s)))

function sweep() {
  const left = open.value.length
    ? words.value.text('tuning.NOT_DONE', { steps: said(open.value).toLowerCase() })
    : ''
  const ticked = STEPS.filter((s) => done.value.includes(s))
  emit('sweep', `${ticked.length ? `${said(ticked)}. ` : ''}${left}`.trim())
}
</script>

<template>
  <section class="card">
    <h2>{{ words.text('tuning.MAKE_PERMANENT') }}</h2>
    <CheckList
      v-model="done"
      :name="words.text('tuning.MAKE_PERMANENT')"
      :options="STEPS.map((s) => ({ value: s, word: words.text(`tuning.${s}`) }))"
    />
    <p class="hint">{{ words.text('tuning.TICK_HINT') }}</p>
    <BigAction @click="sweep">{{ words.text('tuning.FINAL_SWEEP') }}</BigAction>
    <p v-if="open.length" class="hint" role="status">
      {{ words.text('tuning.STILL_OPEN', { open: `${open.length}`, all: `${STEPS.length}` }) }}
    </p>
  </section>
</template>

<style scoped>
section {
  padding: 14px;
  display: grid;
  gap: 6px;
}
</style>
