<script setup lang="ts">
import FileField from '@/ui/FileField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { ref } from 'vue'
import { Problem } from '@/api/client'
import { readAdapterFile } from '@/api/files'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { feedlineOptions } from '@/planning/feedlines'
import type { DeskSettings, Feedline } from './desk'

/** How the traces are looked at: channels, feedline, adapter. */
const settings = defineModel<DeskSettings>({ required: true })
const refused = ref('')

async function chooseAdapter(file: File | undefined) {
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
      <PickField
        v-model="settings.feedline"
        name="Feedline"
        :options="feedlineOptions(feedlines, words, 'none')"
      />
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
        { value: 'AT_ANTENNA', word: 'Line taken off' },
        { value: 'AT_RADIO', word: 'Line added' },
      ]"
      hint="Taken off: swept at the radio end, shown at the antenna. Added: the other way."
    />
    <FoldOut title="Adapter, window">
      <div class="two">
        <TextField v-model="settings.adapter" name="Adapter, electrical" hint="45 mm; −45 mm" />
        <TextField v-model="settings.adapterLoss" name="Its loss at 1 GHz, dB" hint="0.1" />
      </div>
      <FileField
        name="Or the adapter, measured as a two-port (.s2p)"
        accept=".s2p,text/plain"
        :wrong="refused"
        @files="chooseAdapter($event[0])"
      />
      <p v-if="settings.adapterFile" class="hint">
        {{ settings.adapterFile.name }} is taken off; port 1 faces the instrument.
        <ActionButton quiet @click="settings.adapterFile = undefined">Leave it on</ActionButton>
      </p>
      <PickField
        v-model="settings.window"
        name="Window of the distances"
        :options="[
          { value: 'kaiser', word: 'usual' },
          { value: 'rectangular', word: 'sharp, with side lobes' },
          { value: 'clean', word: 'clean, wider echoes' },
        ]"
      />
    </FoldOut>
  </section>
</template>
