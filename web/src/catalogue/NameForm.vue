<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { capital, useWords } from '@/words/words'
import NameField from './NameField.vue'
import SameAs from './SameAs.vue'
import { useNames, useRenewNames, type Name, type Sort } from './queries'
import { useMerge } from './useMerge'

/** A name and what there is to know of it; changed, it is changed wherever it stands. */
const props = defineProps<{ sort: Sort; entry?: Name }>()
const emit = defineEmits<{ done: [] }>()
const words = useWords()
const renew = useRenewNames()
const me = useMe()
const isLead = computed(() => me.data.value?.role === 'LEAD')
const { busy, wrong, unplaced, submit } = useForm()
const form = ref({
  name: props.entry?.name ?? '',
  customer: props.entry?.customer ?? '',
  detail: props.entry?.detail ?? '',
})
const names = useNames()
const { trouble, reallyMerge, merge } = useMerge()
const others = computed(() =>
  (names.data.value ?? [])
    .filter((n) => n.sort === props.sort && n.id !== props.entry?.id)
    .map((n) => ({ id: n.id, word: [n.name, n.customer].filter(Boolean).join(', ') })),
)
const staying = (into: string) => names.data.value?.find((n) => n.id === into)
const question = (into: string) => {
  const stays = staying(into)
  return props.entry && stays ? reallyMerge(stays, props.entry) : ''
}
async function put(into: string) {
  const stays = staying(into)
  if (props.entry && stays && (await merge(props.entry, stays))) emit('done')
}
const requestKey = crypto.randomUUID()

async function save() {
  const done = await submit(async () => {
    const body = { requestKey, sort: props.sort, ...form.value }
    await (props.entry
      ? answer(
          api.PUT('/api/catalogue/{id}', {
            params: { path: { id: props.entry.id }, query: { version: props.entry.version } },
            body,
          }),
        )
      : answer(api.POST('/api/catalogue', { body })))
    await renew()
  })
  if (done) emit('done')
}
</script>

<template>
  <form novalidate @submit.prevent="save">
    <div class="fields">
      <TextField
        v-model="form.name"
        :name="capital(words.text(`catalogueSort.${sort}`))"
        :maxlength="160"
        :wrong="wrong.name"
      />
      <NameField
        v-if="sort === 'CARRIED_BY'"
        v-model="form.customer"
        sort="CUSTOMER"
        :name="words.text('catalogue.WHOSE')"
        :wrong="wrong.customer"
      />
      <TextField
        v-model="form.detail"
        :name="words.text('catalogue.DETAIL')"
        :hint="words.text(`catalogue.DETAIL_OF.${sort}`)"
        :maxlength="600"
        :wrong="wrong.detail"
      />
    </div>
    <p v-if="entry?.usedCount" class="hint">
      {{ words.text('catalogue.EVERYWHERE', { count: entry.usedCount }) }}
    </p>
    <SameAs v-if="entry && isLead" :others="others" :question="question" @put="put" />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <div class="buttons">
      <ActionButton submits :disabled="busy">{{ words.text('catalogue.SAVE') }}</ActionButton>
      <ActionButton quiet @click="emit('done')">{{ words.text('catalogue.LEAVE') }}</ActionButton>
    </div>
  </form>
</template>
