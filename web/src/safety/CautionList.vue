<script setup lang="ts">
import { useWords, type Outcome } from '@/words/words'

/** What can hurt someone, said once. */
defineProps<{ cautions: Outcome[] }>()
const words = useWords()
</script>

<template>
  <p v-for="c in cautions" :key="c.id + words.phrase(c)" class="caution">{{ words.sentence(c) }}</p>
</template>
