<script setup lang="ts">
import { NPopconfirm } from 'naive-ui'
import { useWords } from '@/words/words'
import ActionButton from './ActionButton.vue'

/** Something that can't be put back: asked once more, beside the button. */
defineProps<{ question: string; yes: string }>()
const words = useWords()
const emit = defineEmits<{ confirmed: [] }>()
</script>

<template>
  <NPopconfirm
    :positive-text="yes"
    :negative-text="words.text('ui.CANCEL')"
    @positive-click="emit('confirmed')"
  >
    <template #trigger>
      <ActionButton quiet><slot /></ActionButton>
    </template>
    {{ question }}
  </NPopconfirm>
</template>
