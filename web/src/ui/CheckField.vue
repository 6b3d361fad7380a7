<script setup lang="ts">
import { NCheckbox } from 'naive-ui'

/** Yes or no. */
const value = defineModel<boolean>({ required: true })
</script>

<template>
  <NCheckbox v-model:checked="value" class="check"><slot /></NCheckbox>
</template>

<style scoped>
.check {
  min-height: 44px;
  align-items: center;
}
</style>
