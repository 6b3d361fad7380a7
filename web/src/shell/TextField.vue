<script setup lang="ts">
import { NInput } from 'naive-ui'
import { useId } from 'vue'

/** A labelled line of text with its hint and what is wrong with it. */
const value = defineModel<string>({ required: true })
defineProps<{
  name: string
  hint?: string
  wrong?: string
  type?: 'text' | 'password' | 'textarea'
  placeholder?: string
  autocomplete?: string
}>()
const id = useId()
</script>

<template>
  <div class="field">
    <label :for="id">{{ name }}</label>
    <NInput
      v-model:value="value"
      :type="type ?? 'text'"
      :status="wrong ? 'error' : undefined"
      :placeholder="placeholder ?? ''"
      :autosize="type === 'textarea' ? { minRows: 1, maxRows: 8 } : undefined"
      :input-props="{
        id,
        autocomplete: autocomplete ?? 'off',
        'aria-invalid': wrong ? 'true' : undefined,
        'aria-describedby': wrong || hint ? `${id}-more` : undefined,
      }"
    />
    <p v-if="wrong" :id="`${id}-more`" class="wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="hint" :id="`${id}-more`" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
}

label {
  font-size: 14px;
  font-weight: 560;
  color: var(--soft);
}
</style>
