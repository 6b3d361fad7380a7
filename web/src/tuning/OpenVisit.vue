<script setup lang="ts">
import { useFormFocus } from '@/ui/useFormFocus'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { computed, ref, useTemplateRef } from 'vue'
import { answer, api } from '@/api/client'
import { useInstallationChange } from '@/api/installation'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { capital, useWords } from '@/words/words'
import type { Installation } from './sentence'

/** Goes on with what is signed off: says what for, and why. */
const props = defineProps<{
  installationId: string
  /** Called and not emitted: once a visit is open this form is no longer there to emit anything. */
  onOpened: () => void
}>()

type Purpose = Installation['visits'][number]['purpose']
const PURPOSES: Purpose[] = ['RECHECK', 'RETUNING', 'REPAIR', 'FITTING']

const words = useWords()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))
const isOpen = ref(false)
const purpose = ref<Purpose>('RECHECK')
const why = ref('')
const options = computed(() =>
  PURPOSES.map((p) => ({ value: p, word: capital(words.value.text(`visit.${p}`)) })),
)
const { busy, wrong, unplaced, submit } = useForm()
const openIt = useInstallationChange(() =>
  answer(
    api.POST('/api/installations/{id}/visits', {
      params: { path: { id: props.installationId } },
      body: { purpose: purpose.value, why: why.value },
    }),
  ),
)

async function send() {
  const done = await submit(async () => {
    await openIt.mutateAsync(undefined)
  })
  if (done) props.onOpened()
}
</script>

<template>
  <ActionButton v-if="!isOpen" @click="isOpen = true">{{ words.text('tuning.NEW_VISIT') }}</ActionButton>
  <form v-else ref="sheet" class="card" novalidate @submit.prevent="send">
    <ChoiceField
      v-model="purpose"
      :name="words.text('tuning.VISIT_FOR')"
      :options="options"
      :wrong="wrong.purpose"
    />
    <TextField
      v-model="why"
      :name="words.text('tuning.VISIT_WHY')"
      :placeholder="words.text('tuning.VISIT_WHY_EXAMPLE')"
      :wrong="wrong.why"
    />
    <p class="hint">{{ words.text('tuning.VISIT_HINT') }}</p>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <BigAction submits :disabled="busy">{{ words.text('tuning.OPEN_VISIT') }}</BigAction>
    <ActionButton quiet @click="isOpen = false">{{ words.text('tuning.LEAVE_IT') }}</ActionButton>
  </form>
</template>
