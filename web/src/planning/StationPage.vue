<script setup lang="ts">
import { useClipboard, watchDebounced } from '@vueuse/core'
import { keep } from '@/kept'
import { useWords } from '@/words/words'
import CautionList from '@/safety/CautionList.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'
import { usePreferences } from '@/preferences'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import { formatSwr } from '@/units/swr'
import { useTypedLengths } from '@/units/typed'
import { DRAFTS } from './drafts'
import PlanTabs from './PlanTabs.vue'
import {
  emptyStation,
  emptyWay,
  formatDb,
  formatWatts,
  fromAddress,
  hidden,
  keepAway,
  keptStation,
  readStation,
  stationSentence,
  toAddress,
  type StationAnswer,
  type StationForm,
} from './station'
import WattsPicture from './WattsPicture.vue'

const MOST_WAYS = 4
const GROUNDS: { value: StationForm['ground']; word: string }[] = [
  { value: 'NONE', word: 'none' },
  { value: 'TYPICAL', word: 'typical, field × 1.6' },
  { value: 'WORST', word: 'worst, field × 2' },
]

const route = useRoute()
const preferences = usePreferences()
const words = useWords()
const lines = useQuery({
  queryKey: ['feedlines'],
  queryFn: () => answer(api.GET('/api/planning/feedlines')),
  staleTime: Infinity,
})
const form = ref<StationForm>(opened())
const result = ref<StationAnswer>()
const typedWrong = ref<Record<string, string>>({})
const { wrong: refused, trouble, submit } = useForm()
const wrong = computed(() => ({ ...refused.value, ...typedWrong.value }))
const copied = ref('')
const clipboard = useClipboard()

function opened(): StationForm {
  const linked = typeof route.query.p === 'string' ? fromAddress(route.query.p) : undefined
  if (linked) return linked
  return keptStation() ?? emptyStation()
}

const typed = useTypedLengths(form)
let asked = 0
async function work() {
  keep(DRAFTS.station, typed())
  const read = readStation(form.value, preferences.unit)
  typedWrong.value = read.wrong
  const { plan } = read
  if (!plan) return
  const mine = ++asked
  await submit(async () => {
    const fresh = await answer(api.POST('/api/planning/station', { body: plan }))
    if (mine === asked) result.value = fresh
  })
}
watchDebounced(form, () => void work(), { debounce: 250, deep: true })
void work()

function addWay() {
  const last = form.value.ways.at(-1)
  const name = String.fromCharCode(65 + form.value.ways.length)
  form.value.ways.push(last ? { ...last, name } : emptyWay(name))
}

const print = () => window.print()

async function copyLink() {
  const link = `${location.origin}/plan/watts?p=${toAddress(typed())}`
  try {
    await clipboard.copy(link)
    copied.value = 'Copied: send it to a colleague.'
  } catch {
    copied.value = link
  }
}

const at = (i: number, field: string) => wrong.value[`alternatives[${i}].${field}`]
/** Where the antenna's phase decides, a range: nobody knows it from an SWR alone. */
const swrAtRadio = (w: StationAnswer['ways'][number]) =>
  w.swrAtRadioHigh - w.swrAtRadioLow > 0.05
    ? `${formatSwr(w.swrAtRadioLow)} to ${formatSwr(w.swrAtRadioHigh)}`
    : formatSwr(w.swrAtRadio)
const km = (metres: number) => `${(metres / 1000).toFixed(1)} km`
/** Loss and sums for each way, as rows of the table. */
const rows = computed(() => {
  const ways = result.value?.ways ?? []
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
const notes = computed(() =>
  (result.value?.ways ?? []).flatMap((w) =>
    [...w.warnings.map((t) => words.value.sentence(t)), hidden(w)]
      .filter((t) => t !== '')
      .map((text) => ({ name: w.name, text })),
  ),
)
</script>

<template>
  <div class="desk">
    <div class="work">
      <PlanTabs />
      <section v-if="result" class="card picture">
        <WattsPicture :ways="result.ways" />
        <p class="hint">
          Full: power into the antenna. Pale: heat in the feedline. Coral: reflected at the radio by the
          mismatch. Gold mark: ERP, the antenna’s gain over a dipole included. Each connector counts
          {{ result.connectorLossDb }} dB.
        </p>
      </section>
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
                  <input
                    v-model="w.watts"
                    :aria-label="`Watts of ${w.name}`"
                    :class="{ bad: at(i, 'ratedW') }"
                  />
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
          <button class="other" @click="copyLink">Copy a link</button>
          <button class="other" @click="print">Print</button>
          <span class="hint" role="status">{{ copied }}</span>
        </div>
      </section>
    </div>

    <aside class="side">
      <p class="sentence" role="status">{{ result ? stationSentence(result) : 'Fill in what is known.' }}</p>
      <p v-if="trouble || Object.keys(typedWrong).length" class="wrong" role="alert">
        {{ Object.values(wrong)[0] ?? trouble }}
      </p>
      <p v-for="n in notes" :key="n.name + n.text" class="caution">{{ n.name }}: {{ n.text }}</p>

      <section v-if="result && result.ways.length > 1" class="card block">
        <h2>What each change is worth</h2>
        <table v-for="w in result.ways.slice(1)" :key="w.name" class="plain-table">
          <caption>
            {{
              w.name
            }}
            against
            {{
              result.ways[0]?.name
            }}
          </caption>
          <tbody>
            <tr v-for="s in w.worth" :key="s.what.id">
              <th scope="row">{{ words.phrase(s.what) }}</th>
              <td>{{ formatDb(s.gainDb) }}</td>
              <td>{{ formatWatts(s.erpW) }}</td>
              <td class="soft">hears {{ formatDb(s.receiveGainDb) }}</td>
            </tr>
            <tr v-if="w.worth.length === 0">
              <th scope="row">no difference</th>
            </tr>
          </tbody>
        </table>
      </section>

      <section class="card block">
        <h2>Reach, in line of sight</h2>
        <TextField
          v-model="form.ownHeight"
          name="Own antenna above the ground around"
          :wrong="wrong.ownHeightM"
        />
        <div v-for="(s, i) in form.stations" :key="i" class="station">
          <TextField v-model="s.name" name="Station" :wrong="wrong[`stations[${i}].name`]" />
          <TextField v-model="s.km" name="km" :wrong="wrong[`stations[${i}].distanceM`]" />
          <TextField v-model="s.height" name="Height" :wrong="wrong[`stations[${i}].heightM`]" />
          <TextField v-model="s.gain" name="Its gain, dBi" :wrong="wrong[`stations[${i}].gainDbi`]" />
          <TextField v-model="s.needed" name="Needs, dBm" :wrong="wrong[`stations[${i}].neededDbm`]" />
          <p v-for="w in result?.ways ?? []" :key="w.name" class="link">
            <b>{{ w.name }}:</b>{{ ' ' }}
            <template v-if="w.links[i]">
              {{ w.links[i].inSight ? 'in sight' : 'beyond the horizon' }} ({{ km(w.links[i].horizonM) }}),
              {{ w.links[i].receivedDbm.toFixed(0).replace('-', '−') }} dBm, margin
              {{ formatDb(w.links[i].marginDb) }}
            </template>
          </p>
        </div>
        <div class="buttons">
          <button
            class="other"
            @click="form.stations.push({ name: '', km: '10', height: '10 m', gain: '3', needed: '-110' })"
          >
            Add a station
          </button>
          <button v-if="form.stations.length" class="other" @click="form.stations.pop()">Remove</button>
        </div>
        <p class="hint">
          Free space (ITU-R P.525) over a 4/3 earth. A receiver needs some −110 to −119 dBm. Neither a promise
          nor a limit: hills take away; the troposphere, aircraft and skip exceed it.
        </p>
      </section>

      <section class="card block">
        <h2>People near the antenna</h2>
        <div class="two">
          <TextField v-model="form.largest" name="Antenna’s size" :wrong="wrong.largestM" />
          <TextField v-model="form.duty" name="Transmits, % of the time" :wrong="wrong.duty" />
          <TextField
            v-model="form.totalHeight"
            name="Height of all that stands"
            :wrong="wrong.totalHeightM"
          />
          <label class="field">
            <span class="name">Ground adds</span>
            <select v-model="form.ground">
              <option v-for="g in GROUNDS" :key="g.value" :value="g.value">{{ g.word }}</option>
            </select>
          </label>
        </div>
        <label class="check"
          ><input v-model="form.atBody" type="checkbox" /> Handheld, or worn on the body</label
        >
        <div v-for="w in result?.ways ?? []" :key="w.name" class="distance">
          <b>{{ w.name }}</b>
          <p>
            Everybody:
            <template v-if="w.publicDistance.distanceM !== undefined"
              ><b>{{ keepAway(w.publicDistance.distanceM) }}</b> or more</template
            ><template v-else>{{
              w.publicDistance.reason ? words.sentence(w.publicDistance.reason) : ''
            }}</template>
          </p>
          <p>
            Crew:
            <template v-if="w.occupationalDistance.distanceM !== undefined"
              ><b>{{ keepAway(w.occupationalDistance.distanceM) }}</b> or more</template
            ><template v-else>{{
              w.occupationalDistance.reason ? words.sentence(w.occupationalDistance.reason) : ''
            }}</template>
          </p>
        </div>
        <p class="hint">Limits of 47 CFR 1.1310, formula of OET Bulletin 65. Local rules prevail.</p>
      </section>
      <CautionList :cautions="result?.cautions ?? []" />
    </aside>
  </div>
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

.picture {
  padding: 8px 16px 12px;
}

.plain-table caption {
  text-align: left;
  color: var(--soft);
  font-size: 14px;
}

.plain-table th {
  text-align: left;
  font-weight: 400;
}

.plain-table td {
  text-align: right;
  white-space: nowrap;
  padding-left: 8px;
}

.station {
  display: grid;
  grid-template-columns: 1.4fr 0.8fr 1fr;
  gap: 6px;
}

.link {
  grid-column: 1 / -1;
  font-size: 14px;
}

.check {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 40px;
}

.check input {
  width: 18px;
  height: 18px;
  accent-color: var(--trace);
}

.distance {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 10px;
  font-size: 15px;
}

.distance > b {
  grid-row: span 2;
}

/* On paper the numbers and the cautions, one below the other. */
@media print {
  .work,
  .side {
    margin-bottom: 12px;
  }

  .buttons,
  .switch {
    display: none;
  }
}
</style>
