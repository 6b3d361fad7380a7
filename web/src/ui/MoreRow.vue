<script setup lang="ts">
import { useWords } from '@/words/words'
import ActionButton from './ActionButton.vue'

/** Below a list that comes in pages: how much of it is shown, and the way to more. */
defineProps<{ shown: number; all: number; isComing: boolean }>()
const emit = defineEmits<{ more: [] }>()
const words = useWords()
</script>

<template>
  <p class="more">
    <span class="soft">{{ words.text('ui.SHOWN_OF', { shown: `${shown}`, all: `${all}` }) }}</span>
    <ActionButton :disabled="isComing" @click="emit('more')">{{ words.text('ui.SHOW_MORE') }}</ActionButton>
  </p>
</template>

<style scoped>
.more {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: center;
}
</style>
