<script setup lang="ts">
import { NButton } from 'naive-ui'
import { defineAsyncComponent, ref } from 'vue'
import { useWords } from '@/words/words'
import type { Numbers } from './numbers'

/** Shows a picture's figures as a table. */
defineProps<{ title: string; numbers: () => Numbers }>()

/** Comes when somebody asks for it. */
const NumbersDialog = defineAsyncComponent(() => import('./NumbersDialog.vue'))
const words = useWords()
const asked = ref<Numbers>()
</script>

<template>
  <NButton size="tiny" @click="asked = numbers()">{{ words.text('tuning.AS_TABLE') }}</NButton>
  <NumbersDialog v-if="asked" :title="title" :numbers="asked" @close="asked = undefined" />
</template>
