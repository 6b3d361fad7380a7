<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { Problem } from '@/api/client'
import { sendPhoto, useRecordPass, type FileRests, type NewPass } from '@/api/queries'
import type { LiveSettings, LiveSweep } from '@/instrument/live'
import { usePreferences } from '@/preferences'
import ChoiceField from '@/shell/ChoiceField.vue'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import { parseFrequency } from '@/units/frequency'
import { parseLength } from '@/units/length'
import { parseDecimal, type Parsed } from '@/units/number'
import AnalyserFields from './AnalyserFields.vue'
import { dropDraft, keepDraft, type Circumstance, type PassDraft } from './draft'
import FileFields from './FileFields.vue'
import LiveWatch from './LiveWatch.vue'
import { changeWords, type Installation } from './sentence'
import SpotFields from './SpotFields.vue'
import { readSpots } from './spots'

/** Records what was done and the sweep after it. The entry stays here until the server has it. */
const props = defineProps<{ installation: Installation; isBaseline: boolean; draft: PassDraft }>()
const emit = defineEmits<{ recorded: [notice: string]; close: []; live: [LiveSweep | undefined] }>()

const CIRCUMSTANCES: { value: Circumstance; word: string }[] = [
  { value: 'ON_THE_GROUND', word: 'On the ground, before it goes up' },
  { value: 'INDOORS', word: 'Indoors' },
  { value: 'DOOR_OPEN', word: 'A door open' },
  { value: 'PEOPLE_NEAR', word: 'People or metal near' },
  { value: 'HAND_ON_IT', word: 'A hand on it' },
  { value: 'OUT_OF_ITS_TUBE', word: 'Out of the tube it will hang in' },
]

const preferences = usePreferences()
const draft = ref<PassDraft>({ ...props.draft })
const file = ref<File>()
const photo = ref<File>()
const { busy, wrong, trouble, submit } = useForm()
const record = useRecordPass(computed(() => props.installation.id))
const isUnanswered = ref(false)

watch(draft, (typed) => keepDraft(props.installation.id, typed), { deep: true, immediate: true })

function read(): NewPass | undefined {
  const bad: Record<string, string> = {}
  const take = (field: string, result: Parsed): number => {
    if (result.ok) return result.value
    bad[field] = result.why
    return NaN
  }
  const d = draft.value
  const isChanged = !props.isBaseline && !d.oldAntenna && d.change !== 'nothing'
  const amount = isChanged ? take('changeM', parseLength(d.amount, preferences.unit)) : 0
  if (isChanged && amount < 0)
    bad.changeM = 'Please type the amount without a sign; the side is chosen above.'
  const by = d.change === 'shortened' ? -amount : amount
  const isSecond = d.piece === 'second' && props.installation.second !== undefined
  const recording = {
    requestKey: d.requestKey,
    changeM: isSecond ? 0 : by,
    note: d.note,
    ...(isSecond && by ? { secondChangeM: by } : {}),
    ...(d.circumstances.length ? { circumstances: d.circumstances } : {}),
    ...(props.isBaseline && d.oldAntenna ? { oldAntenna: true } : {}),
    ...(d.finalSweep ? { finalSweep: true } : {}),
  }
  let pass: NewPass | undefined
  const { rests, declared, port, instrument } = d.swept
  const isKind = rests.endsWith('_ANALYSER')
  const rested = {
    ...recording,
    ...(isKind ? { rests: rests as FileRests, declared } : { calibrationId: rests }),
  }
  if (d.source === 'file') {
    if (file.value) pass = { recording: rested, file: file.value, port: Number(port) }
    else bad.file = 'Please choose a file.'
  } else if (d.source === 'meter') {
    const { spots, wrong: wrongSpots } = readSpots(d.meter)
    Object.assign(bad, wrongSpots)
    pass = { recording, kind: d.meter.kind, spots }
  } else {
    const startHz = take('startHz', parseFrequency(d.startMhz))
    const stopHz = take('stopHz', parseFrequency(d.stopMhz))
    const points = take('points', parseDecimal(d.points))
    if (startHz >= stopHz) bad.stopHz = 'The sweep must stop above its start.'
    if (!Number.isInteger(points) || points < 2 || points > 1601)
      bad.points ??= 'A sweep has 2 to 1601 points.'
    pass =
      d.source === 'analyser'
        ? { recording: rested, startHz, stopHz, points, instrument }
        : { recording, startHz, stopHz, points }
  }
  wrong.value = bad
  return Object.keys(bad).length === 0 ? pass : undefined
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
          ? `Your first entry had arrived after all: pass ${recorded.number}, ${changeWords(recorded.changeM, preferences.unit)}.`
          : photoTrouble,
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
    return `The pass is recorded, its photo is not: ${error.message}`
  }
}

const second = computed(() => props.installation.second)
const firstName = computed(() => `The ${props.installation.antennaPiece.replace(/^each /, '')}`)
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
const ways = computed(() => {
  const s = draft.value.piece === 'second' ? second.value : undefined
  return [
    { value: 'shortened' as const, word: s ? capital(s.inward) : 'Shortened' },
    { value: 'lengthened' as const, word: s ? capital(s.outward) : 'Lengthened' },
    { value: 'nothing' as const, word: 'Kept' },
  ]
})

/** What the analyser would sweep now, for watching it before recording. */
const liveSettings = computed<LiveSettings | undefined>(() => {
  const d = draft.value
  const low = parseFrequency(d.startMhz)
  const high = parseFrequency(d.stopMhz)
  const points = parseDecimal(d.points)
  if (d.source !== 'analyser' || !low.ok || !high.ok || !points.ok || low.value >= high.value)
    return undefined
  return {
    instrument: d.swept.instrument,
    startHz: low.value,
    stopHz: high.value,
    points: points.value,
    averages: 1,
    hold: false,
    find: false,
    ...(d.swept.rests.endsWith('_ANALYSER') ? {} : { calibrationId: d.swept.rests }),
  }
})

function close() {
  dropDraft(props.installation.id)
  emit('close')
}
</script>

<template>
  <form class="card" novalidate @submit.prevent="send" @keydown.esc.stop="close">
    <h2>{{ draft.finalSweep ? 'Final sweep' : isBaseline ? 'Baseline sweep' : 'What was changed?' }}</h2>
    <p v-if="draft.finalSweep" class="hint">Everything tight, sealed and capped, as it will be used.</p>
    <p v-if="isBaseline && draft.source !== 'meter'" class="hint">
      The old antenna, or the new one untouched. Sweep wider than the band first to find the dip.
    </p>
    <template v-else-if="!isBaseline && !draft.finalSweep">
      <ChoiceField
        v-if="second"
        v-model="draft.piece"
        name="Changed"
        :options="[
          { value: 'first', word: firstName },
          { value: 'second', word: capital(second.name) },
        ]"
      />
      <ChoiceField
        v-model="draft.change"
        :name="`${draft.piece === 'second' && second ? capital(second.name) : firstName} was`"
        :options="ways"
      />
      <TextField
        v-if="draft.change !== 'nothing'"
        v-model="draft.amount"
        name="By"
        hint="What was really done: 6 mm, 1/4 in, 0.6 cm."
        :wrong="wrong.changeM"
      />
    </template>
    <label v-if="isBaseline" class="tick">
      <input v-model="draft.oldAntenna" type="checkbox" /> This is the old antenna, kept as a reference
    </label>
    <TextField v-model="draft.note" name="Note" type="textarea" :wrong="wrong.note" />
    <ChoiceField
      v-model="draft.source"
      name="Reading from"
      :options="[
        { value: 'analyser', word: 'Analyser' },
        { value: 'file', word: 'File' },
        { value: 'meter', word: 'Meter, dial' },
        { value: 'simulated', word: 'Simulated' },
      ]"
    />
    <div v-if="draft.source === 'simulated' || draft.source === 'analyser'" class="three">
      <TextField v-model="draft.startMhz" name="From, MHz" :wrong="wrong.startHz" />
      <TextField v-model="draft.stopMhz" name="To, MHz" :wrong="wrong.stopHz" />
      <TextField v-model="draft.points" name="Points" :wrong="wrong.points" />
    </div>
    <LiveWatch v-if="draft.source === 'analyser'" :settings="liveSettings" @sweep="(s) => emit('live', s)" />
    <AnalyserFields v-if="draft.source === 'analyser'" v-model="draft.swept" :wrong="wrong" />
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
    <details :open="draft.circumstances.length > 0">
      <summary>Circumstances, photo</summary>
      <label v-for="c in CIRCUMSTANCES" :key="c.value" class="tick">
        <input v-model="draft.circumstances" type="checkbox" :value="c.value" /> {{ c.word }}
      </label>
      <label class="field">
        <span class="name">Photo</span>
        <input
          type="file"
          accept="image/jpeg,image/png"
          capture="environment"
          @change="photo = ($event.target as HTMLInputElement).files?.[0]"
        />
      </label>
    </details>
    <p v-if="trouble && !Object.keys(wrong).length" class="wrong" role="alert">{{ trouble }}</p>
    <button class="do" type="submit" :disabled="busy">
      {{
        busy
          ? 'Recording…'
          : isUnanswered
            ? 'Send again'
            : draft.source === 'file'
              ? 'Record the file'
              : draft.source === 'meter'
                ? 'Record the readings'
                : 'Sweep now'
      }}
      <kbd>Enter</kbd>
    </button>
    <button class="plain" type="button" @click="close">Leave it <kbd>Esc</kbd></button>
  </form>
</template>

<style scoped>
form {
  padding: 14px;
  display: grid;
  gap: 10px;
}

/* Three choices side by side in a narrow column. */
form :deep(.options label) {
  padding: 4px 8px;
  gap: 5px;
  font-size: 15px;
}

.tick {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 40px;
}

.tick input {
  flex: none;
  width: 20px;
  height: 20px;
  accent-color: var(--trace);
}

summary {
  cursor: pointer;
  min-height: 32px;
}

input[type='file'] {
  font: inherit;
  min-height: 44px;
  width: 100%;
}

.three {
  display: grid;
  grid-template-columns: 1fr 1fr 80px;
  gap: 8px;
  align-items: start;
}
</style>
