<script setup lang="ts">
import { NAutoComplete } from 'naive-ui'
import { computed, useId } from 'vue'
import FieldFrame from './FieldFrame.vue'
import { reads } from './reads'

/** A labelled line of text that offers what is known; what is not is typed all the same. */
const value = defineModel<string>({ required: true })
const props = defineProps<{
  name: string
  known: string[]
  hint?: string
  wrong?: string
  maxlength?: number
}>()
const emit = defineEmits<{ chosen: [name: string] }>()
const id = useId()
/** More is not looked through. */
const MOST_OFFERED = 12
const offered = computed(() =>
  props.known.filter((k) => k !== value.value && reads(k, value.value)).slice(0, MOST_OFFERED),
)

/** Whether somebody went into the list since they typed. */
let isInList = false
/** Enter takes what is offered only from there: who has typed a name of their own keeps it. */
function key(event: KeyboardEvent) {
  if (event.key === 'Enter' && !isInList) event.stopPropagation()
  isInList = /^Arrow(Down|Up)$/.test(event.key)
}
</script>

<template>
  <FieldFrame :id="id" :name="name" :hint="hint" :wrong="wrong" @keydown.capture="key">
    <NAutoComplete
      v-model:value="value"
      :options="offered"
      :get-show="() => true"
      :status="wrong ? 'error' : undefined"
      placeholder=""
      :input-props="{
        id,
        autocomplete: 'off',
        maxlength,
        'aria-invalid': wrong ? 'true' : undefined,
        'aria-describedby': wrong || hint ? `${id}-more` : undefined,
      }"
      @select="(name) => emit('chosen', String(name))"
    />
  </FieldFrame>
</template>
