<script setup lang="ts">
import PickField from '@/ui/PickField.vue'
import { optionsOf } from '@/ui/options'
import ActionButton from '@/ui/ActionButton.vue'
import { NInput, NRadio } from 'naive-ui'
import { ref } from 'vue'
import type { PickedChannel } from './channels'
import ChannelPicker from './ChannelPicker.vue'
import { channelForm, type PlanForm } from './planForm'

/** The wanted channels: free entry, or a service's list. */
const emit = defineEmits<{ evenEnds: [] }>()
const channels = defineModel<PlanForm['channels']>({ required: true })
defineProps<{ wrong: Record<string, string>; radios: PlanForm['otherRadios'] }>()

const USES = { BOTH: 'transmit and receive', TRANSMIT: 'transmit only', RECEIVE: 'receive only' } as const
const WEIGHTS = ['0.5', '1', '2', '3', '5']
const isPicking = ref(false)

function add() {
  channels.value = [...channels.value, channelForm('', '', channels.value.length === 0)]
}

function remove(index: number) {
  channels.value = channels.value.filter((_, i) => i !== index)
}

function choosePrimary(index: number) {
  channels.value = channels.value.map((c, i) => ({ ...c, primary: i === index }))
}

/** Rows that hold nothing yet give way to what was picked; a main channel that was chosen stays. */
function take(picked: PickedChannel[]) {
  const typed = channels.value.filter((c) => c.name || c.mhz)
  const fresh = picked.filter((p) => !typed.some((t) => t.name === p.name))
  const all = [...typed, ...fresh.map((p) => channelForm(p.name, p.mhz, false, p.use))]
  if (!all.some((c) => c.primary)) {
    const middle = all[Math.floor((all.length - 1) / 2)]
    if (middle) middle.primary = true
  }
  channels.value = all
}

/** A weight that was set elsewhere stays among the choices. */
const weights = (now: string) => (WEIGHTS.includes(now) ? WEIGHTS : [...WEIGHTS, now])
</script>

<template>
  <fieldset>
    <legend>Channels that must work</legend>
    <div class="rows">
      <div v-for="(c, i) in channels" :key="i" class="row">
        <NInput
          v-model:value="c.name"
          placeholder="Name"
          :status="wrong[`channels[${i}].name`] ? 'error' : undefined"
          :input-props="{ 'aria-label': `Name of channel ${i + 1}` }"
        />
        <NInput
          v-model:value="c.mhz"
          :status="wrong[`channels[${i}].frequencyHz`] ? 'error' : undefined"
          :input-props="{ 'aria-label': `Frequency of channel ${i + 1} in MHz`, inputmode: 'decimal' }"
        >
          <template #suffix><span class="soft">MHz</span></template>
        </NInput>
        <PickField v-model="c.use" :name="`Use of channel ${i + 1}`" bare :options="optionsOf(USES)" />
        <PickField
          v-model="c.weight"
          :name="`Weight of channel ${i + 1}`"
          bare
          :options="weights(c.weight).map((w) => ({ value: w, word: `weight ${w}` }))"
        />
        <NRadio
          class="main"
          name="primary"
          :value="i"
          :checked="c.primary"
          :aria-label="`Channel ${i + 1} is the main one`"
          @update:checked="choosePrimary(i)"
          >main</NRadio
        >
        <ActionButton quiet :aria-label="`Remove channel ${i + 1}`" @click="remove(i)"> Remove </ActionButton>
        <PickField
          v-if="radios.length"
          v-model="c.radio"
          class="of"
          :name="`Radio of channel ${i + 1}`"
          bare
          :options="[
            { value: '', word: 'of the first radio' },
            ...radios.map((r) => ({ value: r.name.trim(), word: `of ${r.name}` })),
          ]"
        />
        <p
          v-if="wrong[`channels[${i}].name`] || wrong[`channels[${i}].frequencyHz`]"
          class="wrong"
          role="alert"
        >
          {{ wrong[`channels[${i}].name`] ?? wrong[`channels[${i}].frequencyHz`] }}
        </p>
      </div>
    </div>
    <p v-if="wrong.channels" class="wrong" role="alert">{{ wrong.channels }}</p>
    <p class="hint">
      A channel of greater weight is drawn nearer to the dip where the rule leaves a choice. A receive-only
      channel is no danger to the transmitter.
    </p>
    <div class="add">
      <ActionButton @click="add">Add a channel</ActionButton>
      <ActionButton :aria-expanded="isPicking" @click="isPicking = !isPicking">
        From a service or a list
      </ActionButton>
    </div>
    <ChannelPicker v-if="isPicking" @even-ends="emit('evenEnds')" @take="take" @close="isPicking = false" />
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

.rows {
  display: grid;
  gap: 8px;
}

.row {
  display: grid;
  grid-template-columns: minmax(100px, 1fr) 136px 188px 108px auto auto;
  gap: 4px 8px;
  align-items: center;
}

.row .wrong,
.row .of {
  grid-column: 1 / -1;
}

.row .of {
  width: 220px;
}

.main {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

@media (max-width: 860px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 150px auto auto;
  }
}
</style>
