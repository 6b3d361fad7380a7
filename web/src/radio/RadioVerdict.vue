<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { useWords } from '@/words/words'

/** What the readings of a bench check say, the gravest first. */
const props = defineProps<{ verdict: Schemas['BenchVerdictView'] }>()
const words = useWords()
const isIll = computed(() => props.verdict.verdict === 'UNFIT')
</script>

<template>
  <div>
    <p class="sentence" :class="{ ill: isIll }" role="status">{{ words.sentence(verdict.says) }}</p>
    <ul>
      <li v-for="f in verdict.findings" :key="f.id">{{ words.sentence(f) }}</li>
      <li v-for="c in verdict.causes" :key="c.id" class="soft">{{ words.sentence(c) }}</li>
    </ul>
  </div>
</template>

<style scoped>
.ill {
  color: var(--coral);
}

ul {
  margin: 10px 0 0;
  padding-left: 18px;
  display: grid;
  gap: 6px;
}
</style>
