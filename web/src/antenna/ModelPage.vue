<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import { useWords } from '@/words/words'
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
import { formatOhm } from '@/units/impedance'
import { curveOfPoints, resultRows, waitFor } from './solving'
import WirePicture from './WirePicture.vue'

const words = useWords()

const POINTS = 201
const LIMIT_SWR = 2
const AXES = ['x', 'y', 'z']
const copy = (rows: WireRow[]): WireRow[] => JSON.parse(JSON.stringify(rows)) as WireRow[]

const [first] = EXAMPLES
const rows = ref<WireRow[]>(copy(first.rows))
const ground = ref<'none' | 'perfect'>(first.ground)
const feedWire = ref(String(first.feed.wire))
const feedAt = ref(String(first.feed.position))
const startText = ref(String(first.startMhz))
const stopText = ref(String(first.stopMhz))

const table = computed(() => readTable(rows.value, words.value))
const feed = computed(() => ({ wire: Number(feedWire.value) || 0, position: Number(feedAt.value) || 0 }))
const result = shallowRef<Schemas['ModelAnswer']>()
const trouble = ref('')
const brokenWire = ref<number>()
const share = ref<number>()
let jobId: string | undefined

function take(id: string) {
  const example = EXAMPLES.find((e) => e.id === id)
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
    trouble.value = words.value.text('modelPage.SPAN')
    return undefined
  }
  if (!position.ok) {
    trouble.value = words.value.text('modelPage.FEED')
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
    else if (done.state === 'FAILED') trouble.value = done.trouble ?? words.value.text('modelPage.UNSOLVED')
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
    ? [
        {
          id: 'now',
          label: words.value.text('modelPage.MODEL'),
          kind: 'now' as const,
          curve: curveOfPoints(result.value.points),
        },
      ]
    : [],
)
const rowsOfResult = computed(() => (result.value ? resultRows(result.value.points) : undefined))
const sentence = computed(() => {
  const dip = rowsOfResult.value?.dip
  if (!dip) return words.value.text('modelPage.TYPE')
  const best = { mhz: formatMhz(dip.frequencyHz), swr: formatSwr(dip.swr) }
  return dip.isAtEdge
    ? words.value.text('modelPage.BEST_AT_EDGE', best)
    : words.value.text('modelPage.BEST', {
        ...best,
        resistance: formatOhm(dip.resistanceOhm),
        reactance: formatOhm(dip.reactanceOhm),
      })
})
</script>

<template>
  <div class="page">
    <section class="card stack">
      <div class="head">
        <h1>{{ words.text('modelPage.TITLE') }}</h1>
        <MenuButton
          :word="words.text('modelPage.EXAMPLE')"
          :options="EXAMPLES.map((e) => ({ value: e.id, word: words.text(`modelPage.example.${e.id}`) }))"
          @chosen="take"
        />
      </div>
      <div class="scroll">
        <PlainTable>
          <thead>
            <tr>
              <th></th>
              <th colspan="3">{{ words.text('modelPage.FROM_XYZ') }}</th>
              <th colspan="3">{{ words.text('modelPage.TO_XYZ') }}</th>
              <th>{{ words.text('modelPage.RADIUS') }}</th>
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
                  :name="words.text('modelPage.FROM', { wire: `${i}`, axis: AXES[k - 1] })"
                  inputmode="decimal"
                  @update:model-value="row.from[k - 1] = $event"
                />
              </td>
              <td v-for="k in 3" :key="`t${k}`">
                <TextField
                  :model-value="row.to[k - 1] ?? ''"
                  bare
                  :name="words.text('modelPage.TO', { wire: `${i}`, axis: AXES[k - 1] })"
                  inputmode="decimal"
                  @update:model-value="row.to[k - 1] = $event"
                />
              </td>
              <td>
                <TextField
                  v-model="row.radiusMm"
                  bare
                  :name="words.text('modelPage.RADIUS_OF', { wire: `${i}` })"
                  inputmode="decimal"
                />
              </td>
              <td>
                <ActionButton
                  quiet
                  :aria-label="words.text('modelPage.REMOVE_WIRE', { wire: `${i}` })"
                  :disabled="rows.length === 1"
                  @click="rows.splice(i, 1)"
                >
                  {{ words.text('modelPage.REMOVE') }}
                </ActionButton>
              </td>
            </tr>
          </tbody>
        </PlainTable>
      </div>
      <ActionButton class="start" @click="add">{{ words.text('modelPage.ADD') }}</ActionButton>
      <ChoiceField
        v-model="ground"
        :name="words.text('modelPage.GROUND')"
        :options="[
          { value: 'none', word: words.text('modelPage.FREE_SPACE') },
          { value: 'perfect', word: words.text('modelPage.PERFECT') },
        ]"
      />
      <div class="fields asked">
        <TextField v-model="feedWire" :name="words.text('modelPage.FED_WIRE')" />
        <TextField v-model="feedAt" :name="words.text('modelPage.FED_AT')" />
        <TextField v-model="startText" :name="words.text('modelPage.START')" />
        <TextField v-model="stopText" :name="words.text('modelPage.STOP_MHZ')" />
      </div>
      <p class="hint">
        {{ words.text('modelPage.HINT') }}
      </p>
    </section>

    <aside class="stack">
      <p class="sentence" role="status">{{ sentence }}</p>
      <BigAction v-if="share === undefined" lasting @click="solve">{{
        words.text('modelPage.SOLVE')
      }}</BigAction>
      <div v-else class="busy">
        <ProgressBar :share="share" :name="words.text('modelPage.SOLVING')" />
        <ActionButton @click="stop">{{ words.text('modelPage.STOP') }}</ActionButton>
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
          {{ words.text(result ? 'modelPage.TURN_CURRENTS' : 'modelPage.TURN') }}
        </p>
      </div>
    </aside>

    <section v-if="result && rowsOfResult" class="card result">
      <div class="plot">
        <SweepPlot
          :traces="traces"
          :pegs="[]"
          :limit="limitLine(LIMIT_SWR, words)"
          :caption="words.text('modelPage.CAPTION')"
        />
      </div>
      <div class="numbers stack">
        <PlainTable>
          <thead>
            <tr>
              <th>MHz</th>
              <th>{{ words.text('tuning.SWR') }}</th>
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
          <dt>{{ words.text('modelPage.GAIN') }}</dt>
          <dd>
            {{
              words.text('modelPage.GAIN_AT', {
                dbi: result.pattern?.maxGainDbi.toFixed(2),
                mhz: formatMhz(result.points[100]?.frequencyHz ?? 0, 2),
              })
            }}
          </dd>
          <dt>{{ words.text('modelPage.UNKNOWNS') }}</dt>
          <dd>
            {{
              words.text('modelPage.SOLVED_IN', {
                unknownCount: result.unknowns,
                solveCount: result.solves,
                seconds: (result.solveMs / 1000).toFixed(2),
              })
            }}
          </dd>
          <dt>{{ words.text('modelPage.AVERAGE_GAIN') }}</dt>
          <dd>{{ words.text('modelPage.SOUND', { ratio: result.averageGain.toFixed(4) }) }}</dd>
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

.scroll {
  overflow: auto;
  max-height: 330px;
}

td {
  padding: 2px;
}

td .plain {
  min-height: 34px;
}

.asked {
  grid-template-columns: repeat(4, minmax(0, 1fr));
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
  min-height: 460px;
}

.numbers td,
.numbers th {
  text-align: right;
}

.best td {
  font-weight: 640;
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
