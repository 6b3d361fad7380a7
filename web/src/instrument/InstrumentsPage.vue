<script setup lang="ts">
import { useWords } from '@/words/words'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { useInstruments, useMe } from '@/api/queries'
import { useForm } from '@/shell/useForm'
import { covers, where, type Instrument } from './instrumentForm'
import InstrumentForm from './InstrumentForm.vue'

const words = useWords()
const KEY = ['instruments'] as const

const me = useMe()
const client = useQueryClient()
const instruments = useInstruments()
const standIn = computed(() => instruments.data.value?.find((i) => i.standIn))
/** The one that is changed; `new` for another. */
const editing = ref<Instrument | 'new'>()
const said = ref<Record<string, string>>({})
const { trouble, submit } = useForm()

async function done() {
  editing.value = undefined
  await client.invalidateQueries({ queryKey: KEY })
}

async function remove(i: Instrument) {
  await submit(async () => {
    await answer(api.DELETE('/api/instruments/{id}', { params: { path: { id: i.id } } }))
  })
  await client.invalidateQueries({ queryKey: KEY })
}

async function ask(i: Instrument) {
  said.value = { ...said.value, [i.id]: 'Asking …' }
  let text = ''
  const done = await submit(async () => {
    text = (await answer(api.POST('/api/instruments/{id}/identity', { params: { path: { id: i.id } } })))
      .identity
  })
  said.value = { ...said.value, [i.id]: done ? `It answers: ${text}` : trouble.value }
}
</script>

<template>
  <div class="page">
    <h1>Instruments</h1>
    <p class="soft">
      Analysers that speak SCPI, over the network or a serial port. The standard settles the conversation, not
      every instrument's words: copy the stand-in's texts and change them to what the instrument's manual
      says.
    </p>
    <section v-for="i in instruments.data.value ?? []" :key="i.id" class="card one">
      <div>
        <h2>{{ i.name }}</h2>
        <p class="soft">{{ where(i, words) }}. {{ covers(i, words) }}</p>
        <p v-if="said[i.id]" role="status">{{ said[i.id] }}</p>
      </div>
      <div class="buttons">
        <ActionButton v-if="me.data.value?.role !== 'VIEWER'" @click="ask(i)">Ask who it is</ActionButton>
        <template v-if="me.data.value?.role === 'LEAD' && !i.standIn">
          <ActionButton @click="editing = i">Change</ActionButton>
          <ConfirmButton
            :question="`Remove “${i.name}” and its command texts?`"
            yes="Remove it"
            @confirmed="remove(i)"
            >Remove</ConfirmButton
          >
        </template>
      </div>
    </section>
    <ActionButton v-if="me.data.value?.role === 'LEAD' && !editing" class="add" @click="editing = 'new'">
      Add an analyser
    </ActionButton>
    <p v-else-if="me.data.value?.role !== 'LEAD'" class="soft">Only a lead adds instruments.</p>

    <InstrumentForm
      v-if="editing && standIn"
      :key="editing === 'new' ? 'new' : editing.id"
      :instrument="editing === 'new' ? undefined : editing"
      :like="standIn"
      @kept="done"
      @left="editing = undefined"
    />
  </div>
</template>

<style scoped>
.page {
  max-width: 940px;
  margin: 0 auto;
  padding: 28px 22px;
  display: grid;
  gap: 14px;
}

.one {
  padding: 16px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  justify-content: space-between;
}

.buttons {
  display: flex;
  gap: 8px;
  align-items: center;
}

.add {
  justify-self: start;
}
</style>
