<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/queries'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import PasswordCard from './PasswordCard.vue'
import SessionsCard from './SessionsCard.vue'
import TokenList from './TokenList.vue'
import { tokensKey } from './tokens'

const me = useMe()
const client = useQueryClient()
const name = ref('')
const fresh = ref('')
const { busy, wrong, unplaced, submit } = useForm()

async function create() {
  const done = await submit(async () => {
    fresh.value = (await answer(api.POST('/api/tokens', { body: { name: name.value } }))).text
  })
  if (done) name.value = ''
  await client.invalidateQueries({ queryKey: tokensKey() })
}
</script>

<template>
  <div class="page">
    <h1>{{ me.data.value?.displayName }}</h1>
    <p class="soft">Login {{ me.data.value?.login }}, role {{ me.data.value?.role.toLowerCase() }}.</p>

    <PasswordCard />
    <SessionsCard />

    <section class="card">
      <h2>Access tokens</h2>
      <p class="soft">
        A script that sends <code>Authorization: Bearer …</code> acts in your name. Only a hash is stored, so
        a token is shown once. It ends after 90 days.
      </p>
      <form class="row" @submit.prevent="create">
        <TextField v-model="name" name="What for" placeholder="weekly export" :wrong="wrong.name" />
        <ActionButton submits :disabled="busy">Create a token</ActionButton>
      </form>
      <p v-if="fresh" class="fresh" role="status">
        Copy it now, it will not be shown again: <code>{{ fresh }}</code>
      </p>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <TokenList />
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
</style>
