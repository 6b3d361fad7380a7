<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/people'
import PageFrame from '@/ui/PageFrame.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'
import PasswordCard from './PasswordCard.vue'
import SessionsCard from './SessionsCard.vue'
import TokenList from './TokenList.vue'
import { tokensKey } from './tokens'

const words = useWords()
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
  <PageFrame width="text">
    <h1>{{ me.data.value?.displayName }}</h1>
    <p v-if="me.data.value" class="soft">
      {{
        words.text('myPage.WHO', {
          login: me.data.value.login,
          role: words.text(`myPage.role.${me.data.value.role}`),
        })
      }}
    </p>

    <PasswordCard />
    <SessionsCard />

    <section class="card stack">
      <h2>{{ words.text('myPage.TOKENS') }}</h2>
      <p class="soft">
        {{ words.text('myPage.TOKENS_WHY', { header: 'Authorization: Bearer …' }) }}
      </p>
      <form class="row" @submit.prevent="create">
        <TextField
          v-model="name"
          :name="words.text('myPage.FOR')"
          :placeholder="words.text('myPage.FOR_SUCH_AS')"
          :wrong="wrong.name"
        />
        <ActionButton submits :disabled="busy">{{ words.text('myPage.CREATE') }}</ActionButton>
      </form>
      <p v-if="fresh" class="fresh" role="status">
        {{ words.text('myPage.COPY_NOW') }} <code>{{ fresh }}</code>
      </p>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <TokenList />
    </section>
  </PageFrame>
</template>

<style scoped>
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
