<script setup lang="ts">
import { computed } from 'vue'
import { sendFile } from '@/api/files'
import { useMe } from '@/api/people'
import { type Schemas } from '@/api/client'
import { useForm } from '@/shell/useForm'
import FileField from '@/ui/FileField.vue'
import { notify } from '@/ui/notices'
import { useWords } from '@/words/words'

/** A list of the shop as a table: out for everybody, in for a lead. */
const props = defineProps<{ of: 'catalogue' | 'instruments' | 'radios' | 'stations' }>()
const emit = defineEmits<{ taken: [] }>()
const words = useWords()
const me = useMe()
const isLead = computed(() => me.data.value?.role === 'LEAD')
const path = computed(() => `/api/${props.of}/table`)
const { trouble, submit } = useForm()

const takeIn = ([file]: File[]) =>
  submit(async () => {
    if (!file) return
    const taken = await sendFile<Schemas['TakenInView']>(path.value, file)
    notify(words.value.text('table.TAKEN_IN', { ...taken }))
    emit('taken')
  })
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('table.TITLE') }}</h2>
    <p class="hint">{{ words.text(`table.WHY.${of}`) }}</p>
    <div class="buttons">
      <a class="plain" :href="path">{{ words.text('table.OUT') }}</a>
      <FileField v-if="isLead" small :name="words.text('table.IN')" accept=".csv,text/csv" @files="takeIn" />
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </section>
</template>
