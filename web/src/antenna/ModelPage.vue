<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import ProgressBar from '@/ui/ProgressBar.vue'
import MenuButton from '@/ui/MenuButton.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { computed, onBeforeUnmount, ref, shallowRef } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import SweepPlot from '@/plots/SweepPlot.vue'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { formatMhz, parseFrequency } from '@/units/frequency'
import { parseDecimal } from '@/units/number'
import { formatSwr } from '@/units/swr'
import { EXAMPLES, readTable, type WireRow } from './geometry'
import { curveOfPoints, formatOhm, resultRows, waitFor } from './solving'
import WirePicture from './WirePicture.vue'

const POINTS = 201
const LIMIT = { swr: 2, label: 'SWR 2' }
const copy = (rows: WireRow[]): WireRow[] => JSON.parse(JSON.stringify(rows)) as WireRow[]

const [first] = EXAMPLES
const rows = ref<WireRow[]>(copy(first.rows))
const ground = ref<'none' | 'perfect'>(first.ground)
const feedWire = ref(String(first.feed.wire))
const feedAt = ref(String(first.feed.position))
const startText = ref(String(first.startMhz))
const stopText = ref(String(first.stopMhz))

const table = computed(() => readTable(rows.value))
const feed = computed(() => ({ wire: Number(feedWire.value) || 0, position: Number(feedAt.value) || 0 }))
const result = shallowRef<Schemas['ModelAnswer']>()
const trouble = ref('')
const brokenWire = ref<number>()
const share = ref<number>()
let jobId: string | undefined

function take(name: string) {
  const example = EXAMPLES.find((e) => e.name === name)
  if (!example) return
  rows.value = copy(example.rows)
  ground.value = example.ground
  feedWire.value = String(example.feed.wire)
  feedAt.value = String(example.feed.position)
  startText.value = String(example.startMhz)
  stopText.value = String(example.stopMhz)
  result.value = undefined
}

function add() {
  const last = rows.value.at(-1)
  rows.value.push(
    last
      ? { from: [...last.to], to: [...last.to], radiusMm: last.radiusMm }
      : { from: ['0', '0', '0'], to: ['0', '0', '0.5'], radiusMm: '2' },
  )
}

function request(): Schemas['ModelRequest'] | undefined {
  const firstWrong = Object.values(table.value.wrong)[0]
  if (firstWrong) {
    trouble.value = firstWrong
    brokenWire.value = Number(Object.keys(table.value.wrong)[0])
    return undefined
  }
  const low = parseFrequency(startText.value)
  const high = parseFrequency(stopText.value)
  const position = parseDecimal(feedAt.value)
  if (!low.ok || !high.ok || high.value <= low.value) {
    trouble.value = 'The span needs a start and, above it, a stop, in MHz.'
    return undefined
  }
  if (!position.ok) {
    trouble.value = 'The feed needs a position from 0, the wire’s beginning, to 1, its end.'
    return undefined
  }
  const frequenciesHz = Array.from(
    { length: POINTS },
    (_, i) => low.value + ((high.value - low.value) * i) / (POINTS - 1),
  )
  return {
    wires: table.value.wires,
    ground: ground.value,
    feed: { wire: feed.value.wire, position: position.value },
    frequenciesHz,
    pattern: { frequencyHz: (low.value + high.value) / 2 },
  }
}

async function solve() {
  trouble.value = ''
  brokenWire.value = undefined
  const body = request()
  if (!body) return
  share.value = 0
  try {
    const job = (await answer(
      api.POST('/api/models/impedance', { body, params: { header: { Prefer: 'respond-async' } } }),
    )) as unknown as Schemas['JobView']
    jobId = job.id
    const done = await waitFor(job.id, (s) => (share.value = s))
    if (done.state === 'DONE') result.value = done.result as Schemas['ModelAnswer']
    else if (done.state === 'FAILED') trouble.value = done.trouble ?? 'It could not be solved.'
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
    brokenWire.value = error.wire
  } finally {
    share.value = undefined
    jobId = undefined
  }
}

async function stop() {
  if (jobId) await api.DELETE('/api/jobs/{id}', { params: { path: { id: jobId } } })
}
onBeforeUnmount(() => void stop())

const traces = computed(() =>
  result.value
    ? [{ id: 'now', label: 'model', kind: 'now' as const, curve: curveOfPoints(result.value.points) }]
    : [],
)
const rowsOfResult = computed(() => (result.value ? resultRows(result.value.points) : undefined))
const sentence = computed(() => {
  const dip = rowsOfResult.value?.dip
  if (!dip) return 'Type the wires, then solve.'
  return `Best at ${formatMhz(dip.frequencyHz)} MHz: SWR ${formatSwr(dip.swr)}, ${dip.words}.`
})
</script>

<template>
  <div class="page">
    <section class="card table">
      <div class="head">
        <h1>Try it on the model</h1>
        <MenuButton
          word="Begin with an example"
          :options="EXAMPLES.map((e) => ({ value: e.name, word: e.name }))"
          @chosen="take"
        />
      </div>
      <div class="scroll">
        <PlainTable>
          <thead>
            <tr>
              <th></th>
              <th colspan="3">From x, y, z (m)</th>
              <th colspan="3">To x, y, z (m)</th>
              <th>Radius (mm)</th>
              <th></th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(row, i) in rows" :key="i" :class="{ broken: i === brokenWire }">
              <th scope="row">{{ i }}</th>
              <td v-for="k in 3" :key="`f${k}`">
                <TextField
                  :model-value="row.from[k - 1] ?? ''"
                  bare
                  :name="`Wire ${i} from ${'xyz'[k - 1]}`"
                  inputmode="decimal"
                  @update:model-value="row.from[k - 1] = $event"
                />
              </td>
              <td v-for="k in 3" :key="`t${k}`">
                <TextField
                  :model-value="row.to[k - 1] ?? ''"
                  bare
                  :name="`Wire ${i} to ${'xyz'[k - 1]}`"
                  inputmode="decimal"
                  @update:model-value="row.to[k - 1] = $event"
                />
              </td>
              <td>
                <TextField v-model="row.radiusMm" bare :name="`Wire ${i} radius`" inputmode="decimal" />
              </td>
              <td>
                <ActionButton
                  quiet
                  :aria-label="`Remove wire ${i}`"
                  :disabled="rows.length === 1"
                  @click="rows.splice(i, 1)"
                >
                  Remove
                </ActionButton>
              </td>
            </tr>
          </tbody>
        </PlainTable>
      </div>
      <ActionButton class="add" @click="add">Add a wire</ActionButton>
      <div class="asked">
        <ChoiceField
          v-model="ground"
          name="Ground"
          :options="[
            { value: 'none', word: 'Free space' },
            { value: 'perfect', word: 'Perfect plane z = 0' },
          ]"
        />
        <TextField v-model="feedWire" name="Fed wire" />
        <TextField v-model="feedAt" name="At (0 to 1)" />
        <TextField v-model="startText" name="Start, MHz" />
        <TextField v-model="stopText" name="Stop, MHz" />
      </div>
      <p class="hint">
        Ends that meet are joined. Over the plane, ends at z = 0 are connected to it. The ground is nothing or
        perfect: a mast's earth, a house and a vehicle's tyres on soil are neither, so trust the dip more than
        the depth, and low-angle gain least.
      </p>
    </section>

    <aside class="side">
      <p class="sentence" role="status">{{ sentence }}</p>
      <BigAction v-if="share === undefined" lasting @click="solve">Solve</BigAction>
      <div v-else class="busy">
        <ProgressBar :share="share" name="Solving" />
        <ActionButton @click="stop">Stop</ActionButton>
      </div>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <div class="card picture">
        <WirePicture
          :wires="table.wires"
          :ground="ground"
          :feed="feed"
          :currents="result?.currents"
          :broken="brokenWire"
        />
        <p class="hint">
          Drag to turn. <span v-if="result">Gold: where current flows.</span> The ring is the feed.
        </p>
      </div>
    </aside>

    <section v-if="result && rowsOfResult" class="card result">
      <div class="plot">
        <SweepPlot :traces="traces" :pegs="[]" :limit="LIMIT" caption="Computed sweep of the model" />
      </div>
      <div class="numbers">
        <PlainTable>
          <thead>
            <tr>
              <th>MHz</th>
              <th>SWR</th>
              <th>R</th>
              <th>X</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in rowsOfResult.rows" :key="r.frequencyHz" :class="{ best: r.best }">
              <td>{{ formatMhz(r.frequencyHz, 2) }}</td>
              <td>{{ formatSwr(r.swr) }}</td>
              <td>{{ formatOhm(r.resistanceOhm) }}</td>
              <td>{{ formatOhm(r.reactanceOhm) }}</td>
            </tr>
          </tbody>
        </PlainTable>
        <dl>
          <dt>Greatest gain</dt>
          <dd>
            {{ result.pattern?.maxGainDbi.toFixed(2) }} dBi at
            {{ formatMhz(result.points[100]?.frequencyHz ?? 0, 2) }} MHz
          </dd>
          <dt>Unknowns</dt>
          <dd>
            {{ result.unknowns }}, solved at {{ result.solves }} frequencies in
            {{ (result.solveMs / 1000).toFixed(2) }} s
          </dd>
          <dt>Radiated ÷ fed</dt>
          <dd>{{ result.averageGain.toFixed(4) }} (1 where the model is sound)</dd>
        </dl>
      </div>
    </section>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 16px;
  padding: 16px 22px 30px;
  align-items: start;
}

.table {
  padding: 16px 18px;
  display: grid;
  gap: 12px;
}

.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
}

.scroll {
  overflow: auto;
  max-height: 330px;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th {
  font-size: 14px;
  font-weight: 560;
  color: var(--soft);
  text-align: left;
  padding: 2px 6px;
}

td {
  padding: 2px;
}

td .plain {
  min-height: 34px;
}

.add {
  justify-self: start;
}

.asked {
  display: grid;
  grid-template-columns: auto 90px 90px 110px 110px;
  gap: 14px;
  align-items: start;
}

.side {
  display: grid;
  gap: 12px;
}

.sentence {
  font-size: 20px;
  line-height: 1.25;
  font-weight: 640;
}

.picture {
  padding: 10px 14px;
}

.busy {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 54px;
}

.result {
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 18px;
  padding: 12px 18px;
}

.plot {
  height: 460px;
  display: flex;
}

.plot > * {
  flex: 1;
}

.numbers {
  display: grid;
  gap: 14px;
  align-content: start;
}

.numbers td,
.numbers th {
  text-align: right;
  padding: 4px 8px;
  border-bottom: 1px solid var(--line);
}

.best td {
  font-weight: 640;
}

dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 4px 14px;
  margin: 0;
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
}

@media (max-width: 1000px) {
  .page,
  .result {
    grid-template-columns: minmax(0, 1fr);
  }

  .asked {
    grid-template-columns: 1fr 1fr;
  }
}

.broken th {
  color: var(--coral);
  font-weight: 700;
}
</style>
