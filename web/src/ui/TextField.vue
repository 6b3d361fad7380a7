<script setup lang="ts">
import { NInput } from 'naive-ui'
import { useId } from 'vue'
import FieldFrame from './FieldFrame.vue'

/** A labelled line of text. */
const value = defineModel<string>({ required: true })
defineProps<{
  name: string
  /** The label is only spoken: a table's head shows it. */
  bare?: boolean
  hint?: string
  wrong?: string
  type?: 'text' | 'password' | 'textarea'
  placeholder?: string
  autocomplete?: string
  inputmode?: 'decimal' | 'text'
  maxlength?: number
  disabled?: boolean
}>()
const id = useId()
</script>

<template>
  <FieldFrame :id="id" :name="name" :bare="bare" :hint="hint" :wrong="wrong">
    <NInput
      v-model:value="value"
      :type="type ?? 'text'"
      :status="wrong ? 'error' : undefined"
      :placeholder="placeholder ?? ''"
      :disabled="disabled"
      :autosize="type === 'textarea' ? { minRows: 1, maxRows: 8 } : undefined"
      :input-props="{
        id,
        autocomplete: autocomplete ?? 'off',
        inputmode,
        maxlength,
        'aria-invalid': wrong ? 'true' : undefined,
        'aria-describedby': wrong || hint ? `${id}-more` : undefined,
      }"
    />
  </FieldFrame>
</template>
