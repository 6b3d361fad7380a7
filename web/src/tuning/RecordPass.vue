<script setup lang="ts">
import { useFormFocus } from '@/ui/useFormFocus'
import CheckField from '@/ui/CheckField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { capital, useWords } from '@/words/words'
import { defineAsyncComponent, computed, ref, watch, useTemplateRef } from 'vue'
import { Problem } from '@/api/client'
import { useInventedRecorded } from '@/api/instruments'
import { sendPhoto, useRecordPass } from '@/api/passes'
import type { LiveSweep } from '@/instrument/live'
import { usePreferences } from '@/preferences'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { lastPart, useForm } from '@/shell/useForm'
import { useTypedLengths } from '@/units/typed'
import AnalyserFields from './AnalyserFields.vue'
import { dropDraft, keepDraft, type PassDraft } from './draft'
import LiveWatch from './LiveWatch.vue'
import { liveSettingsOf, readDraft } from './readDraft'
import { visitOf } from './road'
import { changeWords, type Installation } from './sentence'
import SpotFields from './SpotFields.vue'
import { readSpots } from './spots'

/** Records what was done and the sweep after it. The entry stays here until the server has it. */
/** Uploads come with the form that may need them. */
const FileFields = defineAsyncComponent(() => import('./FileFields.vue'))
const CircumstanceFields = defineAsyncComponent(() => import('./CircumstanceFields.vue'))

const props = defineProps<{ installation: Installation; isBaseline: boolean; draft: PassDraft }>()
const emit = defineEmits<{
  recorded: [notice: string]
  close: []
  ready: []
  live: [LiveSweep | undefined]
}>()

const preferences = usePreferences()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))
const words = useWords()
const draft = ref<PassDraft>({ ...props.draft })
const file = ref<File>()
const photo = ref<File>()
const { busy, wrong, trouble, unplaced, submit } = useForm(placeOf)
const record = useRecordPass(computed(() => props.installation.id))
const isUnanswered = ref(false)

const typed = useTypedLengths(draft)
watch(draft, () => keepDraft(props.installation.id, typed()), { deep: true, immediate: true })

/** The third of the readings that were sent stands in a row of the table. */
function placeOf(field: string): string {
  const spot = /^spots\[(\d+)\]/.exec(field)
  return (spot && readSpots(draft.value.meter).rows[Number(spot[1])]) ?? lastPart(field)
}

function read() {
  const read = readDraft(draft.value, props.installation, props.isBaseline, file.value, preferences.unit)
  wrong.value = read.wrong
  return read.pass
}

async function send() {
  trouble.value = ''
  const pass = read()
  if (!pass) return
  await submit(async () => {
    try {
      const recorded = await record.mutateAsync(pass)
      dropDraft(props.installation.id)
      const photoTrouble = await sentPhoto(recorded.id)
      const isEarlierEntry = isUnanswered.value && recorded.changeM !== pass.recording.changeM
      emit(
        'recorded',
        isEarlierEntry
          ? words.value.text('tuning.FIRST_ENTRY', {
              pass: `${recorded.number}`,
              change: changeWords(recorded.changeM, words.value),
            })
          : photoTrouble || (recorded.oldAntenna ? words.value.text('tuning.OLD_RECORDED') : ''),
      )
    } catch (error) {
      isUnanswered.value ||= error instanceof Problem && error.isUnanswered
      throw error
    }
  })
}

/** The pass is safe by now; a photo that is refused must not make it look lost. */
async function sentPhoto(passId: string): Promise<string> {
  if (!photo.value) return ''
  try {
    await sendPhoto(passId, photo.value)
    return ''
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    return words.value.text('tuning.PHOTO_REFUSED', { why: error.message })
  }
}

/** Nobody is held up: it is asked once more where the first reading is taken. */
const isUnready = computed(() => props.isBaseline && !visitOf(props.installation).ready)

const second = computed(() => props.installation.second)
const firstName = computed(() => capital(words.value.phrase(props.installation.antennaPiece)))
const secondName = computed(() => (second.value ? capital(words.value.text(`piece.${second.value.id}`)) : ''))
const ways = computed(() => {
  const s = draft.value.piece === 'second' ? second.value : undefined
  return [
    {
      value: 'shortened' as const,
      word:
        s && !s.isLength ? capital(words.value.text(`inward.${s.id}`)) : words.value.text('tuning.SHORTENED'),
    },
    {
      value: 'lengthened' as const,
      word:
        s && !s.isLength
          ? capital(words.value.text(`outward.${s.id}`))
          : words.value.text('tuning.LENGTHENED'),
    },
    { value: 'nothing' as const, word: words.value.text('tuning.UNCHANGED') },
  ]
})

/** Simulated readings are for practice; a shop's records have none of them. */
const isDemo = useInventedRecorded()
const sources = computed(() => [
  { value: 'analyser' as const, word: words.value.text('tuning.ANALYSER') },
  { value: 'file' as const, word: words.value.text('tuning.FROM_FILE') },
  { value: 'meter' as const, word: words.value.text('tuning.METER') },
  ...(isDemo.value
    ? [{ value: 'simulated' as const, word: words.value.text('tuning.SIMULATED_SOURCE') }]
    : []),
])

const liveSettings = computed(() => liveSettingsOf(draft.value, props.installation))

function close() {
  dropDraft(props.installation.id)
  emit('close')
}
</script>

<template>
  <form ref="sheet" class="card" novalidate @submit.prevent="send" @keydown.esc.stop="close">
    <h2>
      {{
        words.text(
          draft.finalSweep
            ? 'tuning.FINAL_SWEEP'
            : draft.oldAntenna
              ? 'tuning.OLD_SWEEP'
              : isBaseline
                ? 'tuning.BASELINE_SWEEP'
                : 'tuning.WHAT_CHANGED',
        )
      }}
    </h2>
    <p v-if="draft.finalSweep" class="hint">{{ words.text('tuning.ALL_TIGHT') }}</p>
    <p v-if="isUnready" class="hint">
      {{ words.text('getReady.FIRST') }}
      <ActionButton quiet class="link" @click="emit('ready')">{{
        words.text('getReady.ANSWER_IT')
      }}</ActionButton>
    </p>
    <p v-if="isBaseline && draft.source !== 'meter'" class="hint">
      {{ words.text('tuning.BASELINE_HINT') }}
    </p>
    <template v-else-if="!isBaseline && !draft.finalSweep && !draft.oldAntenna">
      <ChoiceField
        v-if="second"
        v-model="draft.piece"
        :name="words.text('tuning.CHANGED')"
        :options="[
          { value: 'first', word: firstName },
          { value: 'second', word: secondName },
        ]"
      />
      <ChoiceField
        v-model="draft.change"
        :name="words.text('tuning.PIECE_WAS', { piece: draft.piece === 'second' ? secondName : firstName })"
        :options="ways"
      />
      <ChoiceField
        v-if="installation.pieces && draft.change !== 'nothing' && draft.piece === 'first'"
        v-model="draft.pieces"
        :name="words.text('tuning.WHICH_CHANGED')"
        :options="[
          { value: 'THIS', word: words.sentence(installation.pieces.one) },
          { value: 'ALIKE', word: words.sentence(installation.pieces.all) },
        ]"
      />
      <TextField
        v-if="draft.change !== 'nothing'"
        v-model="draft.amount"
        class="first-field"
        :name="words.text('tuning.BY')"
        :hint="words.text('tuning.BY_HINT')"
        :wrong="wrong.changeM"
      />
    </template>
    <CheckField v-if="draft.lookedOver" v-model="draft.lookedOver">{{
      words.text('tuning.LOOKED_OVER')
    }}</CheckField>
    <CheckField v-if="isBaseline" v-model="draft.oldAntenna">{{
      words.text('tuning.OLD_ANTENNA')
    }}</CheckField>
    <TextField v-model="draft.note" :name="words.text('tuning.NOTE')" type="textarea" :wrong="wrong.note" />
    <ChoiceField v-model="draft.source" :name="words.text('tuning.READING_FROM')" :options="sources" />
    <div v-if="draft.source === 'simulated' || draft.source === 'analyser'" class="three">
      <TextField
        v-model="draft.startMhz"
        class="first-field"
        :name="words.text('tuning.FROM_MHZ')"
        :wrong="wrong.startHz"
      />
      <TextField v-model="draft.stopMhz" :name="words.text('tuning.TO_MHZ')" :wrong="wrong.stopHz" />
      <TextField v-model="draft.points" :name="words.text('tuning.POINTS')" :wrong="wrong.points" />
    </div>
    <LiveWatch v-if="draft.source === 'analyser'" :settings="liveSettings" @sweep="(s) => emit('live', s)" />
    <AnalyserFields
      v-if="draft.source === 'analyser'"
      v-model="draft.swept"
      :span="liveSettings"
      :wrong="wrong"
    />
    <FileFields
      v-else-if="draft.source === 'file'"
      v-model="draft.swept"
      :wrong="wrong"
      @choose="(chosen) => (file = chosen)"
    />
    <SpotFields
      v-else-if="draft.source === 'meter'"
      v-model="draft.meter"
      :installation="installation"
      :wrong="wrong"
    />
    <div v-if="draft.source === 'meter' && !draft.finalSweep" class="run">
      <TextField
        v-model="draft.runName"
        :name="words.text('runView.NAME')"
        :hint="words.text('runView.NAME_HINT')"
        :wrong="wrong.runName"
      />
      <TextField
        v-if="draft.runName.trim()"
        v-model="draft.runWeight"
        :name="words.text('runView.WEIGHT')"
        :hint="words.text('runView.WEIGHT_HINT')"
        :wrong="wrong.runWeightKg"
      />
    </div>
    <CircumstanceFields
      v-model="draft.circumstances"
      :all="installation.circumstances"
      @photo="(chosen) => (photo = chosen)"
    />
    <CheckField v-if="!isBaseline && !draft.finalSweep" v-model="draft.oldAntenna">{{
      words.text('tuning.OLD_ANTENNA')
    }}</CheckField>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <BigAction lasting submits :disabled="busy">
      {{
        words.text(
          busy
            ? 'tuning.RECORDING'
            : isUnanswered
              ? 'tuning.SEND_AGAIN'
              : draft.source === 'file'
                ? 'tuning.RECORD_FILE'
                : draft.source === 'meter'
                  ? 'tuning.RECORD_READINGS'
                  : 'tuning.SWEEP_NOW',
        )
      }}
      <kbd>Enter</kbd>
    </BigAction>
    <ActionButton quiet @click="close"> {{ words.text('tuning.LEAVE_IT') }} <kbd>Esc</kbd> </ActionButton>
  </form>
</template>

<style scoped>
form {
  padding: 14px;
  gap: 10px;
}

/* Three choices side by side in a narrow column. */
form :deep(.options label) {
  padding: 4px 8px;
  gap: 5px;
  font-size: 15px;
}

.three {
  display: grid;
  grid-template-columns: 1fr 1fr 80px;
  gap: 8px;
  align-items: start;
}
</style>
