<script setup lang="ts">
import BigAction from '@/ui/BigAction.vue'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import { me, setup } from '@/api/people'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'
import HarbourMark from './HarbourMark.vue'

const words = useWords()
const client = useQueryClient()
const needsSetup = useQuery(setup)
const login = ref('')
const displayName = ref('')
const password = ref('')
const { busy, wrong, unplaced, submit } = useForm()

async function signIn() {
  await submit(async () => {
    if (needsSetup.data.value?.needed) {
      const lead = { login: login.value, displayName: displayName.value, password: password.value }
      await answer(api.POST('/api/setup', { body: lead }))
      await client.invalidateQueries(setup)
    }
    const person = await answer(
      api.POST('/api/session', { body: { login: login.value, password: password.value } }),
    )
    // Anything that failed while signed out is fetched again.
    await client.resetQueries({ predicate: (q) => q.queryKey[0] !== 'me' })
    client.setQueryData(me.queryKey, person)
  })
}
</script>

<template>
  <div class="page">
    <section class="left">
      <HarbourMark />
      <h1 class="big">dor<i>a</i>da</h1>
      <p>{{ words.text('signIn.SAYING') }}</p>
    </section>
    <form class="card" @submit.prevent="signIn">
      <template v-if="needsSetup.data.value?.needed">
        <h2>{{ words.text('signIn.FIRST_RUN') }}</h2>
        <p class="soft">{{ words.text('signIn.FIRST_WHY') }}</p>
        <TextField
          v-model="displayName"
          :name="words.text('signIn.YOUR_NAME')"
          :wrong="wrong.displayName"
          autocomplete="name"
        />
      </template>
      <h2 v-else>{{ words.text('signIn.SIGN_IN') }}</h2>
      <TextField
        v-model="login"
        :name="words.text('signIn.LOGIN')"
        :wrong="wrong.login"
        autocomplete="username"
      />
      <TextField
        v-model="password"
        :name="words.text('signIn.PASSWORD')"
        type="password"
        :wrong="wrong.password"
        :hint="needsSetup.data.value?.needed ? words.text('signIn.AT_LEAST') : undefined"
        autocomplete="current-password"
      />
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <BigAction submits :disabled="busy">
        {{ words.text(needsSetup.data.value?.needed ? 'signIn.MAKE' : 'signIn.SIGN_IN') }} <kbd>Enter</kbd>
      </BigAction>
    </form>
  </div>
</template>

<style scoped>
.page {
  min-height: 100vh;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 32px 72px;
  padding: 32px;
}

.left {
  max-width: 340px;
  display: grid;
  gap: 10px;
}

.big {
  font-size: 46px;
  letter-spacing: 0.04em;
  color: var(--trace);
}

.big i {
  color: var(--gold);
  font-style: normal;
}

form {
  width: min(400px, 100%);
  padding: 28px;
  gap: 16px;
}
</style>
