<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { ref } from 'vue'
import { answer, api } from '@/api/client'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import { useForm } from '@/shell/useForm'

/** One's own password; sessions elsewhere end with the old one. */
const words = useWords()
const { busy, wrong, unplaced, submit } = useForm()
const current = ref('')
const password = ref('')
const isChanged = ref(false)

async function change() {
  isChanged.value = false
  const done = await submit(async () => {
    await answer(
      api.POST('/api/session/password', { body: { current: current.value, password: password.value } }),
    )
  })
  if (!done) return
  current.value = ''
  password.value = ''
  isChanged.value = true
}
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('myPage.PASSWORD') }}</h2>
    <form @submit.prevent="change">
      <TextField
        v-model="current"
        :name="words.text('myPage.NOW')"
        type="password"
        :wrong="wrong.current"
        autocomplete="current-password"
      />
      <TextField
        v-model="password"
        :name="words.text('myPage.NEW')"
        type="password"
        :hint="words.text('myPage.NEW_HINT')"
        :wrong="wrong.password"
        autocomplete="new-password"
      />
      <ActionButton class="beside" submits :disabled="busy">{{ words.text('myPage.CHANGE') }}</ActionButton>
    </form>
    <p v-if="isChanged" role="status">{{ words.text('myPage.CHANGED') }}</p>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
  </section>
</template>

<style scoped>
form {
  grid-template-columns: 1fr 1fr auto;
  align-items: start;
}

@media (max-width: 700px) {
  form {
    grid-template-columns: 1fr;
  }
}
</style>
