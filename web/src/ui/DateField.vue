<script setup lang="ts">
import { NDatePicker } from 'naive-ui'
import { computed, useId, useTemplateRef } from 'vue'
import FieldFrame from './FieldFrame.vue'
import { useTold } from './useTold'

/** A day, as 2026-03-12; empty where none is chosen. */
const value = defineModel<string>({ required: true })
const props = defineProps<{ name: string; wrong?: string; hint?: string }>()
const id = useId()
const root = useTemplateRef('root')
useTold(
  root,
  ['input'],
  computed(() => ({ id, 'aria-invalid': props.wrong ? 'true' : undefined })),
)
</script>

<template>
  <FieldFrame :id="id" :name="name" :hint="hint" :wrong="wrong">
    <div ref="root">
      <NDatePicker
        type="date"
        clearable
        :formatted-value="value || null"
        value-format="yyyy-MM-dd"
        :status="wrong ? 'error' : undefined"
        @update:formatted-value="(day: string | null) => (value = day ?? '')"
      />
    </div>
  </FieldFrame>
</template>
