<script setup lang="ts">
import { useWords } from '@/words/words'
import ActionButton from '@/ui/ActionButton.vue'
import { computed, ref } from 'vue'
import { useRecordPass } from '@/api/passes'
import { useMe } from '@/api/people'
import InstallationPick from '@/board/InstallationPick.vue'
import { useForm } from '@/shell/useForm'
import { answer, api } from '@/api/client'
import type { DeskTrace } from './desk'

const words = useWords()

/** Keeps a trace of the desk as a sweep of an installation. */
const props = defineProps<{ trace: DeskTrace }>()
const me = useMe()
const target = ref('')
const kept = ref('')
const record = useRecordPass(target)
const { busy, trouble, submit } = useForm()
const mayWrite = computed(() => me.data.value !== undefined && me.data.value?.role !== 'VIEWER')

/** The file as it came where it is still at hand; else the points that are on the screen. */
async function asFile(): Promise<File> {
  if (props.trace.file) return props.trace.file
  const form = props.trace.trace.hasPhase ? 'TOUCHSTONE_1' : 'CSV'
  const text = await answer(
    api.POST('/api/traces/write', {
      body: { trace: props.trace.trace, note: props.trace.name, form },
      parseAs: 'text',
    }),
  )
  return new File([text], `${props.trace.name}.${form === 'CSV' ? 'csv' : 's1p'}`)
}

async function keep() {
  await submit(async () => {
    const pass = await record.mutateAsync({
      recording: {
        requestKey: crypto.randomUUID(),
        changeM: 0,
        note: words.value.text('deskPage.FROM_DESK'),
      },
      file: await asFile(),
      port: props.trace.port,
    })
    kept.value = words.value.text('deskPage.SAVED_AS', { number: String(pass.number) })
  })
}
</script>

<template>
  <form v-if="mayWrite" class="keep" @submit.prevent="keep">
    <InstallationPick
      v-model="target"
      :label="words.text('deskPage.KEEP_WITH')"
      :placeholder="words.text('deskPage.KEEP_WITH_SHORT')"
      only="open"
    />
    <ActionButton submits :disabled="!target || busy">{{ words.text('deskPage.SAVE') }}</ActionButton>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-else-if="kept" class="hint" role="status">
      {{ kept }} <RouterLink :to="`/installations/${target}`">{{ words.text('deskPage.OPEN') }}</RouterLink>
    </p>
  </form>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 8px;
}

.keep p {
  grid-column: 1 / -1;
}
</style>
