<script setup lang="ts">
import PlainTable from './PlainTable.vue'

/**
 * A table on a card of its own, wider than the screen where it must be. In its cells: `number` to the right, `whole` on one line,
 * `name` for a link as high as a finger, `below` for what stands under it.
 */
</script>

<template>
  <section class="card">
    <PlainTable><slot /></PlainTable>
  </section>
</template>

<style scoped>
.card {
  padding: 6px 14px 12px;
  overflow-x: auto;
}

.card :deep(td) {
  vertical-align: baseline;
  overflow-wrap: break-word;
}

.card :deep(.number) {
  text-align: right;
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}

.card :deep(th.number:not(.whole)) {
  white-space: normal;
}

@media (max-width: 1000px) {
  .card :deep(th) {
    white-space: normal;
  }
}

/* As high as a finger. */
@media (pointer: coarse) {
  .card :deep(.name) {
    display: inline-flex;
    min-height: 44px;
    align-items: center;
  }
}
</style>
