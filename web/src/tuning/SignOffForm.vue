<script setup lang="ts">
import { ref, watch } from 'vue'
import { answer, api } from '@/api/client'
import { useInstallationChange } from '@/api/queries'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import type { Installation, Pass } from './sentence'

/** Closes the installation on its newest pass; where the rule is not met a reason is asked for. */
const props = defineProps<{ installation: Installation; pass: Pass }>()
const emit = defineEmits<{ signedOff: [] }>()

const DRAFT = `dorada.sign-off-draft.${props.installation.id}`
const typed = ref(
  JSON.parse(localStorage.getItem(DRAFT) ?? '{"remark":"","reason":""}') as {
    remark: string
    reason: string
  },
)
watch(typed, (t) => localStorage.setItem(DRAFT, JSON.stringify(t)), { deep: true })
const { busy, wrong, trouble, submit } = useForm()
const signOff = useInstallationChange(() =>
  answer(
    api.POST('/api/installations/{id}/sign-off', {
      params: { path: { id: props.installation.id } },
      body: {
        version: props.installation.version,
        passNumber: props.pass.number,
        remark: typed.value.remark,
        reason: props.pass.verdict.met ? undefined : typed.value.reason,
      },
    }),
  ),
)

async function send() {
  const done = await submit(async () => {
    await signOff.mutateAsync(undefined)
  })
  if (done) {
    localStorage.removeItem(DRAFT)
    emit('signedOff')
  }
}
</script>

<template>
  <form class="card" novalidate @submit.prevent="send">
    <h2>Sign off on pass {{ pass.number }}</h2>
    <ul class="hint">
      <li>Deburred, bare metal under set screws and grounds, tightened, sealed, tip cap on?</li>
      <li>Swept once more afterwards? Tightening moves it.</li>
    </ul>
    <TextField
      v-if="!pass.verdict.met"
      v-model="typed.reason"
      name="Why it is good enough, or with which limit"
      type="textarea"
      hint="Say the reason, the limit (reduced power) and until when."
      :wrong="wrong.reason"
    />
    <TextField
      v-model="typed.remark"
      name="Final lengths, marks, conditions"
      type="textarea"
      :wrong="wrong.remark"
    />
    <p v-if="trouble && !Object.keys(wrong).length" class="wrong" role="alert">{{ trouble }}</p>
    <button class="do" type="submit" :disabled="busy">
      {{ pass.verdict.met ? 'Sign off' : 'Sign off by judgement' }}
    </button>
  </form>
</template>

<style scoped>
form {
  padding: 16px;
  display: grid;
  gap: 12px;
}

ul {
  margin: 0;
  padding-left: 18px;
}
</style>
