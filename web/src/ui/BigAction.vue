<script setup lang="ts">
/** The one thing to do on a screen, in gold. Our own: it is larger than the library's, and keeps its key at its right end. */
defineProps<{
  disabled?: boolean
  submits?: boolean
  /** The screen's own: at the bottom of a tablet, wherever the page was scrolled to. */
  lasting?: boolean
}>()
</script>

<template>
  <button
    class="do"
    :class="{ 'within-reach': lasting }"
    :type="submits ? 'submit' : 'button'"
    :disabled="disabled"
  >
    <slot />
  </button>
</template>
