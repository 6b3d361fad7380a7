<script setup lang="ts">
import { computed } from 'vue'
import { useFeedlines } from '@/api/queries'
import TextField from '@/shell/TextField.vue'
import { formatSwr } from '@/units/swr'
import { formatDb, formatWatts } from '@/units/watts'
import { useWords } from '@/words/words'
import { emptyWay, type StationAnswer, type StationForm } from './plan'

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
    { word: 'Matched loss', cells: ways.map((w) => `${w.matchedLossDb.toFixed(2)} dB`) },
    { word: 'Added by mismatch', cells: ways.map((w) => `${w.mismatchLossDb.toFixed(2)} dB`) },
    { word: 'Into the antenna', cells: ways.map((w) => formatWatts(w.atAntennaW)) },
    { word: 'ERP', cells: ways.map((w) => formatWatts(w.erpW)), strong: true },
    { word: 'EIRP', cells: ways.map((w) => formatWatts(w.eirpW)) },
    { word: 'Air to radio, receiving', cells: ways.map((w) => formatDb(w.receiveDb)) },
  ]
})
</script>

<template>
  <section class="card ways" aria-label="Ways to build it">
    <table>
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
        <tr>
          <th scope="row">Radio, W · SWR limit</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <input v-model="w.watts" :aria-label="`Watts of ${w.name}`" :class="{ bad: at(i, 'ratedW') }" />
              <input
                v-model="w.ceiling"
                :aria-label="`SWR that the radio of ${w.name} stands`"
                :class="{ bad: at(i, 'ceilingSwr') }"
              />
            </div>
          </td>
        </tr>
        <tr>
          <th scope="row">Jumper · length</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <select v-model="w.jumper" :aria-label="`Jumper of ${w.name}`">
                <option v-for="l in lines.data.value ?? []" :key="l.id" :value="l.id">
                  {{ words.phrase(l.title) }}
                </option>
              </select>
              <input
                v-model="w.jumperLength"
                :aria-label="`Length of the jumper of ${w.name}`"
                :class="{ bad: at(i, 'jumperM') }"
              />
            </div>
          </td>
        </tr>
        <tr>
          <th scope="row">Meter, dB · connectors</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <input
                v-model="w.meterLoss"
                :aria-label="`Loss of the meter of ${w.name} in dB`"
                :class="{ bad: at(i, 'meterLossDb') }"
              />
              <input
                v-model="w.connectors"
                :aria-label="`Connectors of ${w.name}`"
                :class="{ bad: at(i, 'connectors') }"
              />
            </div>
          </td>
        </tr>
        <tr>
          <th scope="row">Line · length</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <select v-model="w.line" :aria-label="`Line of ${w.name}`">
                <option v-for="l in lines.data.value ?? []" :key="l.id" :value="l.id">
                  {{ words.phrase(l.title) }}
                </option>
              </select>
              <input
                v-model="w.lineLength"
                :aria-label="`Length of the line of ${w.name}`"
                :class="{ bad: at(i, 'lineM') }"
              />
            </div>
          </td>
        </tr>
        <tr>
          <th scope="row">Antenna’s SWR · gain, dBi</th>
          <td v-for="(w, i) in form.ways" :key="i">
            <div class="pair">
              <input
                v-model="w.swr"
                :aria-label="`SWR of the antenna of ${w.name}`"
                :class="{ bad: at(i, 'swr') }"
              />
              <input
                v-model="w.gain"
                :aria-label="`Gain of the antenna of ${w.name} in dBi`"
                :class="{ bad: at(i, 'gainDbi') }"
              />
            </div>
          </td>
        </tr>
        <tr v-for="r in rows" :key="r.word" class="out" :class="{ strong: r.strong }">
          <th scope="row">{{ r.word }}</th>
          <td v-for="(c, i) in r.cells" :key="i">{{ c }}</td>
        </tr>
      </tbody>
    </table>
    <div class="buttons">
      <button v-if="form.ways.length < MOST_WAYS" class="other" @click="addWay">Add a way</button>
      <button v-if="form.ways.length > 1" class="other" @click="form.ways.pop()">Remove the last</button>
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
  grid-template-columns: minmax(0, 1.7fr) minmax(64px, 1fr);
  gap: 4px;
}

.pair > * {
  width: 100%;
  min-width: 60px;
  min-height: 38px;
}

.pair input {
  font: inherit;
  color: inherit;
  padding: 4px 8px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--card);
}

.pair input.bad {
  border-color: var(--coral);
  box-shadow: inset 0 0 0 1px var(--coral);
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
