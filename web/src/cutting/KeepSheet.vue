<script setup lang="ts">
import TextField from '@/ui/TextField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import * as v from 'valibot'
import { keep as keepInBrowser, readKept } from '@/kept'
import { useWords } from '@/words/words'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter, type LocationQueryRaw } from 'vue-router'
import { Problem, type Schemas } from '@/api/client'
import { useSavedSheets } from '@/api/cutSheets'
import { useInstallation } from '@/api/installation'
import { useMe } from '@/api/people'
import { formatChannelMhz } from '@/units/frequency'
import { requestOf, writeAddress, type Asked, type Sheet } from './sheet'
import type { ReallyCut } from './StepList.vue'

/** Keeps a sheet for the shop, with its ticks and what was really cut; once kept, those are saved as they are made. */
const done = defineModel<string[]>('done', { required: true })
const cuts = defineModel<ReallyCut[]>('cuts', { required: true })
const props = defineProps<{ asked: Asked; sheet: Sheet | undefined }>()

type Kept = Schemas['SavedSheetView']
const DRAFT = 'dorada.cut-sheet'
const WAITING = v.object({
  kind: v.string(),
  done: v.array(v.string()),
  cuts: v.array(v.object({ piece: v.number(), lengthM: v.number() })),
})
const keepDraft = (waiting: v.InferOutput<typeof WAITING> | undefined) => keepInBrowser(DRAFT, waiting)

const route = useRoute()
const router = useRouter()
const me = useMe()
const words = useWords()
const { open, keep, remove } = useSavedSheets()
const kept = ref<Kept>()
const name = ref('')
const said = ref('')
const removed = ref<Schemas['SavedSheetRequest']>()
const installationId = computed(
  () => kept.value?.installationId ?? (route.query.installation as string | undefined),
)
const installation = useInstallation(computed(() => installationId.value ?? ''))
const mayKeep = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')

const usualName = computed(() => {
  const s = props.sheet
  if (!s) return ''
  const of = installation.data.value ? `${installation.data.value.title}: ` : ''
  return `${of}${words.value.phrase(s.kind.title)}, ${formatChannelMhz(s.frequencyHz)} MHz`
})

async function tell(action: () => Promise<string>) {
  said.value = ''
  try {
    said.value = await action()
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    said.value = error.status === 409 ? words.value.text('cutPage.COLLEAGUE') : error.message
  }
}

function body(): Schemas['SavedSheetRequest'] {
  return {
    name: name.value.trim() || usualName.value,
    ...(installationId.value ? { installationId: installationId.value } : {}),
    sheet: requestOf(props.asked),
    body: JSON.stringify(writeAddress(props.asked)),
    done: done.value,
    cuts: cuts.value,
  }
}

// One after the other, so that a tick does not overtake the one before it.
let before: Promise<unknown> = Promise.resolve()
function save(told: string) {
  before = before.then(() =>
    tell(async () => {
      const sheet = await keep.mutateAsync({ sheet: kept.value, body: body() })
      const isNew = kept.value === undefined
      kept.value = sheet
      name.value = sheet.name
      keepDraft(undefined)
      if (isNew) await router.replace({ query: { ...route.query, sheet: sheet.id } })
      return told
    }),
  )
  return before
}

async function load(id: string) {
  await tell(async () => {
    const sheet = await open(id)
    kept.value = sheet
    name.value = sheet.name
    done.value = sheet.done
    cuts.value = sheet.cuts
    if (!route.query.kind)
      await router.replace({ query: { ...(JSON.parse(sheet.body ?? '{}') as LocationQueryRaw), sheet: id } })
    return ''
  })
}

watch(
  () => route.query.sheet,
  (id) => {
    if (typeof id === 'string' && id !== kept.value?.id) void load(id)
    if (id === undefined) kept.value = undefined
  },
  { immediate: true },
)

// Until it is kept, ticks and cuts of this kind wait in the browser.
const draft = readKept(DRAFT, WAITING)
if (!route.query.sheet && draft?.kind === props.asked.kind) {
  done.value = draft.done
  cuts.value = draft.cuts
}
watch(
  () => props.asked.kind,
  (_, old) => {
    // Another kind has other steps; an opened sheet brings its own.
    if (old && !kept.value) {
      done.value = []
      cuts.value = []
    }
  },
)
watch([done, cuts], () => {
  const k = kept.value
  if (!k) {
    keepDraft({ kind: props.asked.kind, done: done.value, cuts: cuts.value })
    return
  }
  const isSame =
    JSON.stringify([...k.done].sort()) === JSON.stringify([...done.value].sort()) &&
    JSON.stringify(k.cuts) === JSON.stringify(cuts.value)
  if (!isSame) void save(words.value.text('cutPage.SAVED'))
})

const isChanged = computed(
  () =>
    kept.value?.body !== undefined &&
    (kept.value.body !== JSON.stringify(writeAddress(props.asked)) || name.value.trim() !== kept.value.name),
)

function drop() {
  const k = kept.value
  if (!k) return
  void tell(async () => {
    removed.value = body()
    await remove.mutateAsync(k.id)
    kept.value = undefined
    await router.replace({ query: { ...route.query, sheet: undefined } })
    return words.value.text('cutPage.REMOVED', { name: k.name })
  })
}
function putBack() {
  removed.value = undefined
  void save(words.value.text('cutPage.IS_BACK'))
}
</script>

<template>
  <form v-if="mayKeep" class="tools" @submit.prevent="save(words.text('cutPage.SAVED_FOR'))">
    <TextField
      v-model="name"
      :name="
        installation.data.value
          ? words.text('cutPage.FOR', { number: installation.data.value.shopNumber })
          : words.text('cutPage.NAME')
      "
      :placeholder="usualName"
      :maxlength="160"
    />
    <BigAction submits :disabled="!sheet || (kept !== undefined && !isChanged)">
      {{ words.text(kept ? (isChanged ? 'cutPage.SAVE_CHANGE' : 'cutPage.IS_SAVED') : 'cutPage.SAVE') }}
    </BigAction>
    <p class="hint" role="status">
      {{ said }}
      <ActionButton v-if="removed && !kept" quiet @click="putBack">{{
        words.text('cutPage.PUT_BACK')
      }}</ActionButton>
    </p>
    <div class="buttons">
      <RouterLink v-if="installationId" class="plain" :to="`/installations/${installationId}`">
        {{ words.text('cutPage.TO_INSTALLATION') }}
      </RouterLink>
      <ActionButton v-if="kept" quiet @click="drop">{{ words.text('cutPage.REMOVE') }}</ActionButton>
    </div>
  </form>
</template>

<style scoped>
.do {
  justify-content: center;
}
</style>
