<script setup lang="ts">
import { computed, watchEffect } from 'vue'
import type { Option } from '@/ui/options'
import { useFound } from './useFound'

/** Looks while it is there: whoever searches nothing asks the server for nothing. */
const props = defineProps<{ text: string; isViewer: boolean }>()
const emit = defineEmits<{ found: [options: Option<string>[], isLooking: boolean] }>()
const { options, isLooking } = useFound(
  computed(() => props.text),
  computed(() => props.isViewer),
)
watchEffect(() => emit('found', options.value, isLooking.value))
</script>

<template><span hidden></span></template>
