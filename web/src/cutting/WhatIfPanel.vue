<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import PlainTable from '@/ui/PlainTable.vue'
import ProgressBar from '@/ui/ProgressBar.vue'
import SlideField from '@/ui/SlideField.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useDebounceFn } from '@vueuse/core'
import { useWords } from '@/words/words'
import { computed, ref, watch } from 'vue'
import { formatOhm } from '@/units/impedance'
import { useSolving } from '@/antenna/useSolving'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useLatest } from '@/api/latest'
import { drawn } from '@/planning/band'
import SweepPlot from '@/plots/SweepPlot.vue'
import type { Peg, PlotTrace } from '@/plots/sweep/trace'
import { returnLossAt } from '@/plots/sweepScale'
import { usePreferences } from '@/preferences'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { isAsked, requestOf, shown, type Asked, type Sheet, type SheetInput } from './sheet'

/** What a change would do: every dimension and every number of the sheet can be slid, and the curve follows. */
const props = defineProps<{ asked: Asked; sheet: Sheet; inputs: SheetInput[] }>()

type Curve = Schemas['CurveView']
type Row = Schemas['RowView']

const preferences = usePreferences()
const words = useWords()
const unit = computed(() => preferences.unit)
const band = ref(0)
const shape = ref<Record<string, number>>({})
const numbers = ref<Record<string, number>>({})
const choices = ref<Record<string, string>>({})
const before = ref<Curve>()
const after = ref<Curve>()
const trouble = ref('')
const latest = useLatest()

const moved = computed(
  () =>
    Object.keys(shape.value).length + Object.keys(numbers.value).length + Object.keys(choices.value).length >
    0,
)
const slides = computed(() =>
  props.sheet.lines.map((l) => ({
    ...l,
    now: shape.value[l.id] ?? l.used,
    low: l.quantity === 'ANGLE' ? 0 : l.used * 0.7,
    high: l.quantity === 'ANGLE' ? Math.max(90, l.used) : l.used * 1.3,
  })),
)
const wanted = computed(() => ({ ...props.sheet.choices, ...choices.value }))
/** These change what is cut or wound, but no wire that is solved. */
const own = new Set(['factor', 'measuredLengthM', 'measuredAtHz', 'depthM', 'pinM', 'formerM', 'pitchM'])
/** Numbers that are no dimension already, and that say something about the wires. */
const inputSlides = computed(() =>
  props.inputs
    .filter((i) => !i.options.length && isAsked(i, wanted.value) && !own.has(i.id) && i.highest > i.lowest)
    .map((i) => ({ ...i, now: numbers.value[i.id] ?? props.sheet.numbers[i.id] ?? i.usual })),
)
/** What is a dimension too is slid there. */
const otherSlides = computed(() =>
  inputSlides.value.filter((i) => !props.sheet.lines.some((l) => l.id === i.id)),
)
const switches = computed(() =>
  props.inputs.filter((i) => i.options.length && i.id !== 'factorFrom' && i.id !== 'line'),
)

const asked = computed<Asked>(() => ({
  ...props.asked,
  numbers: { ...props.asked.numbers, ...numbers.value },
  choices: wanted.value,
}))

async function curve(isFirst: boolean) {
  const signal = latest()
  try {
    const seen = await answer(
      api.POST('/api/cutting/curve', {
        signal,
        body: {
          sheet: requestOf(isFirst ? props.asked : asked.value),
          shape: isFirst ? props.sheet.shape : kept(),
          band: band.value,
        },
      }),
    )
    if (signal.aborted) return
    trouble.value = ''
    if (isFirst) before.value = seen
    after.value = seen
    if (isFirst && moved.value) void curve(false)
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    if (!signal.aborted) trouble.value = error.message
  }
}

/** Another choice may have other dimensions: those of the sheet only go along where nothing was chosen. */
function kept(): Record<string, number> {
  return Object.keys(choices.value).length ? shape.value : { ...props.sheet.shape, ...shape.value }
}

const soon = useDebounceFn(() => curve(false), 120)
function back() {
  shape.value = {}
  numbers.value = {}
  choices.value = {}
  void curve(true)
}
watch([() => props.sheet.shape, band], () => void curve(true), { immediate: true, deep: true })

const traces = computed<PlotTrace[]>(() => {
  const all: PlotTrace[] = []
  if (before.value && moved.value)
    all.push({
      id: 'before',
      label: words.value.text('cutPage.AS_ON_SHEET'),
      kind: 'earlier',
      curve: drawn(before.value.trace),
    })
  if (after.value)
    all.push({
      id: 'after',
      label: words.value.text(moved.value ? 'cutPage.TRIED' : 'cutPage.AS_ON_SHEET'),
      kind: 'now',
      curve: drawn(after.value.trace),
    })
  return all
})
const hz = computed(() => props.sheet.bandsHz[band.value] ?? props.sheet.frequencyHz)
const pegs = computed<Peg[]>(() => {
  const c = after.value
  if (!c) return []
  const db = returnLossAt(c.trace, hz.value)
  return [
    {
      name: words.value.text('cutPage.WANTED'),
      frequencyHz: hz.value,
      swr: c.swr,
      ...(db === undefined ? {} : { returnLossDb: db }),
      met: c.met,
      outside: false,
    },
  ]
})
const facts = (c: Curve) => [
  [words.value.text('cutPage.SWR_WANTED'), formatSwr(c.swr)],
  ['R', formatOhm(c.at.resistanceOhm)],
  ['X', formatOhm(c.at.reactanceOhm)],
  [
    words.value.text('cutPage.DIP'),
    c.dipHz === undefined ? words.value.text('cutPage.NONE') : `${formatMhz(c.dipHz, 2)} MHz`,
  ],
  [
    words.value.text('cutPage.UNDER', { limit: String(c.limitSwr) }),
    c.widthHz === undefined
      ? words.value.text('cutPage.OPEN')
      : words.value.text('cutPage.WIDE', { width: formatMhz(c.widthHz, 2) }),
  ],
]

const varied = ref('')
const row = ref<Row>()
const { share, trouble: rowTrouble, run, stop } = useSolving<Row>()
const STEPS = 7
watch(
  inputSlides,
  (all) => {
    if (!all.some((i) => i.id === varied.value)) varied.value = all[0]?.id ?? ''
  },
  { immediate: true },
)
const variedInput = computed(() => inputSlides.value.find((i) => i.id === varied.value))

/** Between the range's ends, but not beyond six times or a sixth of what it is: that is another antenna. */
async function vary() {
  const i = variedInput.value
  if (!i) return
  row.value = undefined
  const from = i.quantity === 'ANGLE' ? i.lowest : Math.max(i.lowest, i.now / 6)
  const to = i.quantity === 'ANGLE' ? i.highest : Math.min(i.highest, i.now > 0 ? i.now * 6 : i.highest)
  await run([
    {
      name: words.value.phrase(i.title),
      start: () =>
        answer(
          api.POST('/api/cutting/row', {
            body: { sheet: requestOf(props.asked), input: i.id, from, to, steps: STEPS },
            headers: { Prefer: 'respond-async' },
          }),
        ),
      done: (r) => (row.value = r),
    },
  ])
}
const tuned = computed(() => props.sheet.lines.filter((l) => l.tuned && l.quantity === 'LENGTH')[0])
const widest = computed(() => Math.max(1, ...(row.value?.entries ?? []).map((e) => e.seen?.widthHz ?? 0)))
</script>

<template>
  <section class="card plot">
    <SweepPlot
      v-if="after"
      :traces="traces"
      :pegs="pegs"
      :limit="limitLine(after.limitSwr, words)"
      :caption="words.text('cutPage.CAPTION')"
    />
  </section>
  <section class="card block">
    <div class="facts">
      <span v-for="f in after ? facts(after) : []" :key="f[0]"
        ><i class="soft">{{ f[0] }}</i> <b>{{ f[1] }}</b></span
      >
      <PickField
        v-if="sheet.bandsHz.length > 1"
        v-model="band"
        :name="words.text('cutPage.BAND')"
        :options="sheet.bandsHz.map((b, i) => ({ value: i, word: `${formatMhz(b, 2)} MHz` }))"
      />
      <ActionButton quiet :disabled="!moved" @click="back">{{ words.text('cutPage.BACK') }}</ActionButton>
    </div>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div class="slides">
      <div v-for="s in slides" :key="s.id">
        <span
          ><b>{{ s.mark }}</b> {{ words.phrase(s.title) }}</span
        >
        <output>{{ shown(s.now, s.quantity, unit) }}</output>
        <SlideField
          :name="words.phrase(s.title)"
          :low="s.low"
          :high="s.high"
          :step="(s.high - s.low) / 400"
          :model-value="s.now"
          :said="shown(s.now, s.quantity, unit)"
          @update:model-value="((shape[s.id] = $event), void soon())"
        />
      </div>
      <div v-for="s in otherSlides" :key="s.id">
        <span>{{ words.phrase(s.title) }}</span>
        <output>{{ shown(s.now, s.quantity, unit) }}</output>
        <SlideField
          :name="words.phrase(s.title)"
          :low="s.lowest"
          :high="s.highest"
          :step="s.quantity === 'COUNT' ? 1 : (s.highest - s.lowest) / 400"
          :model-value="s.now"
          :said="shown(s.now, s.quantity, unit)"
          @update:model-value="((numbers[s.id] = $event), void soon())"
        />
      </div>
    </div>
    <div class="switches">
      <PickField
        v-for="i in switches"
        :key="i.id"
        :model-value="wanted[i.id]"
        :name="words.phrase(i.title)"
        :options="i.options.map((o) => ({ value: o.id, word: words.phrase(o.title) }))"
        @update:model-value="((choices[i.id] = $event), void soon())"
      />
    </div>
  </section>
  <section v-if="sheet.solvable && inputSlides.length" class="card block">
    <h2>{{ words.text('cutPage.WHAT_ONE_DOES') }}</h2>
    <div class="vary">
      <PickField
        v-model="varied"
        :name="words.text('cutPage.VARIED')"
        bare
        :options="inputSlides.map((i) => ({ value: i.id, word: words.phrase(i.title) }))"
      />
      <ActionButton v-if="share === undefined" @click="vary">{{
        words.text('cutPage.WORK_OUT')
      }}</ActionButton>
      <template v-else>
        <ProgressBar :share="share" :name="words.text('cutPage.WORKING_OUT')" />
        <ActionButton @click="stop">{{ words.text('cutPage.STOP') }}</ActionButton>
      </template>
    </div>
    <p v-if="rowTrouble" class="wrong" role="alert">{{ rowTrouble }}</p>
    <PlainTable v-if="row && variedInput">
      <thead>
        <tr>
          <th>{{ words.phrase(variedInput.title) }}</th>
          <th v-if="tuned">{{ words.text('cutPage.TUNED', { mark: tuned.mark }) }}</th>
          <th>R</th>
          <th>{{ words.text('cutPage.SWR') }}</th>
          <th>{{ words.text('cutPage.UNDER_SWR_2') }}</th>
          <th aria-hidden="true"></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="e in row.entries" :key="e.value">
          <td>{{ shown(e.value, variedInput.quantity, unit) }}</td>
          <td v-if="tuned">{{ e.seen ? shown(e.shape[tuned.id] ?? 0, 'LENGTH', unit) : '' }}</td>
          <template v-if="e.seen">
            <td>{{ formatOhm(e.seen.at.resistanceOhm) }}</td>
            <td>{{ formatSwr(e.seen.swr) }}</td>
            <td>
              {{
                e.seen.widthHz === undefined
                  ? words.text('cutPage.OPEN_OR_NONE')
                  : `${formatMhz(e.seen.widthHz, 2)} MHz`
              }}
            </td>
            <td class="wide">
              <i :style="{ width: `${(100 * (e.seen.widthHz ?? 0)) / widest}%` }"></i>
            </td>
          </template>
          <td v-else colspan="4" class="soft">{{ words.text('cutPage.NOT_TUNABLE') }}</td>
        </tr>
      </tbody>
    </PlainTable>
  </section>
</template>

<style scoped>
.plot {
  min-height: 330px;
  padding: 8px;
}

.facts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  align-items: center;
}

.facts i {
  font-style: normal;
}

.facts .plain {
  margin-left: auto;
}

.slides {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px 26px;
}

.slides > div {
  display: grid;
  grid-template-columns: minmax(0, 1fr) max-content;
}

.slides :deep(.slide) {
  grid-column: 1 / -1;
}

.switches {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 10px;
}

.vary {
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, max-content) max-content;
  gap: 12px;
  align-items: center;
}

th,
td {
  text-align: right;
}

.wide {
  width: 180px;
}

.wide i {
  display: block;
  height: 14px;
  background: var(--trace);
}

@media (max-width: 700px) {
  .slides {
    grid-template-columns: 1fr;
  }
}
</style>
