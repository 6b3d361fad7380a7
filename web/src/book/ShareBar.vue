<script setup lang="ts">
/** A number of a row beside those of the others, as a share of the greatest; the number itself stands in its cell. */
defineProps<{ share: number }>()
</script>

<template>
  <span class="bar" aria-hidden="true" :style="{ width: `${share * 100}%` }"></span>
</template>

<style scoped>
.bar {
  display: block;
  height: 14px;
  min-width: 1px;
  margin-top: 4px;
  background: var(--trace);
}
</style>
