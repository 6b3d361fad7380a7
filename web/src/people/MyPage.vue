<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/queries'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import PasswordCard from './PasswordCard.vue'

const KEY = ['tokens'] as const
const me = useMe()
const client = useQueryClient()
const tokens = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/tokens')) })
const name = ref('')
const fresh = ref('')
const { busy, wrong, trouble, submit } = useForm()

async function create() {
  const done = await submit(async () => {
    fresh.value = (await answer(api.POST('/api/tokens', { body: { name: name.value } }))).text
  })
  if (done) name.value = ''
  await client.invalidateQueries({ queryKey: KEY })
}

async function revoke(id: string) {
  await submit(async () => {
    await answer(api.DELETE('/api/tokens/{id}', { params: { path: { id } } }))
  })
  await client.invalidateQueries({ queryKey: KEY })
}
</script>

<template>
  <div class="page">
    <h1>{{ me.data.value?.displayName }}</h1>
    <p class="soft">Login {{ me.data.value?.login }}, role {{ me.data.value?.role.toLowerCase() }}.</p>

    <PasswordCard />

    <section class="card">
      <h2>Access tokens</h2>
      <p class="soft">
        A script that sends <code>Authorization: Bearer …</code> acts in your name. Only a hash is stored, so
        a token is shown once. It ends after 90 days.
      </p>
      <form class="row" @submit.prevent="create">
        <TextField v-model="name" name="What for" placeholder="weekly export" :wrong="wrong.name" />
        <button class="other" type="submit" :disabled="busy">Make a token</button>
      </form>
      <p v-if="fresh" class="fresh" role="status">
        Copy it now, it will not be shown again: <code>{{ fresh }}</code>
      </p>
      <p v-if="trouble && !wrong.name" class="wrong" role="alert">{{ trouble }}</p>
      <ul v-if="tokens.data.value?.length">
        <li v-for="t in tokens.data.value" :key="t.id">
          <span>{{ t.name }}</span>
          <span class="soft">
            since {{ new Date(t.createdAt).toLocaleDateString()
            }}<template v-if="t.expiresAt">, ends {{ new Date(t.expiresAt).toLocaleDateString() }}</template>
          </span>
          <button class="plain" @click="revoke(t.id)">Withdraw</button>
        </li>
      </ul>
      <p v-else class="soft">You have none.</p>
    </section>
  </div>
</template>

<style scoped>
.page {
  max-width: 760px;
  margin: 0 auto;
  padding: 28px 22px;
  display: grid;
  gap: 14px;
}

.card {
  padding: 20px;
  display: grid;
  gap: 14px;
}

.row {
  display: flex;
  gap: 12px;
  align-items: end;
}

.row > :first-child {
  flex: 1;
}

.fresh {
  border-left: 3px solid var(--gold);
  padding-left: 10px;
}

code {
  overflow-wrap: anywhere;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: flex;
  gap: 16px;
  align-items: center;
  border-top: 1px solid var(--line);
}

li span:nth-child(2) {
  margin-left: auto;
}
</style>
