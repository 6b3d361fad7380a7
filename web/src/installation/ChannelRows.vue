<script setup lang="ts">
import { NInput } from 'naive-ui'
import { useServices } from '@/api/queries'
import { formatMhz } from '@/units/frequency'
import type { PlanForm } from './planForm'

/** The wanted channels: free entry, or a service's list. */
const channels = defineModel<PlanForm['channels']>({ required: true })
defineProps<{ wrong: Record<string, string> }>()

const services = useServices()
const CB_ENDS_AND_MIDDLE = ['CB 1', 'CB 19', 'CB 40']

function add() {
  channels.value = [...channels.value, { name: '', mhz: '', primary: channels.value.length === 0 }]
}

function remove(index: number) {
  channels.value = channels.value.filter((_, i) => i !== index)
}

function choosePrimary(index: number) {
  channels.value = channels.value.map((c, i) => ({ ...c, primary: i === index }))
}

function addCitizensBand() {
  const list = services.data.value?.find((s) => s.service === 'CB')?.channels ?? []
  const added = list
    .filter((c) => CB_ENDS_AND_MIDDLE.includes(c.name))
    .map((c) => ({ name: c.name, mhz: formatMhz(c.frequencyHz), primary: c.name === 'CB 19' }))
  const typed = channels.value
    .filter((c) => (c.name || c.mhz) && !CB_ENDS_AND_MIDDLE.includes(c.name))
    .map((c) => ({ ...c, primary: false }))
  channels.value = [...typed, ...added]
}
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
          placeholder="MHz"
          :status="wrong[`channels[${i}].frequencyHz`] ? 'error' : undefined"
          :input-props="{ 'aria-label': `Frequency of channel ${i + 1} in MHz`, inputmode: 'decimal' }"
        >
          <template #suffix><span class="soft">MHz</span></template>
        </NInput>
        <label class="main"
          ><input type="radio" name="primary" :checked="c.primary" @change="choosePrimary(i)" /> main</label
        >
        <button type="button" class="plain" :aria-label="`Remove channel ${i + 1}`" @click="remove(i)">
          Remove
        </button>
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
    <div class="add">
      <button type="button" class="other" @click="add">Add a channel</button>
      <button type="button" class="other" :disabled="!services.data.value" @click="addCitizensBand">
        Add CB 1, 19, 40
      </button>
      <span class="hint">CB frequencies: {{ services.data.value?.[0]?.source ?? '' }}</span>
    </div>
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
  grid-template-columns: minmax(0, 1fr) 190px auto auto;
  gap: 4px 10px;
  align-items: center;
}

.row .wrong {
  grid-column: 1 / -1;
}

.main {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}

.main input {
  accent-color: var(--trace);
  width: 17px;
  height: 17px;
}

.add {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
