<script setup lang="ts">
/** What a page without a picture stands in: its heading first, one thing below the other. */
withDefaults(
  defineProps<{
    /** As wide as lists need it, the whole screen, or no wider than is good to read. */
    width?: 'list' | 'whole' | 'text'
  }>(),
  { width: 'list' },
)
</script>

<template>
  <div class="page" :class="width"><slot /></div>
</template>

<style scoped>
.page {
  display: grid;
  gap: 12px;
  padding: 22px;
}

.page.list {
  max-width: 1180px;
  margin: 0 auto;
}

.page.text {
  max-width: 860px;
  margin: 0 auto;
}
</style>
