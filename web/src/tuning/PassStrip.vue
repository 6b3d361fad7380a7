<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue'
import { formatSwr } from '@/units/swr'
import { capital, useWords } from '@/words/words'
import { adviceName, dipWords, passName, type Installation, type Pass, worstOf } from './sentence'

/** The passes like pages, and what the next is expected to be. */
const props = defineProps<{ passes: Pass[]; installation: Installation; shown: number }>()
const emit = defineEmits<{ show: [number: number] }>()
const words = useWords()

function title(pass: Pass): string {
  const name = passName(
    pass,
    props.installation,
    words.value,
    pass.id === props.passes.find((p) => !p.oldAntenna)?.id,
  )
  return capital(name)
}

function visitName(number: number): string {
  const purpose = props.installation.visits.find((v) => v.number === number)?.purpose
  return purpose
    ? words.value.text('tuning.VISIT', { visit: `${number}`, purpose: words.value.text(`visit.${purpose}`) })
    : ''
}

const advice = computed(() => props.passes.at(-1)?.advice)
const worstExpected = () => {
  const readings = advice.value?.expectedReadings ?? []
  return readings.length ? Math.max(...readings.map((r) => r.swr ?? Infinity)) : undefined
}

/** The newest pass is what people look for. */
const strip = ref<HTMLElement>()
const toTheEnd = () => {
  if (strip.value) strip.value.scrollLeft = strip.value.scrollWidth
}
onMounted(toTheEnd)
watch(
  () => props.passes.length,
  () => void nextTick(toTheEnd),
)
</script>

<template>
  <div ref="strip" class="strip">
    <template v-for="(p, n) in passes" :key="p.id">
      <p v-if="n > 0 && passes[n - 1]?.visit !== p.visit" class="visit soft">{{ visitName(p.visit) }}</p>
      <button :aria-pressed="p.number === shown" :title="p.note" @click="emit('show', p.number)">
        <span>{{ title(p) }}</span>
        <b>{{ dipWords(p, words) }}</b>
        <span v-if="p.note" class="note">“{{ p.note }}”</span>
        <span>{{ `${worstOf(p, words)}, ${p.recordedBy}` }}</span>
      </button>
    </template>
    <div v-if="advice?.expected && worstExpected() !== undefined" class="next">
      <span>{{ words.text('tuning.NEXT_EXPECTED') }}</span>
      <b>{{ adviceName(advice, installation, words) }}</b>
      <span>{{ words.text('tuning.WORST', { swr: formatSwr(worstExpected()) }) }}</span>
    </div>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 8px;
  overflow-x: auto;
  padding: 2px;
}

button,
.next {
  flex: 1 0 132px;
  max-width: 220px;
  display: grid;
  gap: 1px;
  padding: 8px 10px;
  text-align: left;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 6px;
  font-size: 14px;
  color: var(--soft);
}

.visit {
  flex: none;
  max-width: 76px;
  align-self: center;
  font-size: 13.5px;
  line-height: 1.2;
}

b {
  color: var(--ink);
  font-size: 15.5px;
  white-space: nowrap;
}

span {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

button[aria-pressed='true'] {
  border-color: var(--trace);
  box-shadow: inset 0 3px var(--trace);
}

.next {
  border-style: dashed;
  border-color: var(--gold-ink);
  background: none;
}
</style>
