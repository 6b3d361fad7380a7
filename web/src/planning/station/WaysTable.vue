<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { computed } from 'vue'
import { useFeedlines } from '@/api/plans'
import TextField from '@/ui/TextField.vue'
import { formatSwr } from '@/units/swr'
import { formatDb, formatLoss, formatWatts } from '@/units/watts'
import { useWords } from '@/words/words'
import { feedlineOptions } from '../feedlines'
import { emptyWay, type StationAnswer, type StationForm, type WayForm } from './plan'

/** The ways to build the station beside one another: what each is made of, and what comes of it. */
const props = defineProps<{ wrong: Record<string, string>; result?: StationAnswer }>()
const form = defineModel<StationForm>({ required: true })

const MOST_WAYS = 4

const words = useWords()
const lines = useFeedlines()

function addWay() {
  const last = form.value.ways.at(-1)
  const name = String.fromCharCode(65 + form.value.ways.length)
  form.value.ways.push(last ? { ...last, name } : emptyWay(name))
}

/** What is asked of each way: a row of the table has two fields. */
const ASKED: {
  word: string
  fields: { part: keyof WayForm; name: string; field: string; ofList?: boolean }[]
}[] = [
  {
    word: 'Radio, W · SWR limit',
    fields: [
      { part: 'watts', name: 'Watts', field: 'ratedW' },
      { part: 'ceiling', name: 'SWR limit of the radio', field: 'ceilingSwr' },
    ],
  },
  {
    word: 'Tuner at the radio, dB lost; empty: none',
    fields: [{ part: 'tuner', name: 'Loss of the tuner in dB,', field: 'tunerLossDb' }],
  },
  {
    word: 'Jumper · length',
    fields: [
      { part: 'jumper', name: 'Jumper', field: 'jumper', ofList: true },
      { part: 'jumperLength', name: 'Length of the jumper', field: 'jumperM' },
    ],
  },
  {
    word: 'Meter, dB · connectors',
    fields: [
      { part: 'meterLoss', name: 'Loss of the meter in dB,', field: 'meterLossDb' },
      { part: 'connectors', name: 'Connectors', field: 'connectors' },
    ],
  },
  {
    word: 'Line · length',
    fields: [
      { part: 'line', name: 'Line', field: 'line', ofList: true },
      { part: 'lineLength', name: 'Length of the line', field: 'lineM' },
    ],
  },
  {
    word: 'Antenna’s SWR · gain, dBi',
    fields: [
      { part: 'swr', name: 'SWR of the antenna', field: 'swr' },
      { part: 'gain', name: 'Gain in dBi of the antenna', field: 'gainDbi' },
    ],
  },
]
const kinds = computed(() => feedlineOptions(lines.data.value, words.value))

const at = (i: number, field: string) => props.wrong[`alternatives[${i}].${field}`]
/** Where the antenna's phase decides, a range: nobody knows it from an SWR alone. */
const swrAtRadio = (w: StationAnswer['ways'][number]) =>
  w.swrAtRadioHigh - w.swrAtRadioLow > 0.05
    ? `${formatSwr(w.swrAtRadioLow)} to ${formatSwr(w.swrAtRadioHigh)}`
    : formatSwr(w.swrAtRadio)
/** Loss and sums for each way, as rows of the table. */
const rows = computed(() => {
  const ways = props.result?.ways ?? []
  return [
    { word: 'SWR at the radio', cells: ways.map(swrAtRadio) },
    { word: 'Radio sends', cells: ways.map((w) => formatWatts(w.sentW)) },
    { word: 'Matched loss', cells: ways.map((w) => formatLoss(w.matchedLossDb)) },
    { word: 'Added by mismatch', cells: ways.map((w) => formatLoss(w.mismatchLossDb)) },
    { word: 'Into the antenna', cells: ways.map((w) => formatWatts(w.atAntennaW)) },
    { word: 'ERP', cells: ways.map((w) => formatWatts(w.erpW)), strong: true },
    { word: 'EIRP', cells: ways.map((w) => formatWatts(w.eirpW)) },
    { word: 'Air to radio, receiving', cells: ways.map((w) => formatDb(w.receiveDb)) },
  ]
})
</script>

<template>
  <section class="card ways" aria-label="Ways to build it">
    <PlainTable>
      <thead>
        <tr>
          <th scope="col">
            <TextField v-model="form.mhz" name="At, MHz" :wrong="wrong.frequencyHz" />
          </th>
          <th v-for="(w, i) in form.ways" :key="i" scope="col">
            <TextField v-model="w.name" :name="`Way ${i + 1}`" :wrong="at(i, 'name')" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ASKED" :key="row.word">
          <th scope="row">{{ row.word }}</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <template v-for="f in row.fields" :key="f.part">
                <PickField
                  v-if="f.ofList"
                  v-model="w[f.part]"
                  bare
                  :name="`${f.name} of ${w.name}`"
                  :options="kinds"
                />
                <TextField
                  v-else
                  v-model="w[f.part]"
                  bare
                  :name="`${f.name} of ${w.name}`"
                  :wrong="at(i, f.field)"
                />
              </template>
            </div>
          </td>
        </tr>
        <tr v-for="r in rows" :key="r.word" class="out" :class="{ strong: r.strong }">
          <th scope="row">{{ r.word }}</th>
          <td v-for="(c, i) in r.cells" :key="i">{{ c }}</td>
        </tr>
      </tbody>
    </PlainTable>
    <div class="buttons">
      <ActionButton v-if="form.ways.length < MOST_WAYS" @click="addWay">Add a way</ActionButton>
      <ActionButton v-if="form.ways.length > 1" @click="form.ways.pop()">Remove the last</ActionButton>
      <slot />
    </div>
  </section>
</template>

<style scoped>
.ways {
  padding: 8px 16px 12px;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}

.ways th[scope='row'] {
  text-align: left;
  font-weight: 560;
  white-space: nowrap;
  padding-right: 12px;
}

.ways thead th {
  text-align: left;
  font-weight: 400;
  padding: 0 4px 6px;
  vertical-align: top;
}

.ways thead th:first-child {
  width: 210px;
  padding-left: 0;
}

.ways td {
  padding: 2px 4px;
}

.out td,
.out th {
  padding: 3px 10px 3px 0;
  border-top: 1px solid var(--line);
}

.out td {
  padding: 3px 12px;
}

.strong td {
  font-weight: 700;
}

.pair {
  display: grid;
  grid-template-columns: minmax(130px, 1.9fr) minmax(74px, 1fr);
  gap: 4px;
}

.pair > * {
  width: 100%;
  min-width: 60px;
  min-height: 38px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}

.buttons .other {
  width: auto;
}

@media print {
  .buttons {
    display: none;
  }
}
</style>
