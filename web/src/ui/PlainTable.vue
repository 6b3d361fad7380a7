<script setup lang="ts">
import { NTable } from 'naive-ui'

/** A table to be read: lines between its rows, numbers beneath one another. */
defineProps<{
  /** All but the first column are numbers. */
  isOfNumbers?: boolean
}>()
</script>

<template>
  <NTable :bordered="false" size="small" :class="{ numbers: isOfNumbers }"><slot /></NTable>
</template>

<style scoped>
.numbers :deep(:is(td, th):not(:first-child)) {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.numbers :deep(td:not(:first-child)) {
  white-space: nowrap;
}
</style>
