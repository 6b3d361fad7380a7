<script setup lang="ts">
import { useWords } from '@/words/words'

const words = useWords()
/** The road: steps in working order with their state. Any of them can be opened at any time. */
export interface RoadStep {
  key: string
  name: string
  state: 'done' | 'now' | 'ahead'
  detail: string
}

defineProps<{ steps: RoadStep[]; open: string }>()
const emit = defineEmits<{ open: [key: string] }>()
</script>

<template>
  <ol>
    <li v-for="s in steps" :key="s.key" :class="s.state">
      <button :aria-current="open === s.key ? 'step' : undefined" @click="emit('open', s.key)">
        <b>{{ s.name }}</b>
        <span class="visually-hidden">, {{ words.text(`road.state.${s.state}`) }}</span>
        <span v-if="s.detail" class="detail">{{ s.detail }}</span>
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0 0 0 8px;
}

li {
  position: relative;
  border-left: 3px solid var(--grid);
}

li:last-child {
  border-left-color: transparent;
}

li::before {
  content: '';
  position: absolute;
  left: -10px;
  top: 13px;
  width: 17px;
  height: 17px;
  border-radius: 50%;
  background: var(--paper);
  border: 3px solid var(--trace-old);
}

li.done {
  border-left-color: var(--trace);
}

li.done:last-child {
  border-left-color: transparent;
}

li.done::before {
  background: var(--trace);
  border-color: var(--trace);
}

li.now::before {
  background: var(--gold);
  border-color: var(--gold-ink);
  transform: scale(1.15);
}

button {
  display: grid;
  width: calc(100% - 12px);
  min-height: 44px;
  margin-left: 12px;
  padding: 8px 10px;
  border: 0;
  border-radius: 6px;
  background: none;
  text-align: left;
}

button[aria-current] {
  background: var(--card);
  box-shadow: inset 0 0 0 1px var(--line);
}

.ahead b {
  font-weight: 500;
  color: var(--soft);
}

b {
  font-weight: 640;
}

.detail {
  font-size: 14px;
  color: var(--soft);
}

@media (max-width: 1020px) {
  ol {
    display: flex;
    flex-wrap: wrap;
    padding: 0;
    gap: 4px 14px;
  }

  li {
    border-left: 0;
    padding-left: 14px;
  }

  li::before {
    left: 0;
  }
}
</style>
