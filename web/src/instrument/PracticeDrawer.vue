<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import CheckField from '@/ui/CheckField.vue'
import FoldOut from '@/ui/FoldOut.vue'
import PickField from '@/ui/PickField.vue'
import SlideField from '@/ui/SlideField.vue'
import * as v from 'valibot'
import { useKept } from '@/kept'
import { useWords } from '@/words/words'
import { queryOptions, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { usePreferences } from '@/preferences'
import ChoiceField from '@/ui/ChoiceField.vue'
import { useForm } from '@/shell/useForm'
import { formatBoth, formatLength, INCH_M } from '@/units/length'

type Bench = Schemas['BenchState']
type AtPort = Bench['atPort']
type Control = Schemas['InstallationChoice']['controls'][number]

/** What lies on the practice bench: choose it, trim it, disturb it. Tells its parent when another antenna is on. */
const emit = defineEmits<{ another: [choice: Schemas['InstallationChoice']] }>()
const FOLDED = 'dorada.practice-folded'
const PORTS: AtPort[] = ['ANTENNA', 'OPEN', 'SHORT', 'LOAD']

const preferences = usePreferences()
const words = useWords()
const client = useQueryClient()
const stand = queryOptions({ queryKey: ['practice'], queryFn: () => answer(api.GET('/api/practice')) })
const practice = useQuery(stand)
const bench = ref<Bench>()
const { trouble, submit } = useForm()
watch(
  () => practice.data.value?.bench,
  (fresh) => {
    if (fresh) bench.value = { ...fresh, settingsM: [...fresh.settingsM] }
  },
  { immediate: true },
)

/** Shut, it leaves the room to the sweep; it stays as it was left. */
const isFolded = useKept(FOLDED, v.boolean(), false)
const isOpen = computed({ get: () => !isFolded.value, set: (open) => (isFolded.value = !open) })

const choice = computed(() =>
  practice.data.value?.installations.find((i) => i.id === bench.value?.installation),
)
/** The bench's controls with what they are set to. */
const controls = computed(() =>
  (choice.value?.controls ?? []).map((control, i) => ({
    control,
    i,
    now: bench.value?.settingsM[i] ?? control.startM,
  })),
)
const CARRIERS: Schemas['InstallationChoice']['carrier'][] = [
  'VEHICLE',
  'HANDHELD',
  'AIRCRAFT',
  'MAST',
  'INDOOR',
  'PORTABLE',
]
const benches = computed(() =>
  CARRIERS.flatMap((carrier) =>
    (practice.data.value?.installations ?? [])
      .filter((i) => i.carrier === carrier)
      .map((i) => ({
        value: i.id,
        word: words.value.phrase(i.title),
        group: words.value.text(`practiceDrawer.of.${carrier}`),
      })),
  ),
)
const ports = computed(() =>
  PORTS.map((value) => ({ value, word: words.value.text(`practiceDrawer.${value}`) })),
)

async function put(next: Bench) {
  const before = bench.value
  bench.value = next
  const done = await submit(async () => {
    const kept = await answer(api.PUT('/api/practice/bench', { body: next }))
    const all = practice.data.value
    if (all) client.setQueryData(stand.queryKey, { ...all, bench: kept })
  })
  // What is shown is what lies on the bench.
  if (!done) bench.value = before
}

async function take(id: string) {
  const other = practice.data.value?.installations.find((i) => i.id === id)
  if (!other || !bench.value) return
  await put({
    ...bench.value,
    installation: id,
    settingsM: other.controls.map((c) => c.startM),
    conditions: [],
    atPort: 'ANTENNA',
  })
  emit('another', other)
}

function set(i: number, metres: number) {
  const now = bench.value
  const control = choice.value?.controls[i]
  if (!now || !control) return
  const inside = Math.max(control.lowM, Math.min(control.highM, metres))
  void put({ ...now, settingsM: now.settingsM.map((m, k) => (k === i ? inside : m)) })
}

/** A saw only shortens: what was cut is gone, until a new piece is fitted. */
function slide(i: number, metres: number) {
  const control = choice.value?.controls[i]
  const now = bench.value?.settingsM[i]
  if (!control || now === undefined) return
  set(i, control.oneWay ? Math.min(now, metres) : metres)
}

/** A saw's small and large step, round in the unit that is read; what a saw does not lengthen has no way up. */
function changes(control: Control) {
  const [large, small] =
    preferences.unit === 'mm'
      ? [0.01, control.stepM]
      : [INCH_M / 2, INCH_M / (control.stepM < 0.001 ? 32 : 16)]
  const word = (sign: string, metres: number) => `${sign}${formatLength(metres, preferences.unit, true)}`
  return [
    { word: word('−', large), metres: -large },
    { word: word('−', small), metres: -small },
    ...(control.oneWay
      ? []
      : [
          { word: word('+', small), metres: small },
          { word: word('+', large), metres: large },
        ]),
  ]
}

function toggle(name: Bench['conditions'][number]) {
  const now = bench.value
  if (!now) return
  const conditions = now.conditions.includes(name)
    ? now.conditions.filter((c) => c !== name)
    : [...now.conditions, name]
  void put({ ...now, conditions })
}
</script>

<template>
  <FoldOut
    v-if="bench && choice"
    v-model:open="isOpen"
    class="drawer"
    :aria-label="words.text('practiceDrawer.LABEL')"
    :title="words.text('practiceDrawer.TITLE')"
  >
    <PickField
      :name="words.text('practiceDrawer.ON_BENCH')"
      :model-value="bench.installation"
      :options="benches"
      @update:model-value="take"
    />

    <div v-for="c in controls" :key="c.i" class="control">
      <div class="line buttons">
        <span class="what">{{ words.phrase(c.control.name) }}</span>
        <b>{{ formatBoth(c.now, preferences.unit) }}</b>
      </div>
      <SlideField
        :name="words.phrase(c.control.name)"
        :low="c.control.lowM"
        :high="c.control.highM"
        :step="c.control.stepM"
        :model-value="c.now"
        :said="formatBoth(c.now, preferences.unit)"
        @settled="slide(c.i, $event)"
      />
      <div class="line buttons">
        <ActionButton
          v-for="by in changes(c.control)"
          :key="by.word"
          class="small"
          @click="slide(c.i, c.now + by.metres)"
          >{{ by.word }}</ActionButton
        >
        <ActionButton
          v-if="c.control.oneWay && c.now < c.control.startM"
          class="small"
          @click="set(c.i, c.control.startM)"
        >
          {{ words.text('practiceDrawer.NEW_PIECE') }}
        </ActionButton>
        <span class="hint">{{
          words.text(`practiceDrawer.${c.control.oneWay ? 'SHORTER_ONLY' : 'BOTH_WAYS'}`)
        }}</span>
      </div>
    </div>

    <fieldset>
      <legend>{{ words.text('practiceDrawer.DISTURB') }}</legend>
      <CheckField
        v-for="d in choice.conditions"
        :key="d.name"
        :model-value="bench.conditions.includes(d.name)"
        @update:model-value="toggle(d.name)"
      >
        {{ words.phrase(d.words) }}
      </CheckField>
    </fieldset>
    <ChoiceField
      :model-value="bench.atPort"
      :name="words.text('practiceDrawer.AT_ANALYSER')"
      :options="ports"
      @update:model-value="(atPort) => bench && put({ ...bench, atPort })"
    />
    <ChoiceField
      :model-value="bench.atRadio ? 'radio' : 'antenna'"
      :name="words.text('practiceDrawer.MEASURED_AT')"
      :options="[
        { value: 'radio', word: words.text('practiceDrawer.RADIO_END') },
        { value: 'antenna', word: words.text('practiceDrawer.ANTENNA') },
      ]"
      @update:model-value="(at) => bench && put({ ...bench, atRadio: at === 'radio' })"
    />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p class="hint">
      {{ words.text('practiceDrawer.SOLVED') }}
    </p>
  </FoldOut>
</template>

<style scoped>
.drawer {
  padding: 10px 16px;
  border: 2px dashed var(--gold);
  border-radius: 6px;
  background: var(--card);
}

.drawer :deep(summary) {
  font-size: 14px;
  font-weight: 640;
  color: var(--gold-ink);
}

.control {
  display: grid;
  gap: 2px;
}

.line b {
  margin-left: auto;
  white-space: nowrap;
}

.what::first-letter {
  text-transform: uppercase;
}

.small {
  padding: 2px 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: none;
  font-size: 14px;
}
</style>
