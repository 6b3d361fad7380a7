<script setup lang="ts">
import CheckField from '@/ui/CheckField.vue'
import FileField from '@/ui/FileField.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import ActionButton from '@/ui/ActionButton.vue'
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useShopLists, type ShopList } from '@/api/channelLists'
import { useServices } from '@/api/installation'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { formatChannelMhz } from '@/units/frequency'
import { listText, picked, type PickedChannel } from './channels'

/** Channels from a service, from a list that is pasted, or an airband channel by its name. */
const words = useWords()
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
      service.value ? words.value.phrase(service.value.shortTitle) : '',
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
  <div class="picker card stack" role="group" :aria-label="words.text('channelPicker.TITLE')">
    <PickField
      v-model="chosen"
      :name="words.text('channelPicker.SERVICE')"
      :disabled="services.isPending.value || lists.isPending.value"
      :options="[
        ...(services.data.value ?? []).map((s) => ({
          value: s.id,
          word: `${words.phrase(s.title)} · ${words.phrase(s.country)}`,
        })),
        ...(lists.data.value ?? []).map((l) => ({
          value: l.id,
          word: words.text('channelPicker.OURS', { name: l.name }),
        })),
        { value: OWN, word: words.text('channelPicker.NEW') },
      ]"
    />

    <template v-if="service || shopList">
      <p v-if="service?.forbidden" class="caution stop" role="alert">
        {{ words.text('channelPicker.FORBIDDEN', { why: words.phrase(service.forbidden) }) }}
      </p>
      <p v-if="shopList" class="hint">
        {{
          words.text('channelPicker.OF_LIST', {
            source: shopList.source || words.text('channelPicker.NO_SOURCE'),
            who: shopList.madeBy,
          })
        }}
      </p>
      <p v-if="service" class="hint">
        {{
          words.text('channelPicker.OF_SERVICE', {
            reminders: service.reminders.map((r) => words.phrase(r)).join('. '),
            source: service.source,
            country: words.phrase(service.country),
            year: `${service.year}`,
          })
        }}
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
          <span v-if="c.receiveHz !== c.transmitHz" class="soft">{{
            words.text('channelPicker.RECEIVE', { mhz: formatChannelMhz(c.receiveHz) })
          }}</span>
          <span v-if="c.note" class="soft">{{ c.note }}</span>
        </CheckField>
      </div>
      <div v-if="service?.id === 'airband'" class="air">
        <TextField v-model="airName" :name="words.text('channelPicker.DIALLED')" placeholder="122.805" />
        <ActionButton :disabled="!airName.trim()" @click="takeAir">{{
          words.text('channelPicker.ADD_IT')
        }}</ActionButton>
        <p class="hint">
          {{ words.text('channelPicker.AIR_HINT') }}
        </p>
      </div>
      <div class="buttons">
        <ActionButton :disabled="marked.size === 0" @click="takeMarked">
          {{ words.text('channelPicker.ADD_MARKED', { count: marked.size }) }}
        </ActionButton>
        <ActionButton quiet @click="markUsual">
          {{ words.text(`channelPicker.${service ? 'USUAL' : 'ALL'}`) }}
        </ActionButton>
        <template v-if="shopList">
          <ActionButton quiet @click="changeList">{{ words.text('channelPicker.CHANGE') }}</ActionButton>
          <ActionButton quiet @click="removeList">{{ words.text('channelPicker.REMOVE') }}</ActionButton>
        </template>
        <ActionButton quiet @click="emit('close')">{{ words.text('channelPicker.CLOSE') }}</ActionButton>
      </div>
    </template>

    <template v-else-if="chosen === OWN">
      <TextField
        v-model="pasted"
        type="textarea"
        :name="words.text('channelPicker.PASTE')"
        :hint="words.text('channelPicker.PASTE_HINT')"
      />
      <FileField
        :name="words.text('channelPicker.FILE')"
        accept=".csv,.txt,text/*"
        @files="readFile($event[0])"
      />
      <div class="keep">
        <TextField v-model="listName" :name="words.text('channelPicker.SAVE_AS')" placeholder="Ferry port" />
        <TextField
          v-model="listSource"
          :name="words.text('channelPicker.FROM_WHERE')"
          :placeholder="words.text('channelPicker.FROM_SUCH_AS')"
        />
      </div>
      <div class="buttons">
        <ActionButton :disabled="!pasted.trim()" @click="takePasted">{{
          words.text('channelPicker.ADD_LIST')
        }}</ActionButton>
        <ActionButton :disabled="!pasted.trim() || !listName.trim()" @click="keepList">
          {{ words.text('channelPicker.KEEP') }}
        </ActionButton>
        <ActionButton v-if="removed" @click="putBack">{{
          words.text('channelPicker.PUT_BACK', { name: removed.name })
        }}</ActionButton>
        <ActionButton quiet @click="emit('close')">{{ words.text('channelPicker.CLOSE') }}</ActionButton>
      </div>
    </template>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
  </div>
</template>

<style scoped>
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

.keep {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}

.stop {
  font-weight: 640;
}
</style>
