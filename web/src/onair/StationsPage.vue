<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import { useMe } from '@/api/people'
import SameAs from '@/catalogue/SameAs.vue'
import TableInAndOut from '@/catalogue/TableInAndOut.vue'
import WrittenTwice from '@/catalogue/WrittenTwice.vue'
import { useMergeOf } from '@/catalogue/useTwice'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import TextField from '@/ui/TextField.vue'
import { formatDistance, parseDistance, typedDistance } from '@/units/distance'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { formatMetres, parseLength } from '@/units/length'
import type { Parsed } from '@/units/number'
import { useWords } from '@/words/words'
import type { Station } from './callForm'
import { stations as known, useStations } from './useAir'

/** Whom the shop calls. */
const words = useWords()
const client = useQueryClient()
const me = useMe()
const mayWrite = computed(() => me.data.value?.role !== 'VIEWER')
const isLead = computed(() => me.data.value?.role === 'LEAD')
const stations = useStations()
const empty = { name: '', mhz: '', distance: '', height: '', note: '' }
const form = ref({ ...empty })
const editing = ref<Station | 'new'>()
const { busy, wrong, unplaced, submit } = useForm()

const renew = () => client.invalidateQueries(known)
const edited = computed(() => (editing.value === 'new' ? undefined : editing.value))
const others = computed(() =>
  (stations.data.value ?? [])
    .filter((s) => s.id !== edited.value?.id)
    .map((s) => ({ id: s.id, word: s.name })),
)
const { trouble: notMerged, question, merge } = useMergeOf('stations')
async function put(into: string) {
  if (edited.value && (await merge(edited.value.id, into))) editing.value = undefined
  await renew()
}

function edit(s: Station) {
  editing.value = s
  form.value = {
    name: s.name,
    mhz: s.frequencyHz === undefined ? '' : formatChannelMhz(s.frequencyHz),
    distance: typedDistance(s.distanceM),
    height: s.heightM === undefined ? '' : `${s.heightM} m`,
    note: s.note,
  }
}
function add() {
  editing.value = 'new'
  form.value = { ...empty }
}

async function save() {
  const refused: Record<string, string> = {}
  const take = (field: string, text: string, read: (text: string) => Parsed) => {
    if (text.trim() === '') return undefined
    const result = read(text)
    if (result.ok) return result.value
    refused[field] = result.why
    return undefined
  }
  const body = {
    version: edited.value?.version ?? 0,
    name: form.value.name,
    frequencyHz: take('frequencyHz', form.value.mhz, parseFrequency),
    distanceM: take('distanceM', form.value.distance, parseDistance),
    heightM: take('heightM', form.value.height, (t) => parseLength(/[a-z'"]/i.test(t) ? t : `${t} m`, 'mm')),
    note: form.value.note,
  }
  wrong.value = refused
  if (Object.keys(refused).length > 0) return
  const id = edited.value?.id
  const done = await submit(async () => {
    await answer(
      id
        ? api.PUT('/api/stations/{id}', { params: { path: { id } }, body })
        : api.POST('/api/stations', { body }),
    )
  })
  if (done) editing.value = undefined
  await renew()
}

async function remove(s: Station) {
  await submit(async () => {
    await answer(api.DELETE('/api/stations/{id}', { params: { path: { id: s.id } } }))
  })
  await renew()
}
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('stations.TITLE') }}</h1>
    <p class="soft">{{ words.text('stations.WHY') }}</p>
    <p v-if="stations.data.value?.length === 0">{{ words.text('stations.NONE') }}</p>
    <TableCard v-else-if="stations.data.value">
      <thead>
        <tr>
          <th>{{ words.text('air.NAME') }}</th>
          <th class="number">{{ words.text('air.FREQUENCY') }}</th>
          <th class="number">{{ words.text('air.DISTANCE') }}</th>
          <th class="number">{{ words.text('air.HEIGHT') }}</th>
          <th class="number">{{ words.text('stations.HORIZON') }}</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in stations.data.value" :key="s.id">
          <td>
            {{ s.name }}<span v-if="s.note" class="soft below">{{ s.note }}</span>
          </td>
          <td class="number">{{ s.frequencyHz === undefined ? '–' : formatChannelMhz(s.frequencyHz) }}</td>
          <td class="number">{{ s.distanceM === undefined ? '–' : formatDistance(s.distanceM) }}</td>
          <td class="number">{{ s.heightM === undefined ? '–' : formatMetres(s.heightM) }}</td>
          <td class="number">{{ s.horizonM === undefined ? '–' : formatDistance(s.horizonM) }}</td>
          <td class="deeds">
            <template v-if="mayWrite">
              <ActionButton quiet @click="edit(s)">{{ words.text('radios.CHANGE') }}</ActionButton>
              <ConfirmButton
                :question="words.text('stations.REMOVE_REALLY', { name: s.name })"
                :yes="words.text('radios.REMOVE_IT')"
                @confirmed="remove(s)"
                >{{ words.text('radios.REMOVE') }}</ConfirmButton
              >
            </template>
          </td>
        </tr>
      </tbody>
    </TableCard>
    <form v-if="editing" class="card stack" novalidate @submit.prevent="save">
      <div class="fields">
        <TextField v-model="form.name" :name="words.text('air.NAME')" :wrong="wrong.name" />
        <TextField
          v-model="form.mhz"
          :name="words.text('air.FREQUENCY')"
          inputmode="decimal"
          :wrong="wrong.frequencyHz"
        />
        <TextField v-model="form.distance" :name="words.text('air.DISTANCE')" :wrong="wrong.distanceM" />
        <TextField v-model="form.height" :name="words.text('air.HEIGHT')" :wrong="wrong.heightM" />
      </div>
      <TextField v-model="form.note" :name="words.text('air.NOTE')" :wrong="wrong.note" />
      <SameAs
        v-if="edited && isLead"
        :others="others"
        :question="(_, stays) => question(stays, edited?.name ?? '')"
        @put="put"
      />
      <p v-if="notMerged" class="wrong" role="alert">{{ notMerged }}</p>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <div class="buttons">
        <BigAction class="fit" submits :disabled="busy">{{ words.text('radios.SAVE') }}</BigAction>
        <ActionButton quiet @click="editing = undefined">{{ words.text('radios.CANCEL') }}</ActionButton>
      </div>
    </form>
    <ActionButton v-else-if="mayWrite" class="start" @click="add">{{
      words.text('stations.ADD')
    }}</ActionButton>
    <WrittenTwice of="stations" :things="stations.data.value ?? []" @merged="renew()" />
    <TableInAndOut of="stations" @taken="renew()" />
  </PageFrame>
</template>
