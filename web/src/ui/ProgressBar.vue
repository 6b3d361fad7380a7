<script setup lang="ts">
import { NProgress } from 'naive-ui'

/** How much of a long work is done, from 0 to 1. */
defineProps<{ share: number; name: string }>()
</script>

<template>
  <NProgress
    type="line"
    :percentage="Math.round(share * 100)"
    :show-indicator="false"
    :height="10"
    :aria-label="name"
  />
</template>
