<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import SortHead from '@/ui/SortHead.vue'
import { useSorted } from '@/ui/useSorted'
import FileField from '@/ui/FileField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { useWords } from '@/words/words'
import { computed, onBeforeUnmount, ref } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useCalibrations } from '@/api/calibrations'
import { readTraceFile } from '@/api/files'
import { useInstruments } from '@/api/instruments'
import { usePreferences } from '@/preferences'
import TextField from '@/ui/TextField.vue'
import { formatMhz, parseFrequency } from '@/units/frequency'
import { parseLength } from '@/units/length'
import { parseDecimal } from '@/units/number'
import { formatTime } from '@/units/time'
import StandardsTaken, { type Readings } from './StandardsTaken.vue'
import { ageWords, readStandards, usualStandards } from './calibration'

/** The shop's calibrations: made from open, short and load, checked with the load, removed and put back. */
/** The span in MHz that somebody came for. */
const props = defineProps<{ from?: string; to?: string }>()
const preferences = usePreferences()
const words = useWords()
const { calibrations, keep, check, remove, restore } = useCalibrations()
const { sort, sorted } = useSorted(
  computed(() => calibrations.data.value ?? []),
  {
    name: (c) => c.name,
    instrument: (c) => c.instrument,
    span: (c) => c.startHz,
    made: (c) => c.madeAt,
    load: (c) => c.checkedDb,
  },
)
const instruments = useInstruments()
type Step = 'open' | 'shorted' | 'load'
const STEPS: { key: Step; standard: 'OPEN' | 'SHORT' | 'LOAD' }[] = [
  { key: 'open', standard: 'OPEN' },
  { key: 'shorted', standard: 'SHORT' },
  { key: 'load', standard: 'LOAD' },
]
const stepWord = (step: Step) => words.value.text(`calibrationsPage.step.${step}`)
const WATCH_MS = 700
const form = ref({
  name: '',
  cable: '',
  adapter: '',
  instrument: '',
  start: props.from ?? '140',
  stop: props.to ?? '170',
  points: '401',
})
const standards = ref(usualStandards())
const readings = ref<Partial<Record<Step, Schemas['TraceData']>>>({})
const busy = ref('')
const trouble = ref('')
const said = ref('')
const removed = ref<{ id: string; name: string }>()
const isComplete = computed(() => STEPS.every((s) => readings.value[s.key]))
const instrumentName = computed(
  () =>
    instruments.data.value?.find((i) => i.id === form.value.instrument)?.name ??
    words.value.text('calibrationsPage.FROM_FILES'),
)

async function guarded(what: string, action: () => Promise<void>) {
  trouble.value = ''
  said.value = ''
  busy.value = what
  try {
    await action()
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
  } finally {
    busy.value = ''
  }
}

const fromFile = async (file: File) => (await readTraceFile(file)).trace

async function fromInstrument(): Promise<Schemas['TraceData']> {
  const start = parseFrequency(form.value.start)
  const stop = parseFrequency(form.value.stop)
  const points = parseDecimal(form.value.points)
  for (const p of [start, stop, points]) if (!p.ok) throw new Problem(p.why, 422)
  if (!start.ok || !stop.ok || !points.ok) throw new Problem('', 422)
  return answer(
    api.POST('/api/instruments/{id}/raw-sweep', {
      params: { path: { id: form.value.instrument } },
      body: { startHz: start.value, stopHz: stop.value, points: points.value, averages: 4 },
    }),
  )
}

const AT_PORT = { open: 'OPEN', shorted: 'SHORT', load: 'LOAD' } as const

/** The practice stand-in has its standards at hand; on a real analyser a person screws them on. */
async function onPort(step: Step, measure: () => Promise<Schemas['TraceData']>) {
  if (form.value.instrument !== 'stand-in') return measure()
  const { bench } = await answer(api.GET('/api/practice'))
  await answer(api.PUT('/api/practice/bench', { body: { ...bench, atPort: AT_PORT[step] } }))
  try {
    return await measure()
  } finally {
    await answer(api.PUT('/api/practice/bench', { body: bench }))
  }
}

const take = (step: Step) =>
  guarded(step, async () => {
    made.value = undefined
    readings.value = { ...readings.value, [step]: await onPort(step, fromInstrument) }
  })

/** The next of the three, in working order. */
const nextStep = computed(() => STEPS.find((s) => !readings.value[s.key]))
const looked = ref<Schemas['StandardView'][]>([])
const doubtful = computed(() => looked.value.find((l) => !l.isRight))
/** The one just saved: the load is on its port still. */
const made = ref<{ id: string; name: string }>()
const sentence = computed(() => {
  if (said.value) return said.value
  if (made.value) return words.value.text('calibrate.CHECK')
  const standard = (of: 'OPEN' | 'SHORT' | 'LOAD') => words.value.text(`standard.${of}`)
  if (doubtful.value)
    return words.value.text('calibrate.LOOK_AGAIN', { standard: standard(doubtful.value.standard) })
  return nextStep.value
    ? words.value.text('calibrate.NEXT', { standard: standard(nextStep.value.standard) })
    : words.value.text('calibrate.NAME_IT')
})

/** The picture of the next standard moves while somebody watches, before it is taken. */
const watched = ref<Readings>({})
const isWatching = ref(false)
async function watchNext() {
  isWatching.value = true
  while (isWatching.value && nextStep.value) {
    const step = nextStep.value.key
    await guarded('', async () => {
      const trace = await onPort(step, fromInstrument)
      watched.value = isWatching.value ? { [step]: trace } : {}
    })
    if (trouble.value) break
    await new Promise((resolve) => setTimeout(resolve, WATCH_MS))
  }
  stopWatching()
}
function stopWatching() {
  isWatching.value = false
  watched.value = {}
}
onBeforeUnmount(stopWatching)
const choose = (step: Step, file: File | undefined) =>
  guarded(step, async () => {
    if (file) readings.value = { ...readings.value, [step]: await fromFile(file) }
  })

const save = () =>
  guarded('keep', async () => {
    const s = readStandards(standards.value, (text) => parseLength(text, preferences.unit), words.value)
    if (typeof s === 'string') throw new Problem(s, 422)
    const { open, shorted, load } = readings.value
    if (!open || !shorted || !load) throw new Problem(words.value.text('calibrationsPage.ALL_THREE'), 422)
    made.value = await keep.mutateAsync({
      name: form.value.name,
      instrument: instrumentName.value,
      cable: form.value.cable,
      adapter: form.value.adapter,
      standards: s,
      open,
      shorted,
      load,
    })
    readings.value = {}
    looked.value = []
  })

const checkNow = (id: string, file?: File) =>
  guarded(`check ${id}`, async () => {
    made.value = undefined
    const trace = file ? await fromFile(file) : await onPort('load', fromInstrument)
    said.value = words.value.sentence((await check.mutateAsync({ id, trace })).says)
  })
const drop = (c: { id: string; name: string }) =>
  guarded('remove', async () => {
    await remove.mutateAsync(c.id)
    removed.value = c
  })
const putBack = () =>
  guarded('restore', async () => {
    if (removed.value) await restore.mutateAsync(removed.value.id)
    removed.value = undefined
  })
</script>

<template>
  <div class="desk">
    <div class="work">
      <section class="card block scrolls">
        <h1>{{ words.text('calibrationsPage.TITLE') }}</h1>
        <p class="soft">
          {{ words.text('calibrationsPage.WHAT') }}
        </p>
        <PlainTable v-if="calibrations.data.value?.length">
          <thead>
            <tr>
              <SortHead v-model:sort="sort" by="name" :name="words.text('calibrationsPage.NAME')" />
              <SortHead
                v-model:sort="sort"
                by="instrument"
                :name="words.text('calibrationsPage.INSTRUMENT')"
              />
              <th>{{ words.text('calibrationsPage.CABLE_ADAPTER') }}</th>
              <SortHead v-model:sort="sort" by="span" name="MHz" />
              <SortHead v-model:sort="sort" by="made" :name="words.text('calibrationsPage.MADE')" />
              <SortHead v-model:sort="sort" by="load" :name="words.text('calibrationsPage.CAME_BACK')" />
              <th>
                <span class="visually-hidden">{{ words.text('calibrationsPage.DEEDS') }}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="c in sorted" :key="c.id">
              <td>{{ c.name }}</td>
              <td>{{ c.instrument }}</td>
              <td>
                {{
                  [c.cable, c.adapter].filter(Boolean).join(', ') ||
                  words.text('calibrationsPage.NONE_OF_BOTH')
                }}
              </td>
              <td>
                {{
                  words.text('calibrationsPage.SPAN', {
                    low: formatMhz(c.startHz, 0),
                    high: formatMhz(c.stopHz, 0),
                    points: `${c.points}`,
                  })
                }}
              </td>
              <td :title="formatTime(c.madeAt)">{{ ageWords(c.madeAt, words) }}, {{ c.madeBy }}</td>
              <td>
                <template v-if="c.checkedDb !== undefined && c.checkedAt">{{
                  words.text('calibrationsPage.CHECKED', {
                    db: c.checkedDb.toFixed(0),
                    age: ageWords(c.checkedAt, words),
                  })
                }}</template><template v-else>{{ words.text('calibrationsPage.NOT_CHECKED') }}</template>
              </td>
              <td class="acts">
                <ActionButton v-if="form.instrument" quiet @click="checkNow(c.id)">{{
                  words.text('calibrationsPage.CHECK_LOAD')
                }}</ActionButton>
                <FileField
                  v-else
                  small
                  :name="words.text('calibrationsPage.CHECK_FILE')"
                  @files="checkNow(c.id, $event[0])"
                />
                <ActionButton quiet @click="drop(c)">{{
                  words.text('calibrationsPage.REMOVE')
                }}</ActionButton>
              </td>
            </tr>
          </tbody>
        </PlainTable>
        <p v-else class="soft">{{ words.text('calibrationsPage.NONE_YET') }}</p>
        <p v-if="removed" role="status">
          {{ words.text('calibrationsPage.REMOVED', { name: removed.name }) }}
          <ActionButton quiet @click="putBack">{{ words.text('calibrationsPage.PUT_BACK') }}</ActionButton>
        </p>
      </section>
      <StandardsTaken :readings="readings" :watched="watched" @looked="(all) => (looked = all)" />
    </div>
    <aside class="side">
      <p class="sentence" role="status">
        {{ sentence }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <BigAction v-if="made && form.instrument" :disabled="busy !== ''" @click="made && checkNow(made.id)">{{
        words.text('calibrate.CHECK_IT')
      }}</BigAction>
      <form class="card block scrolls" @submit.prevent="save">
        <PickField
          v-model="form.instrument"
          :name="words.text('calibrationsPage.MEASURED_WITH')"
          :options="[
            { value: '', word: words.text('calibrationsPage.FILES') },
            ...(instruments.data.value ?? []).map((i) => ({ value: i.id, word: i.name })),
          ]"
        />
        <div v-if="form.instrument" class="three">
          <TextField v-model="form.start" :name="words.text('calibrationsPage.FROM')" />
          <TextField v-model="form.stop" :name="words.text('calibrationsPage.TO')" />
          <TextField v-model="form.points" :name="words.text('calibrationsPage.POINTS')" />
        </div>
        <p v-if="form.instrument" class="hint">
          {{
            form.instrument === 'stand-in'
              ? words.text('calibrationsPage.BY_ITSELF')
              : words.text('calibrationsPage.SCREW_ON')
          }}
        </p>
        <ActionButton v-if="form.instrument && nextStep" @click="isWatching ? stopWatching() : watchNext()">
          {{ words.text(isWatching ? 'calibrate.STOP_WATCHING' : 'calibrate.WATCH') }}
        </ActionButton>
        <div v-for="s in STEPS" :key="s.key" class="step">
          <span>{{ stepWord(s.key) }}</span>
          <span class="soft">{{
            readings[s.key]
              ? words.text('calibrationsPage.HAS_POINTS', {
                  pointsCount: readings[s.key]?.frequencyHz.length,
                })
              : words.text('calibrationsPage.NOT_YET')
          }}</span>
          <ActionButton v-if="form.instrument" :disabled="busy !== ''" @click="take(s.key)">
            {{ words.text(busy === s.key ? 'calibrationsPage.SWEEPING' : 'calibrationsPage.SWEEP_IT') }}
          </ActionButton>
          <FileField
            v-else
            small
            :word="words.text('calibrationsPage.CHOOSE')"
            :name="stepWord(s.key)"
            @files="choose(s.key, $event[0])"
          />
        </div>
        <TextField
          v-model="form.name"
          :name="words.text('calibrationsPage.NAME')"
          :hint="words.text('calibrationsPage.EXAMPLE')"
        />
        <div class="two">
          <TextField v-model="form.cable" :name="words.text('calibrationsPage.CABLE')" />
          <TextField v-model="form.adapter" :name="words.text('calibrationsPage.ADAPTER')" />
        </div>
        <FoldOut :title="words.text('calibrationsPage.STANDARDS')">
          <div class="two">
            <TextField v-model="standards.openOffset" :name="words.text('calibrationsPage.OPEN_OFFSET')" />
            <TextField v-model="standards.openPf" :name="words.text('calibrationsPage.FRINGING')" />
            <TextField v-model="standards.shortOffset" :name="words.text('calibrationsPage.SHORT_OFFSET')" />
            <TextField v-model="standards.shortNh" :name="words.text('calibrationsPage.INDUCTANCE')" />
            <TextField v-model="standards.loadOhm" :name="words.text('calibrationsPage.LOAD_OHM')" />
          </div>
        </FoldOut>
        <BigAction submits :disabled="!isComplete || busy !== ''">{{
          words.text('calibrationsPage.SAVE')
        }}</BigAction>
      </form>
      <RouterLink class="other" to="/desk">{{ words.text('calibrationsPage.BACK') }}</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.acts {
  white-space: nowrap;
}

.file {
  display: inline-flex;
  align-items: center;
  cursor: pointer;
}

.file:focus-within {
  outline: 3px solid var(--gold);
}

.three {
  display: grid;
  grid-template-columns: 1fr 1fr 84px;
  gap: 8px;
}

.step {
  display: grid;
  grid-template-columns: 64px 1fr auto;
  gap: 8px;
  align-items: center;
}

details .two {
  margin-top: 6px;
}
</style>
