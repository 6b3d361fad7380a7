<script setup lang="ts">
import { toneStyle } from './tones'

/** The names of many curves; one that is touched, pointed at or focused is lit in the picture. */
defineProps<{ traces: { id: string; label: string; kind: string; tone?: number }[] }>()
const lit = defineModel<string | undefined>('lit')
</script>

<template>
  <ul class="legend">
    <li v-for="t in traces" :key="t.id">
      <button
        type="button"
        :aria-pressed="lit === t.id"
        @click="lit = lit === t.id ? undefined : t.id"
        @mouseenter="lit = t.id"
        @mouseleave="lit = undefined"
        @focus="lit = t.id"
        @blur="lit = undefined"
      >
        <svg width="22" height="8" aria-hidden="true">
          <line x1="1" x2="21" y1="4" y2="4" :class="t.kind" :style="toneStyle(t.tone)" />
        </svg>
        {{ t.label }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.legend {
  list-style: none;
  margin: 0;
  padding: 0 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
}

button {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 32px;
  padding: 0 8px;
  border: 0;
  border-radius: 4px;
  background: none;
  font-size: 14px;
}

button[aria-pressed='true'] {
  background: var(--deep);
}

line {
  stroke: var(--trace-old);
  stroke-width: 2.5px;
}

.now {
  stroke: var(--trace);
}

.expected {
  stroke: var(--gold-ink);
  stroke-dasharray: 5 3;
}
</style>
