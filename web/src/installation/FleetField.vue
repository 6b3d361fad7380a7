<script setup lang="ts">
import { computed, ref } from 'vue'
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import { namesOf } from './begin'

/** The others of a fleet, which get the same plan: one name on each line. */
const names = defineModel<string>({ required: true })
const words = useWords()
const isAsked = ref(names.value !== '')
const count = computed(() => namesOf(names.value).length)
</script>

<template>
  <TextField
    v-if="isAsked"
    v-model="names"
    type="textarea"
    :name="words.text('begin.OTHERS')"
    :hint="words.text('begin.OTHERS_HINT', { othersCount: count })"
  />
  <ActionButton v-else quiet class="start" @click="isAsked = true">{{
    words.text('begin.FLEET')
  }}</ActionButton>
</template>
