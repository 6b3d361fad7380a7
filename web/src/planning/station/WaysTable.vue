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
  fields: { part: keyof WayForm; field: string; ofList?: boolean }[]
}[] = [
  {
    word: 'RADIO',
    fields: [
      { part: 'watts', field: 'ratedW' },
      { part: 'ceiling', field: 'ceilingSwr' },
    ],
  },
  {
    word: 'TUNER',
    fields: [{ part: 'tuner', field: 'tunerLossDb' }],
  },
  {
    word: 'JUMPER',
    fields: [
      { part: 'jumper', field: 'jumper', ofList: true },
      { part: 'jumperLength', field: 'jumperM' },
    ],
  },
  {
    word: 'METER',
    fields: [
      { part: 'meterLoss', field: 'meterLossDb' },
      { part: 'connectors', field: 'connectors' },
    ],
  },
  {
    word: 'LINE',
    fields: [
      { part: 'line', field: 'line', ofList: true },
      { part: 'lineLength', field: 'lineM' },
    ],
  },
  {
    word: 'ANTENNA',
    fields: [
      { part: 'swr', field: 'swr' },
      { part: 'gain', field: 'gainDbi' },
    ],
  },
]
const kinds = computed(() => feedlineOptions(lines.data.value, words.value))

const at = (i: number, field: string) => props.wrong[`alternatives[${i}].${field}`]
/** Where the antenna's phase decides, a range: nobody knows it from an SWR alone. */
const swrAtRadio = (w: StationAnswer['ways'][number]) =>
  w.swrAtRadioHigh - w.swrAtRadioLow > 0.05
    ? words.value.text('stationPage.FROM_TO', {
        low: formatSwr(w.swrAtRadioLow),
        high: formatSwr(w.swrAtRadioHigh),
      })
    : formatSwr(w.swrAtRadio)
/** Loss and sums for each way, as rows of the table. */
const rows = computed(() => {
  const ways = props.result?.ways ?? []
  return [
    { word: words.value.text('stationPage.SWR_AT_RADIO'), cells: ways.map(swrAtRadio) },
    { word: words.value.text('stationPage.RADIO_SENDS'), cells: ways.map((w) => formatWatts(w.sentW)) },
    {
      word: words.value.text('stationPage.MATCHED_LOSS'),
      cells: ways.map((w) => formatLoss(w.matchedLossDb)),
    },
    { word: words.value.text('stationPage.ADDED'), cells: ways.map((w) => formatLoss(w.mismatchLossDb)) },
    { word: words.value.text('stationPage.INTO'), cells: ways.map((w) => formatWatts(w.atAntennaW)) },
    { word: words.value.text('stationPage.ERP'), cells: ways.map((w) => formatWatts(w.erpW)), strong: true },
    { word: words.value.text('stationPage.EIRP'), cells: ways.map((w) => formatWatts(w.eirpW)) },
    { word: words.value.text('stationPage.RECEIVING'), cells: ways.map((w) => formatDb(w.receiveDb)) },
  ]
})
</script>

<template>
  <section class="card ways" :aria-label="words.text('stationPage.WAYS')">
    <PlainTable>
      <thead>
        <tr>
          <th scope="col">
            <TextField v-model="form.mhz" :name="words.text('stationPage.AT')" :wrong="wrong.frequencyHz" />
          </th>
          <th v-for="(w, i) in form.ways" :key="i" scope="col">
            <TextField
              v-model="w.name"
              :name="words.text('stationPage.WAY', { count: i + 1 })"
              :wrong="at(i, 'name')"
            />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ASKED" :key="row.word">
          <th scope="row">{{ words.text(`stationPage.row.${row.word}`) }}</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair" :class="{ listed: row.fields.some((f) => f.ofList) }">
              <template v-for="f in row.fields" :key="f.part">
                <PickField
                  v-if="f.ofList"
                  v-model="w[f.part]"
                  bare
                  :name="words.text(`stationPage.of.${f.part}`, { way: w.name })"
                  :options="kinds"
                />
                <TextField
                  v-else
                  v-model="w[f.part]"
                  bare
                  :name="words.text(`stationPage.of.${f.part}`, { way: w.name })"
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
      <ActionButton v-if="form.ways.length < MOST_WAYS" @click="addWay">{{
        words.text('stationPage.ADD_WAY')
      }}</ActionButton>
      <ActionButton v-if="form.ways.length > 1" @click="form.ways.pop()">{{
        words.text('stationPage.REMOVE_LAST')
      }}</ActionButton>
      <slot />
    </div>
  </section>
</template>

<style scoped>
.ways {
  padding: 8px 16px 12px;
  overflow-x: auto;
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

/* A type of line has a long name. */
.pair.listed {
  grid-template-columns: minmax(0, 1fr);
}

.pair > * {
  width: 100%;
  min-width: 60px;
  min-height: 38px;
}

.buttons {
  margin-top: 10px;
}

@media print {
  .buttons {
    display: none;
  }
}
</style>
