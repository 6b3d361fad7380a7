<script setup lang="ts">
import { NInput } from 'naive-ui'
import { ref } from 'vue'
import type { PickedChannel } from './channels'
import ChannelPicker from './ChannelPicker.vue'
import type { PlanForm } from './planForm'

/** The wanted channels: free entry, or a service's list. */
const channels = defineModel<PlanForm['channels']>({ required: true })
defineProps<{ wrong: Record<string, string> }>()

const isPicking = ref(false)

function add() {
  channels.value = [...channels.value, { name: '', mhz: '', primary: channels.value.length === 0 }]
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
  const all = [...typed, ...fresh.map((p) => ({ ...p, primary: false }))]
  if (!all.some((c) => c.primary)) {
    const middle = all[Math.floor((all.length - 1) / 2)]
    if (middle) middle.primary = true
  }
  channels.value = all
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
      <button type="button" class="other" :aria-expanded="isPicking" @click="isPicking = !isPicking">
        From a service or a list
      </button>
    </div>
    <ChannelPicker v-if="isPicking" @take="take" @close="isPicking = false" />
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
