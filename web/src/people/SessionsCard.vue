<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
import { useWords } from '@/words/words'
import { useForm } from '@/shell/useForm'
import { formatTime } from '@/units/time'

/** Where one is signed in, and the end of it: for the tablet that was left in a customer's cab. */
const KEY = ['sessions'] as const
const words = useWords()
const client = useQueryClient()
const sessions = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/sessions')) })
const { busy, trouble, submit } = useForm()

async function end(id: string) {
  await submit(async () => {
    await answer(api.DELETE('/api/sessions/{id}', { params: { path: { id } } }))
  })
  await client.invalidateQueries({ queryKey: KEY })
}

async function endAll() {
  const done = await submit(async () => {
    await answer(api.DELETE('/api/sessions'))
  })
  if (done) location.assign('/sign-in')
}
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('myPage.SIGNED_IN') }}</h2>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <ul class="bare">
      <li v-for="s in sessions.data.value ?? []" :key="s.id">
        <span>
          <b v-if="s.here">{{ words.text('myPage.HERE') }}</b>
          {{ words.text('myPage.SINCE', { when: formatTime(s.since) }) }}
          <span class="soft">{{
            words.text('myPage.SEEN', { when: formatTime(s.seen), address: s.address })
          }}</span>
        </span>
        <ActionButton v-if="!s.here" quiet :disabled="busy" @click="end(s.id)">{{
          words.text('myPage.END_THERE')
        }}</ActionButton>
      </li>
    </ul>
    <ActionButton :disabled="busy" @click="endAll">{{ words.text('myPage.END_ALL') }}</ActionButton>
  </section>
</template>

<style scoped>
.card {
  justify-items: start;
}

ul {
  width: 100%;
}

li {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  border-top: 1px solid var(--line);
  padding: 8px 0;
}
</style>
