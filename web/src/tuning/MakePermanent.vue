<script setup lang="ts">
import { computed, ref, watch } from 'vue'

/** What is done between the last change and the last sweep: tightening moves the dip. */
const props = defineProps<{ installationId: string }>()
const emit = defineEmits<{ sweep: [done: string] }>()

const STEPS = [
  'Cut deburred',
  'Bare metal under set screws and grounds',
  'Insertion depth marked',
  'Everything tightened',
  'Joints sealed',
  'Tip cap on',
]
const KEY = `dorada.permanent.${props.installationId}`
const done = ref<string[]>(JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[])
watch(done, (ticked) => localStorage.setItem(KEY, JSON.stringify(ticked)))
const open = computed(() => STEPS.filter((s) => !done.value.includes(s)))

function sweep() {
  const left = open.value.length ? ` Not done: ${open.value.join(', ').toLowerCase()}.` : ''
  const said = STEPS.filter((s) => done.value.includes(s))
  emit('sweep', `${said.length ? `${said.join(', ')}.` : ''}${left}`.trim())
}
</script>

<template>
  <section class="card">
    <h2>Make it permanent</h2>
    <label v-for="s in STEPS" :key="s">
      <input v-model="done" type="checkbox" :value="s" />
      {{ s }}
    </label>
    <p class="hint">What does not apply here, tick as well. The list goes into the note of the sweep.</p>
    <button class="do" @click="sweep">Final sweep</button>
    <p v-if="open.length" class="hint" role="status">{{ open.length }} of {{ STEPS.length }} still open.</p>
  </section>
</template>

<style scoped>
section {
  padding: 14px;
  display: grid;
  gap: 6px;
}

label {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 40px;
}

input {
  flex: none;
  width: 22px;
  height: 22px;
  accent-color: var(--trace);
}
</style>
