<script setup lang="ts">
import CheckList from '@/ui/CheckList.vue'
import FileField from '@/ui/FileField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import { ref } from 'vue'
import { capital, useWords } from '@/words/words'
import type { Circumstance } from './draft'

/** What was not as it should be, and a photo. */
const circumstances = defineModel<Circumstance[]>({ required: true })
defineProps<{ all: Circumstance[] }>()
const emit = defineEmits<{ photo: [file: File | undefined] }>()

const words = useWords()
const open = ref(circumstances.value.length > 0)
</script>

<template>
  <FoldOut v-model:open="open" :title="words.text('record.CIRCUMSTANCES')">
    <CheckList
      v-model="circumstances"
      :name="words.text('record.CIRCUMSTANCES')"
      :options="all.map((c) => ({ value: c, word: capital(words.text(`circumstance.${c}`)) }))"
    />
    <FileField
      :name="words.text('record.PHOTO')"
      accept="image/jpeg,image/png"
      capture="environment"
      @files="emit('photo', $event[0])"
    />
  </FoldOut>
</template>
