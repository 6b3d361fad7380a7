<script setup lang="ts">
import { useWords } from '@/words/words'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { instruments as theirs, useInstruments } from '@/api/instruments'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import { covers, where, type Instrument } from './instrumentForm'
import InstrumentForm from './InstrumentForm.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableInAndOut from '@/catalogue/TableInAndOut.vue'
import WrittenTwice from '@/catalogue/WrittenTwice.vue'

const words = useWords()

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
  await client.invalidateQueries(theirs)
}

async function remove(i: Instrument) {
  await submit(async () => {
    await answer(api.DELETE('/api/instruments/{id}', { params: { path: { id: i.id } } }))
  })
  await client.invalidateQueries(theirs)
}

async function ask(i: Instrument) {
  said.value = { ...said.value, [i.id]: words.value.text('instrumentPage.ASKING') }
  let text = ''
  const done = await submit(async () => {
    text = (await answer(api.POST('/api/instruments/{id}/identity', { params: { path: { id: i.id } } })))
      .identity
  })
  said.value = {
    ...said.value,
    [i.id]: done ? words.value.text('instrumentPage.ANSWERS', { text }) : trouble.value,
  }
}
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('instrumentPage.TITLE') }}</h1>
    <p class="soft">
      {{ words.text('instrumentPage.WHAT') }}
    </p>
    <section v-for="i in instruments.data.value ?? []" :key="i.id" class="card one">
      <div>
        <h2>{{ i.name }}</h2>
        <p class="soft">{{ where(i, words) }}. {{ covers(i, words) }}</p>
        <p v-if="said[i.id]" role="status">{{ said[i.id] }}</p>
      </div>
      <div class="buttons">
        <ActionButton v-if="me.data.value?.role !== 'VIEWER'" @click="ask(i)">{{
          words.text('instrumentPage.ASK')
        }}</ActionButton>
        <template v-if="me.data.value?.role === 'LEAD' && !i.standIn">
          <ActionButton @click="editing = i">{{ words.text('instrumentPage.CHANGE') }}</ActionButton>
          <ConfirmButton
            :question="words.text('instrumentPage.REMOVE_QUESTION', { name: i.name })"
            :yes="words.text('instrumentPage.REMOVE_IT')"
            @confirmed="remove(i)"
            >{{ words.text('instrumentPage.REMOVE') }}</ConfirmButton
          >
        </template>
      </div>
    </section>
    <ActionButton v-if="me.data.value?.role === 'LEAD' && !editing" class="start" @click="editing = 'new'">
      {{ words.text('instrumentPage.ADD') }}
    </ActionButton>
    <p v-else-if="me.data.value?.role !== 'LEAD'" class="soft">
      {{ words.text('instrumentPage.ONLY_A_LEAD') }}
    </p>

    <InstrumentForm
      v-if="editing && standIn"
      :key="editing === 'new' ? 'new' : editing.id"
      :instrument="editing === 'new' ? undefined : editing"
      :like="standIn"
      @kept="done"
      @left="editing = undefined"
    />
    <WrittenTwice
      of="instruments"
      :things="instruments.data.value ?? []"
      @merged="client.invalidateQueries(theirs)"
    />
    <TableInAndOut of="instruments" @taken="client.invalidateQueries(theirs)" />
  </PageFrame>
</template>

<style scoped>
.one {
  padding: 16px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  justify-content: space-between;
}
</style>
