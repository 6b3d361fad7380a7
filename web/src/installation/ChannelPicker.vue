<script setup lang="ts">
import CheckField from '@/ui/CheckField.vue'
import FileField from '@/ui/FileField.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useServices, useShopLists, type ShopList } from '@/api/queries'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { formatChannelMhz } from '@/units/frequency'
import { listText, picked, shortName, type PickedChannel } from './channels'

/** Channels from a service, from a list that is pasted, or an airband channel by its name. */
const emit = defineEmits<{ take: [channels: PickedChannel[]]; close: []; evenEnds: [] }>()

const OWN = 'own'
const services = useServices()
const chosen = ref('cb-us')
const marked = ref(new Set<string>())
const pasted = ref('')
const airName = ref('')
const { trouble, submit } = useForm()
const listName = ref('')
const listSource = ref('')
const { lists, keep, remove } = useShopLists()
const removed = ref<ShopList>()
const service = computed(() => services.data.value?.find((s) => s.id === chosen.value))
const shopList = computed(() => lists.data.value?.find((l) => l.id === chosen.value))
const offered = computed(() => service.value?.channels ?? shopList.value?.channels ?? [])

function markUsual() {
  marked.value = new Set(service.value?.usual ?? shopList.value?.channels.map((c) => c.name) ?? [])
}
watch([service, shopList], markUsual, { immediate: true })

function toggle(name: string) {
  const next = new Set(marked.value)
  if (!next.delete(name)) next.add(name)
  marked.value = next
}

function takeMarked() {
  if (service.value?.evenEnds) emit('evenEnds')
  emit(
    'take',
    picked(
      offered.value.filter((c) => marked.value.has(c.name)),
      service.value ? shortName(service.value) : '',
    ),
  )
  emit('close')
}

async function takePasted() {
  const done = await submit(async () => {
    const list = await answer(api.POST('/api/channels/parse', { body: { text: pasted.value } }))
    emit('take', picked(list, ''))
  })
  if (done) emit('close')
}

/** Keeps the typed list for everybody; the same name replaces the list that is open. */
async function keepList() {
  await submit(async () => {
    const kept = await keep.mutateAsync({
      list: lists.data.value?.find((l) => l.name === listName.value.trim()),
      name: listName.value,
      source: listSource.value,
      text: pasted.value,
    })
    chosen.value = kept.id
  })
}

/** A kept list back into the field, to be changed. */
function changeList() {
  const list = shopList.value
  if (!list) return
  listName.value = list.name
  listSource.value = list.source
  pasted.value = listText(list.channels)
  chosen.value = OWN
}

async function removeList() {
  const list = shopList.value
  if (!list) return
  await submit(async () => {
    await remove.mutateAsync(list)
    removed.value = list
    chosen.value = OWN
  })
}

async function putBack() {
  const list = removed.value
  if (!list) return
  await submit(async () => {
    const kept = await keep.mutateAsync({ ...list, list: undefined, text: listText(list.channels) })
    removed.value = undefined
    chosen.value = kept.id
  })
}

async function readFile(file: File | undefined) {
  if (file) pasted.value = await file.text()
}

async function takeAir() {
  const done = await submit(async () => {
    const channel: Schemas['ChannelView'] = await answer(
      api.GET('/api/airband/{name}', { params: { path: { name: airName.value.trim() } } }),
    )
    emit('take', picked([channel], 'Airband'))
  })
  if (done) airName.value = ''
}
</script>

<template>
  <div class="picker card" role="group" aria-label="Channels from a service or a list">
    <PickField
      v-model="chosen"
      name="Service"
      :options="[
        ...(services.data.value ?? []).map((s) => ({ value: s.id, word: `${s.title} · ${s.country}` })),
        ...(lists.data.value ?? []).map((l) => ({ value: l.id, word: `${l.name} · ours` })),
        { value: OWN, word: 'A new list of our own' },
      ]"
    />

    <template v-if="service || shopList">
      <p v-if="service?.forbidden" class="caution stop" role="alert">
        Do not plan another antenna: {{ service.forbidden }}.
      </p>
      <p v-if="shopList" class="hint">
        {{ shopList.source || 'Source not noted' }}; saved by {{ shopList.madeBy }}. Check your licence.
      </p>
      <p v-if="service" class="hint">
        {{ service.reminders.join('. ') }}. Check your licence. Source: {{ service.source }} ({{
          service.country
        }}, {{ service.year }}).
      </p>
      <div class="list">
        <CheckField
          v-for="c in offered"
          :key="c.name"
          :class="{ on: marked.has(c.name) }"
          :model-value="marked.has(c.name)"
          @update:model-value="toggle(c.name)"
        >
          <b>{{ c.name }}</b> {{ formatChannelMhz(c.transmitHz) }}
          <span v-if="c.receiveHz !== c.transmitHz" class="soft"
            >receive {{ formatChannelMhz(c.receiveHz) }}</span
          >
          <span v-if="c.note" class="soft">{{ c.note }}</span>
        </CheckField>
      </div>
      <div v-if="service?.id === 'airband'" class="air">
        <TextField v-model="airName" name="Channel as dialled" placeholder="122.805" />
        <ActionButton :disabled="!airName.trim()" @click="takeAir">Add it</ActionButton>
        <p class="hint">
          8.33 kHz channels are named 5, 10 or 15 kHz above their block: the carrier is looked up.
        </p>
      </div>
      <div class="buttons">
        <ActionButton :disabled="marked.size === 0" @click="takeMarked">
          Add {{ marked.size }} marked
        </ActionButton>
        <ActionButton quiet @click="markUsual">
          {{ service ? 'The usual ones' : 'All of them' }}
        </ActionButton>
        <template v-if="shopList">
          <ActionButton quiet @click="changeList">Change this list</ActionButton>
          <ActionButton quiet @click="removeList">Remove it</ActionButton>
        </template>
        <ActionButton quiet @click="emit('close')">Close</ActionButton>
      </div>
    </template>

    <template v-else-if="chosen === OWN">
      <TextField
        v-model="pasted"
        type="textarea"
        name="One channel on each line"
        hint="Name, MHz, and where it differs what you hear: “Ferry deck; 457.525; 467.525”, or a repeater’s offset: “Hill, 146.940, -0.6”"
      />
      <FileField name="Or a CSV file" accept=".csv,.txt,text/*" @files="readFile($event[0])" />
      <div class="keep">
        <TextField v-model="listName" name="Save it for the shop as" placeholder="Ferry port" />
        <TextField v-model="listSource" name="From where" placeholder="their licence, 2026" />
      </div>
      <div class="buttons">
        <ActionButton :disabled="!pasted.trim()" @click="takePasted"> Add this list </ActionButton>
        <ActionButton :disabled="!pasted.trim() || !listName.trim()" @click="keepList">
          Save it for the shop
        </ActionButton>
        <ActionButton v-if="removed" @click="putBack"> Put “{{ removed.name }}” back </ActionButton>
        <ActionButton quiet @click="emit('close')">Close</ActionButton>
      </div>
    </template>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
.picker {
  padding: 14px 16px;
  display: grid;
  gap: 10px;
}

.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 2px 10px;
  grid-auto-rows: max-content;
  max-height: 300px;
  overflow-y: auto;
}

.list .soft {
  font-size: 14px;
}

.buttons,
.air {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
}

.buttons .other,
.air .other {
  width: auto;
}

.keep {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.stop {
  font-weight: 640;
}
</style>
