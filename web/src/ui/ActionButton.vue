<script setup lang="ts">
import { NButton } from 'naive-ui'

/** Something to do that is not the one thing to do: framed, or `quiet` as a line of text. */
defineProps<{ quiet?: boolean; disabled?: boolean; submits?: boolean }>()
</script>

<template>
  <NButton
    :quaternary="quiet"
    :class="quiet ? 'plain' : 'other'"
    :disabled="disabled"
    :attr-type="submits ? 'submit' : 'button'"
  >
    <slot />
  </NButton>
</template>
