<script setup lang="ts" generic="T extends Thing">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import { useWords } from '@/words/words'
import type { Thing } from './useTwice'

/** What is probably one thing written twice; a lead says which stays. */
const props = defineProps<{
  things: T[]
  doubles: Schemas['DoubleView'][]
  /** What becomes of the other. */
  why: string
  /** What is written on the one that stays. */
  word: (stays: T) => string
  question: (stays: T, leaves: T) => string
  trouble: string
}>()
const emit = defineEmits<{ put: [leaves: T, stays: T] }>()
const words = useWords()

const pairs = computed(() =>
  props.doubles.flatMap((d) => {
    const one = props.things.find((t) => t.id === d.one)
    const other = props.things.find((t) => t.id === d.other)
    return one && other ? [{ one, other }] : []
  }),
)
</script>

<template>
  <section v-if="pairs.length" class="card stack">
    <h2>{{ words.text('catalogue.DOUBLES') }}</h2>
    <p class="hint">{{ why }}</p>
    <ul class="bare">
      <li v-for="p in pairs" :key="p.one.id + p.other.id">
        <ConfirmButton
          v-for="[stays, leaves] in [
            [p.one, p.other],
            [p.other, p.one],
          ] as [T, T][]"
          :key="stays.id"
          :question="question(stays, leaves)"
          :yes="words.text('catalogue.MERGE')"
          @confirmed="emit('put', leaves, stays)"
        >
          {{ word(stays) }}
        </ConfirmButton>
      </li>
    </ul>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
</style>
