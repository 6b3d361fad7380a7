<script setup lang="ts">
import { useWords } from '@/words/words'
import { ref } from 'vue'
import { Problem } from '@/api/client'
import { readAdapterFile } from '@/api/queries'
import ChoiceField from '@/shell/ChoiceField.vue'
import TextField from '@/shell/TextField.vue'
import type { DeskSettings, Feedline } from './desk'

/** How the traces are looked at: channels, feedline, adapter. */
const settings = defineModel<DeskSettings>({ required: true })
const refused = ref('')

async function chooseAdapter(event: Event) {
  const file = (event.target as HTMLInputElement).files?.[0]
  refused.value = ''
  if (!file) return
  try {
    settings.value.adapterFile = { name: file.name, data: await readAdapterFile(file) }
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    refused.value = error.message
  }
}

defineProps<{ feedlines: Feedline[]; wrongWanted: string; wrongLength: string; mayMove: boolean }>()
const words = useWords()
</script>

<template>
  <section class="card block">
    <TextField
      v-model="settings.wanted"
      name="Wanted channels, MHz"
      hint="153.05, 157.45"
      :wrong="wrongWanted"
    />
    <div class="two">
      <label class="field">
        <span class="name">Feedline</span>
        <select v-model="settings.feedline">
          <option value="">none</option>
          <option v-for="f in feedlines" :key="f.id" :value="f.id">{{ words.phrase(f.title) }}</option>
        </select>
      </label>
      <TextField
        v-model="settings.lineLength"
        name="Its length"
        hint="0 m: not known"
        :wrong="settings.feedline ? wrongLength : ''"
      />
    </div>
    <ChoiceField
      v-if="settings.feedline && mayMove"
      v-model="settings.view"
      name="Seen"
      :options="[
        { value: 'AS_MEASURED', word: 'As it is' },
        { value: 'AT_ANTENNA', word: 'Line off' },
        { value: 'AT_RADIO', word: 'Line on' },
      ]"
      hint="Line off: swept at the radio end, shown at the antenna. Line on: the other way."
    />
    <details>
      <summary>Adapter, window</summary>
      <div class="two">
        <TextField v-model="settings.adapter" name="Adapter, electrical" hint="45 mm; −45 mm" />
        <TextField v-model="settings.adapterLoss" name="Its loss at 1 GHz, dB" hint="0.1" />
      </div>
      <label class="field">
        <span class="name">Or the adapter, measured as a two-port (.s2p)</span>
        <input type="file" accept=".s2p,text/plain" @change="chooseAdapter" />
        <span v-if="refused" class="wrong" role="alert">{{ refused }}</span>
        <span v-else-if="settings.adapterFile" class="hint"
          >{{ settings.adapterFile.name }} is taken off; port 1 faces the instrument.
          <button class="plain" type="button" @click="settings.adapterFile = undefined">Leave it on</button>
        </span>
      </label>
      <label class="field">
        <span class="name">Window of the distances</span>
        <select v-model="settings.window">
          <option value="kaiser">usual</option>
          <option value="rectangular">sharp, with side lobes</option>
          <option value="clean">clean, wider echoes</option>
        </select>
      </label>
    </details>
  </section>
</template>

<style scoped>
details {
  display: grid;
  gap: 8px;
}

input[type='file'] {
  font: inherit;
  min-height: 44px;
  width: 100%;
}

summary {
  cursor: pointer;
  min-height: 28px;
}
</style>
