<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { ref, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { useMe } from '@/api/people'
import type { Option } from '@/ui/options'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { isTyping } from './keys'
import WhatIsFound from './WhatIsFound.vue'

/** Leads anywhere: installations, cut sheets, plans, calibrations and pages, by a part of their names. */
const router = useRouter()
const words = useWords()
const me = useMe()
const text = ref('')
const field = useTemplateRef('field')
/** While the field has the focus. */
const isAsked = ref(false)
const options = ref<Option<string>[]>([])
const isLooking = ref(false)
function take(found: Option<string>[], looking: boolean) {
  options.value = found
  isLooking.value = looking
}

async function go(path: string) {
  text.value = ''
  await router.push(path)
  // The keys of the page that was found are its own again.
  if (document.activeElement instanceof HTMLElement) document.activeElement.blur()
}

useEventListener(window, 'keydown', (event: KeyboardEvent) => {
  const isChord = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k'
  if (!isChord && (event.key !== '/' || isTyping(event))) return
  event.preventDefault()
  field.value?.focus()
})
</script>

<template>
  <WhatIsFound v-if="isAsked" :text="text" :is-viewer="me.data.value?.role === 'VIEWER'" @found="take" />
  <PickField
    ref="field"
    class="find"
    bare
    is-found
    :name="words.text('shell.FIND')"
    :placeholder="words.text('shell.FIND_HINT')"
    :options="options"
    :loading="isLooking"
    @focusin="isAsked = true"
    @focusout="isAsked = false"
    @search="text = $event"
    @update:model-value="go"
  />
</template>

<style scoped>
.find {
  width: clamp(150px, 20vw, 330px);
}

/* The names of the pages come first; there is room for words once it is asked. */
@media (max-width: 1000px) {
  .find:not(:focus-within) {
    width: 96px;
  }
}
</style>
