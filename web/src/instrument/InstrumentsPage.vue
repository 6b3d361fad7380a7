<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useMe } from '@/api/queries'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'

type Instrument = Schemas['InstrumentView']
type Profile = Required<Schemas['CommandProfile']>

const KEY = ['instruments'] as const
const TEXTS: { field: keyof Profile; name: string }[] = [
  { field: 'identity', name: 'Who are you' },
  { field: 'setUp', name: 'Once after connecting' },
  { field: 'startHz', name: 'Start, {} in Hz' },
  { field: 'stopHz', name: 'Stop, {} in Hz' },
  { field: 'points', name: 'Points' },
  { field: 'averages', name: 'Averages' },
  { field: 'begin', name: 'Begin one sweep' },
  { field: 'isMeasuring', name: 'Still measuring? (bit 4 of the answer)' },
  { field: 'data', name: 'Data: real, imaginary, in turn' },
  { field: 'abort', name: 'Stop a sweep' },
  { field: 'error', name: 'Next error' },
  { field: 'raw', name: 'Its own correction off, for a calibration of ours' },
  { field: 'corrected', name: 'Its own correction on again' },
]

const me = useMe()
const client = useQueryClient()
const instruments = useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/instruments')) })
const standIn = computed(() => instruments.data.value?.find((i) => i.standIn))
const editing = ref<{
  id?: string
  version: number
  name: string
  host: string
  port: string
  profile: Profile
}>()
const said = ref<Record<string, string>>({})
const { busy, wrong, trouble, unplaced, submit } = useForm()

function edit(i?: Instrument) {
  const from = i ?? standIn.value
  if (!from) return
  editing.value = {
    id: i?.id,
    version: i?.version ?? 0,
    name: i?.name ?? '',
    host: i?.host ?? '',
    port: String(i?.port ?? 5025),
    profile: Object.fromEntries(TEXTS.map((t) => [t.field, from.profile[t.field] ?? ''])) as Profile,
  }
}

async function save() {
  const e = editing.value
  if (!e) return
  const body = {
    version: e.version,
    name: e.name,
    host: e.host,
    port: Number(e.port) || 0,
    profile: e.profile,
  }
  const done = await submit(async () => {
    await answer(
      e.id
        ? api.PUT('/api/instruments/{id}', { params: { path: { id: e.id } }, body })
        : api.POST('/api/instruments', { body }),
    )
  })
  if (done) editing.value = undefined
  await client.invalidateQueries({ queryKey: KEY })
}

async function remove(i: Instrument) {
  if (!window.confirm(`Remove “${i.name}” and its command texts?`)) return
  await submit(async () => {
    await answer(api.DELETE('/api/instruments/{id}', { params: { path: { id: i.id } } }))
  })
  await client.invalidateQueries({ queryKey: KEY })
}

async function ask(i: Instrument) {
  said.value = { ...said.value, [i.id]: 'Asking …' }
  let text = ''
  const done = await submit(async () => {
    text = (await answer(api.POST('/api/instruments/{id}/identity', { params: { path: { id: i.id } } })))
      .identity
  })
  said.value = { ...said.value, [i.id]: done ? `It answers: ${text}` : trouble.value }
}
</script>

<template>
  <div class="page">
    <h1>Instruments</h1>
    <p class="soft">
      Analysers that speak SCPI over the network. The standard settles the conversation, not every
      instrument's words: copy the stand-in's texts and change them to what the instrument's manual says.
    </p>
    <section v-for="i in instruments.data.value ?? []" :key="i.id" class="card one">
      <div>
        <h2>{{ i.name }}</h2>
        <p class="soft">{{ i.host }}, port {{ i.port }}</p>
        <p v-if="said[i.id]" role="status">{{ said[i.id] }}</p>
      </div>
      <div class="buttons">
        <button v-if="me.data.value?.role !== 'VIEWER'" class="other" @click="ask(i)">Ask who it is</button>
        <template v-if="me.data.value?.role === 'LEAD' && !i.standIn">
          <button class="other" @click="edit(i)">Change</button>
          <button class="plain" @click="remove(i)">Remove</button>
        </template>
      </div>
    </section>
    <button v-if="me.data.value?.role === 'LEAD' && !editing" class="other add" @click="edit()">
      Add an analyser
    </button>
    <p v-else-if="me.data.value?.role !== 'LEAD'" class="soft">Only a lead adds instruments.</p>

    <form v-if="editing" class="card edit" @submit.prevent="save">
      <h2>{{ editing.id ? 'Change' : 'Add' }} an analyser</h2>
      <div class="three">
        <TextField v-model="editing.name" name="Name" :wrong="wrong.name" placeholder="Bench analyser" />
        <TextField v-model="editing.host" name="Where on the network" :wrong="wrong.host" />
        <TextField v-model="editing.port" name="Port" :wrong="wrong.port" />
      </div>
      <div class="texts">
        <TextField v-for="t in TEXTS" :key="t.field" v-model="editing.profile[t.field]" :name="t.name" />
      </div>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <div class="buttons">
        <button class="do" type="submit" :disabled="busy">Keep it</button>
        <button class="plain" type="button" @click="editing = undefined">Leave it</button>
      </div>
    </form>
  </div>
</template>

<style scoped>
.page {
  max-width: 940px;
  margin: 0 auto;
  padding: 28px 22px;
  display: grid;
  gap: 14px;
}

.one {
  padding: 16px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  justify-content: space-between;
}

.buttons {
  display: flex;
  gap: 8px;
  align-items: center;
}

.add {
  justify-self: start;
}

.edit {
  padding: 20px;
  display: grid;
  gap: 14px;
}

.three {
  display: grid;
  grid-template-columns: 2fr 2fr 1fr;
  gap: 12px;
}

.texts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
}

.do {
  max-width: 260px;
}
</style>
