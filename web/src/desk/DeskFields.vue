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
      :name="words.text('deskPage.WANTED')"
      hint="153.05, 157.45"
      :wrong="wrongWanted"
    />
    <div class="two">
      <PickField
        v-model="settings.feedline"
        :name="words.text('deskPage.FEEDLINE')"
        :options="feedlineOptions(feedlines, words, words.text('deskPage.NO_LINE'))"
      />
      <TextField
        v-model="settings.lineLength"
        :name="words.text('deskPage.ITS_LENGTH')"
        :hint="words.text('deskPage.NOT_KNOWN')"
        :wrong="settings.feedline ? wrongLength : ''"
      />
    </div>
    <ChoiceField
      v-if="settings.feedline && mayMove"
      v-model="settings.view"
      :name="words.text('deskPage.SEEN')"
      :options="[
        { value: 'AS_MEASURED', word: words.text('deskPage.AS_MEASURED') },
        { value: 'AT_ANTENNA', word: words.text('deskPage.AT_ANTENNA') },
        { value: 'AT_RADIO', word: words.text('deskPage.AT_RADIO') },
      ]"
      :hint="words.text('deskPage.SEEN_HINT')"
    />
    <FoldOut :title="words.text('deskPage.ADAPTER_WINDOW')">
      <div class="two">
        <TextField v-model="settings.adapter" :name="words.text('deskPage.ADAPTER')" hint="45 mm; −45 mm" />
        <TextField v-model="settings.adapterLoss" :name="words.text('deskPage.ADAPTER_LOSS')" hint="0.1" />
      </div>
      <FileField
        :name="words.text('deskPage.ADAPTER_FILE')"
        accept=".s2p,text/plain"
        :wrong="refused"
        @files="chooseAdapter($event[0])"
      />
      <p v-if="settings.adapterFile" class="hint">
        {{ words.text('deskPage.ADAPTER_OFF', { name: settings.adapterFile.name }) }}
        <ActionButton quiet @click="settings.adapterFile = undefined">{{
          words.text('deskPage.LEAVE_IT')
        }}</ActionButton>
      </p>
      <PickField
        v-model="settings.window"
        :name="words.text('deskPage.WINDOW')"
        :options="[
          { value: 'kaiser', word: words.text('deskPage.USUAL') },
          { value: 'rectangular', word: words.text('deskPage.SHARP') },
          { value: 'clean', word: words.text('deskPage.CLEAN') },
        ]"
      />
    </FoldOut>
  </section>
</template>
