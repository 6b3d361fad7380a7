<script setup lang="ts">
import { NPopconfirm } from 'naive-ui'
import ActionButton from './ActionButton.vue'

/** Something that can't be put back: asked once more, beside the button. */
defineProps<{ question: string; yes: string }>()
const emit = defineEmits<{ confirmed: [] }>()
</script>

<template>
  <NPopconfirm :positive-text="yes" negative-text="Cancel" @positive-click="emit('confirmed')">
    <template #trigger>
      <ActionButton quiet><slot /></ActionButton>
    </template>
    {{ question }}
  </NPopconfirm>
</template>
