<script setup lang="ts">
import { NTable } from 'naive-ui'

/** A table to be read: lines between its rows, numbers beneath one another. */
</script>

<template>
  <NTable :bordered="false" size="small"><slot /></NTable>
</template>
