<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import TextField from '@/ui/TextField.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { nextTick, ref, useTemplateRef, watch } from 'vue'
import { useWords } from '@/words/words'
import { nextField } from './flow'
import type { Installation } from './sentence'
import { formatChannelMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import {
  deliveredW,
  emptyRow,
  isEmptyRow,
  meaningOf,
  METERS,
  rememberMeter,
  type MeterDraft,
  type SpotRow,
} from './spots'
import { parseSpotSpan } from './spotSpan'
import { useMeanings, type Meaning } from './useMeanings'

const words = useWords()

/** Readings at single channels, typed from a meter or a dial. */
const draft = defineModel<MeterDraft>({ required: true })
const props = defineProps<{ installation: Installation; wrong: Record<string, string> }>()

watch(
  () => [draft.value.kind, draft.value.forwardRange, draft.value.reflectedRange],
  () => rememberMeter(draft.value),
)

const meanings = useMeanings(draft)

const rows = () =>
  [...props.installation.channels]
    .sort((a, b) => a.frequencyHz - b.frequencyHz)
    .map((c) => ({ c, key: String(c.frequencyHz) }))
/** What was just typed, at its row. */
function meaning(row: SpotRow | undefined): string {
  const means = row && meaningOf(row, draft.value.kind)
  if (!means) return ''
  const loss = Number.isFinite(means.returnLossDb) ? `${means.returnLossDb.toFixed(1)} dB` : '∞ dB'
  return draft.value.kind === 'WATTMETER' ? `${formatSwr(means.swr)} · ${loss}` : loss
}
/** What is left of the forward watts when the reflected ones are taken off. */
function delivered(row: SpotRow | undefined): string {
  if (!row || draft.value.kind !== 'WATTMETER') return ''
  const watts = deliveredW(row)
  return watts === undefined ? '' : words.value.text('tuning.DELIVERED', { deliveredFineW: watts })
}
/** Between which values the SWR may lie. */
function doubt({ reading }: Meaning): string {
  if (reading?.lowSwr === undefined) return ''
  const values = { low: formatSwr(reading.lowSwr), high: formatSwr(reading.highSwr) }
  if (reading.highSwr === undefined) return words.value.text('tuning.SWR_AT_LEAST', values)
  // Of watts the column is headed by SWR.
  return words.value.text(draft.value.kind === 'WATTMETER' ? 'tuning.SPAN' : 'tuning.SWR_BETWEEN', values)
}
/** What keeps a row from being recorded; while it is typed, only what can't be mended by typing on. */
const whyNot = (key: string) => props.wrong[key] ?? meanings.value[key]?.why

/** From field to field by Enter, from row to row by the arrows. */
async function move(event: KeyboardEvent) {
  const table = event.currentTarget as HTMLElement
  const from = event.target as HTMLInputElement
  let next = nextField(table, from, event.key)
  const last = draft.value.extra.at(-1)
  const isLastRow = from.closest('tr') === [...table.querySelectorAll('input')].at(-1)?.closest('tr')
  // From an empty row below all others Enter records: the form has it.
  if (event.key === 'Enter' && isLastRow && last && isEmptyRow(last)) return
  // A last row with something in it has one more below; from an empty one Enter records.
  if (!next && event.key === 'Enter' && last && !isEmptyRow(last)) {
    event.preventDefault()
    draft.value.extra.push(emptyRow())
    await nextTick()
    next = nextField(table, from, event.key)
  }
  if (!next) return
  event.preventDefault()
  next.focus()
  next.select()
}
/** A channel that was added to the plan since the draft was begun gets its row when something is typed. */
function set(key: string, part: keyof SpotRow, text: string) {
  const row = draft.value.channels[key] ?? emptyRow()
  draft.value.channels[key] = { ...row, [part]: text }
}
const span = ref('')
const spanWrong = ref('')
const table = useTemplateRef<{ $el: HTMLElement }>('table')
/** Rows for a whole band at once; what is there already stays. */
async function addSpan() {
  const asked = parseSpotSpan(span.value)
  spanWrong.value = asked.ok ? '' : words.value.text(`typed.${asked.why}`)
  if (!asked.ok) return
  const known = draft.value.extra.map((row) => row.mhz)
  const wanted = asked.mhz.filter((mhz) => !known.includes(mhz))
  const before = draft.value.extra.filter((row) => !isEmptyRow(row))
  draft.value.extra = [...before, ...wanted.map((mhz) => ({ ...emptyRow(), mhz }))]
  span.value = ''
  await nextTick()
  // Straight to the first reading of the new rows: the frequencies stand there already.
  const rows = table.value?.$el.querySelectorAll('tbody tr:has(input[placeholder=MHz])')
  rows?.[before.length]?.querySelectorAll('input')[1]?.focus()
}
const columns = (): { part: keyof SpotRow; word: string }[] =>
  draft.value.kind === 'WATTMETER'
    ? [
        { part: 'forward', word: words.value.text('tuning.FORWARD') },
        { part: 'reflected', word: words.value.text('tuning.REFLECTED') },
      ]
    : draft.value.kind === 'DIAL_ANALYSER'
      ? [
          { part: 'swr', word: words.value.text('tuning.SWR') },
          { part: 'r', word: 'R' },
          { part: 'x', word: '|X|' },
        ]
      : [{ part: 'swr', word: words.value.text('tuning.SWR') }]
</script>

<template>
  <div class="spots stack">
    <PickField
      v-model="draft.kind"
      :name="words.text('tuning.INSTRUMENT')"
      :options="METERS.map((m) => ({ value: m, word: words.text(`meter.${m}`) }))"
    />
    <p class="hint">{{ words.text(`reminder.${draft.kind}`) }}</p>
    <div v-if="draft.kind === 'WATTMETER'" class="ranges">
      <TextField
        v-model="draft.forwardRange"
        :name="words.text('tuning.FULL_SCALE_FORWARD')"
        inputmode="decimal"
        :wrong="wrong.forwardRange"
      />
      <TextField
        v-model="draft.reflectedRange"
        :name="words.text('tuning.AND_REFLECTED')"
        inputmode="decimal"
        :wrong="wrong.reflectedRange"
      />
    </div>
    <PlainTable
      ref="table"
      class="first-field"
      :class="draft.kind.toLowerCase()"
      @keydown.enter="move"
      @keydown.up="move"
      @keydown.down="move"
    >
      <thead>
        <tr>
          <th>{{ words.text('tuning.CHANNEL_MHZ') }}</th>
          <th v-for="col in columns()" :key="col.part">{{ col.word }}</th>
          <th>{{ words.text(draft.kind === 'WATTMETER' ? 'tuning.MEANS_SWR' : 'tuning.MEANS') }}</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="{ c, key } in rows()" :key="key">
          <tr>
            <td>
              <span :class="{ strong: c.primary }">{{ c.name }}</span>
              <span class="soft">{{ formatChannelMhz(c.frequencyHz) }}</span>
            </td>
            <td v-for="col in columns()" :key="col.part">
              <TextField
                bare
                :model-value="draft.channels[key]?.[col.part] ?? ''"
                :name="words.text('tuning.ON', { what: col.word, channel: c.name })"
                inputmode="decimal"
                @update:model-value="set(key, col.part, $event)"
              />
            </td>
            <td class="means" role="status">
              {{ meaning(draft.channels[key]) }}
              <span v-if="meanings[key]" class="soft">{{ doubt(meanings[key]) }}</span>
              <span v-if="delivered(draft.channels[key])" class="soft">{{
                delivered(draft.channels[key])
              }}</span>
            </td>
          </tr>
          <tr v-if="whyNot(key)">
            <td :colspan="columns().length + 2" class="wrong" role="alert">{{ whyNot(key) }}</td>
          </tr>
        </template>
        <template v-for="(row, i) in draft.extra" :key="i">
          <tr>
            <td>
              <TextField
                v-model="row.mhz"
                bare
                :name="words.text('tuning.FREQUENCY_N', { n: `${i + 1}` })"
                placeholder="MHz"
                inputmode="decimal"
              />
            </td>
            <td v-for="col in columns()" :key="col.part">
              <TextField
                v-model="row[col.part]"
                bare
                :name="words.text('tuning.AT_FREQUENCY_N', { what: col.word, n: `${i + 1}` })"
                inputmode="decimal"
              />
            </td>
            <td class="means" role="status">
              {{ meaning(row) }}
              <span v-if="meanings[`extra${i}`]" class="soft">{{ doubt(meanings[`extra${i}`] ?? {}) }}</span>
              <span v-if="delivered(row)" class="soft">{{ delivered(row) }}</span>
            </td>
          </tr>
          <tr v-if="whyNot(`extra${i}`)">
            <td :colspan="columns().length + 2" class="wrong" role="alert">{{ whyNot(`extra${i}`) }}</td>
          </tr>
        </template>
      </tbody>
    </PlainTable>
    <ActionButton quiet @click="draft.extra.push(emptyRow())">
      {{ words.text('tuning.ADD_FREQUENCY') }}
    </ActionButton>
    <div class="span" @keydown.enter.prevent="addSpan">
      <TextField
        v-model="span"
        :name="words.text('tuning.SPAN_OF_ROWS')"
        :placeholder="words.text('tuning.SPAN_HINT')"
        :wrong="spanWrong"
      />
      <ActionButton @click="addSpan">{{ words.text('tuning.ADD_ROWS') }}</ActionButton>
    </div>
    <p v-if="wrong.spots" class="wrong" role="alert">{{ wrong.spots }}</p>
  </div>
</template>

<style scoped>
.span {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: end;
}

.ranges {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: end;
}

table {
  width: 100%;
  table-layout: fixed;
  border-collapse: collapse;
}

/* Two fields beside what they mean. */
.wattmeter th:nth-child(2),
.wattmeter th:nth-child(3) {
  width: 21%;
}

.wattmeter th:last-child {
  width: 32%;
}

.dial_analyser th:first-child {
  width: 29%;
}

th {
  font-size: 13px;
  font-weight: 560;
  color: var(--soft);
  text-align: left;
  vertical-align: bottom;
  white-space: normal;
  padding: 0 4px 2px 0;
}

td {
  padding: 2px 6px 2px 0;
}

td:first-child {
  overflow-wrap: anywhere;
}

td.means {
  white-space: nowrap;
  font-size: 14px;
  color: var(--soft);
  padding-right: 0;
}

td .soft {
  display: block;
  font-size: 14px;
}

td.wrong {
  color: var(--coral);
}
</style>
