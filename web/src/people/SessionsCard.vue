<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
import { useForm } from '@/shell/useForm'
import { formatTime } from '@/units/time'

/** Where one is signed in, and the end of it: for the tablet that was left in a customer's cab. */
const KEY = ['sessions'] as const
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
  <section class="card">
    <h2>Signed in</h2>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <ul>
      <li v-for="s in sessions.data.value ?? []" :key="s.id">
        <span>
          <b v-if="s.here">Here,</b> since {{ formatTime(s.since) }},
          <span class="soft">last used {{ formatTime(s.seen) }}, from {{ s.address }}</span>
        </span>
        <ActionButton v-if="!s.here" quiet :disabled="busy" @click="end(s.id)"> Sign out there </ActionButton>
      </li>
    </ul>
    <ActionButton :disabled="busy" @click="endAll"> Sign out everywhere, here too </ActionButton>
  </section>
</template>

<style scoped>
.card {
  padding: 20px;
  display: grid;
  gap: 14px;
  justify-items: start;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
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
