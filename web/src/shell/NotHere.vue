<script setup lang="ts">
import { useWords } from '@/words/words'

/** What stands at an address of nothing. */
const words = useWords()
</script>

<template>
  <section class="not-here">
    <h1>{{ words.text('notHere.TITLE') }}</h1>
    <p class="soft">{{ words.text('notHere.WHY') }}</p>
    <RouterLink class="other" to="/">{{ words.text('notHere.GO') }}</RouterLink>
  </section>
</template>

<style scoped>
.not-here {
  padding: 80px 24px;
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 560px;
  margin: 0 auto;
}
</style>
