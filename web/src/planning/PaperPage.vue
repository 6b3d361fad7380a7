<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import PlainTable from '@/ui/PlainTable.vue'
import ProgressBar from '@/ui/ProgressBar.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { useWords, type Outcome } from '@/words/words'
import { computed, onMounted, ref } from 'vue'
import { useSolving } from '@/antenna/useSolving'
import { answer, api, Problem } from '@/api/client'
import SweepPlot from '@/plots/SweepPlot.vue'
import { usePreferences } from '@/preferences'
import { formatChannelMhz } from '@/units/frequency'
import { FOOT_M, formatBoth } from '@/units/length'
import CautionsAt from '@/safety/CautionsAt.vue'
import { formatDay } from '@/units/time'
import { formatSwr } from '@/units/swr'
import { bandPegs, drawn } from './band'
import { firstByRule, dbi, emptyNeed, keptNeed, readNeed, type Assessment, type Computed } from './choice'
import { DRAFTS, rememberedPlan, keptCandidate } from './drafts'
import { formatKg } from '@/units/weight'
import { keptGround } from './ground'
import { partLines } from './paper'
import PaperGround from './PaperGround.vue'
import RoofView from './RoofView.vue'
import { formatDb, formatWatts } from '@/units/watts'
import { emptyStation, keepAway, keptStation, readStation, type StationAnswer } from './station/plan'
import WattsPicture from './station/WattsPicture.vue'

/** The whole plan on a sheet of paper: what, where, of what, with how many watts, and what to mind. */
const preferences = usePreferences()
const words = useWords()
const kept = rememberedPlan()
const needForm = keptNeed() ?? emptyNeed()
const need = computed(() => readNeed(needForm, preferences.unit).need)
const picked = keptCandidate(DRAFTS.chosen) || keptCandidate(DRAFTS.named)
const stationForm = keptStation() ?? emptyStation()
const stationPlan = readStation(stationForm, preferences.unit).plan
const choice = ref<Assessment>()
const computedAntenna = ref<Computed>()
const station = ref<StationAnswer>()
const refused = ref('')
const ground = keptGround()
/** The made ground is solved after the antenna: one computation at a time. */
const groundsTurn = ref(false)
/** True once everything that goes on the paper is there. */
const isReady = ref(false)
const feedlines = ref(new Map<string, string>())
const { share, trouble, run, stop } = useSolving<Computed>()

const told = (reason: Outcome | undefined) => (reason ? words.value.sentence(reason) : '')

async function begin() {
  try {
    if (stationPlan)
      station.value = await answer(
        api.POST('/api/planning/station', { body: { ...stationPlan, carrier: needForm.carrier } }),
      )
    const lines = await answer(api.GET('/api/planning/feedlines'))
    feedlines.value = new Map(lines.map((l) => [l.id, words.value.phrase(l.title)]))
    const n = need.value
    if (!n) {
      refused.value = words.value.text('paper.NOT_YET')
      return
    }
    const ranked = await answer(api.POST('/api/planning/antennas', { body: n }))
    choice.value = ranked.find((a) => a.candidate === picked) ?? firstByRule(ranked)
    const c = choice.value
    if (!c) {
      refused.value = ranked[0]?.excluded
        ? words.value.sentence(ranked[0].excluded)
        : words.value.text('paper.NO_ANTENNA')
      return
    }
    await run([
      {
        name: words.value.phrase(c.title),
        start: () =>
          answer(
            api.POST('/api/planning/antennas/{candidate}', {
              params: { path: { candidate: c.candidate } },
              body: n,
              headers: { Prefer: 'respond-async' },
            }),
          ),
        done: (result) => (computedAntenna.value = result),
      },
    ])
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    refused.value = error.message
  } finally {
    if (ground) groundsTurn.value = true
    else isReady.value = true
  }
}
onMounted(() => void begin())

const LONG_M = 3
/** Rods to the millimetre, masts and lines in metres and feet. */
const both = (m: number) =>
  m < LONG_M ? formatBoth(m, preferences.unit) : `${m.toFixed(2)} m (${(m / FOOT_M).toFixed(1)} ft)`
const parts = computed(() =>
  partLines(
    computedAntenna.value?.parts ?? [],
    stationPlan?.alternatives[0],
    feedlines.value,
    both,
    words.value,
  ),
)
const limit = computed(() => limitLine(need.value?.limitSwr ?? 2, words.value))
const isElsewhere = computed(() => {
  const hz = stationPlan?.frequencyHz ?? 0
  return need.value !== undefined && (hz < need.value.lowHz || hz > need.value.highHz)
})
const notes = computed(() =>
  words.value.sentences([
    ...(choice.value?.excluded ? [choice.value.excluded] : []),
    ...(choice.value?.reasons ?? []),
  ]),
)
const pegs = computed(() => bandPegs(computedAntenna.value?.ends, words.value))
const reaches = (l: StationAnswer['ways'][number]['links'][number]) =>
  words.value.text(l.inSight ? 'paper.IN_SIGHT' : 'paper.BEYOND', {
    station: l.name,
    margin: formatDb(l.marginDb),
  })
const print = () => window.print()
const today = formatDay(new Date().toISOString())
</script>

<template>
  <div class="paper">
    <div class="head">
      <div>
        <h1>{{ kept?.name ?? words.text('paper.PLAN') }}</h1>
        <p class="soft">{{ today }}</p>
      </div>
      <BigAction v-if="isReady" class="print" @click="print">{{ words.text('paper.PRINT') }}</BigAction>
      <div v-else class="print">
        <ProgressBar :share="share ?? 0" :name="words.text('paper.SOLVING')" />
        <ActionButton quiet @click="stop">{{ words.text('paper.STOP') }}</ActionButton>
      </div>
    </div>
    <p v-if="refused || trouble" class="wrong" role="alert">{{ refused || trouble }}</p>

    <section v-if="need && choice" class="card stack">
      <h2>{{ words.text('paper.FIT', { antenna: words.phrase(choice.title) }) }}</h2>
      <div class="sides">
        <dl>
          <dt>{{ words.text('paper.ON') }}</dt>
          <dd>
            {{ words.text(`fittedTo.${need.carrier}`)
            }}<template v-if="need.material !== 'NONE'"
              >, {{ words.text(`planPage.material.${need.material}`).toLowerCase() }}</template
            >
            <template v-if="need.roofLengthM">
              {{ ' ' }}{{ both(need.roofLengthM) }} × {{ both(need.roofWidthM) }}</template
            >
          </dd>
          <dt>{{ words.text('paper.BAND') }}</dt>
          <dd>
            {{
              words.text('paper.FROM_TO', {
                low: formatChannelMhz(need.lowHz),
                high: formatChannelMhz(need.highHz),
                limit: String(limit.swr),
              })
            }}
          </dd>
          <dt>{{ words.text('paper.REACH') }}</dt>
          <dd>
            {{ words.text(`planPage.target.${need.target ?? 'ALL_ROUND'}`)
            }}<template v-if="need.target === 'ONE_STATION'"
              >, {{ words.text('paper.BEARING', { degrees: String(need.bearingDeg) }) }}</template
            >, {{ words.text(need.polarisation === 'HORIZONTAL' ? 'paper.HORIZONTAL' : 'paper.VERTICAL') }}
          </dd>
          <dt>{{ words.text('paper.TOP') }}</dt>
          <dd>{{ words.text('paper.ABOVE', { height: both(choice.tipM) }) }}</dd>
          <template v-if="computedAntenna">
            <dt>{{ words.text('paper.LENGTH') }}</dt>
            <dd>{{ words.text('paper.BEFORE_ALLOWANCE', { length: both(computedAntenna.lengthM) }) }}</dd>
            <dt>{{ words.text('paper.WORST_SWR') }}</dt>
            <dd>
              {{ formatSwr(computedAntenna.worstSwr) }},
              {{ words.text(computedAntenna.holds ? 'planPage.HOLDS' : 'planPage.MISSES') }}
            </dd>
            <dt>{{ words.text('paper.GAIN') }}</dt>
            <dd>
              {{
                words.text('paper.STRONGEST', {
                  gain: dbi(computedAntenna.wantedDbi),
                  degrees: String(computedAntenna.takeOffDeg),
                })
              }}
            </dd>
            <dt>{{ words.text('paper.METAL') }}</dt>
            <dd>
              {{
                words.text('paper.LONGEST', {
                  mass: formatKg(computedAntenna.massKg),
                  length: both(computedAntenna.packedM),
                })
              }}
            </dd>
          </template>
          <template v-if="notes">
            <dt>{{ words.text('paper.NOTE') }}</dt>
            <dd>{{ notes }}</dd>
          </template>
        </dl>
        <RoofView v-if="need.carrier === 'VEHICLE' || need.carrier === 'AIRCRAFT'" :need="need" />
      </div>
      <div v-if="computedAntenna" class="plot">
        <SweepPlot
          :traces="[
            {
              id: 'plan',
              label: words.phrase(choice.title),
              kind: 'now',
              curve: drawn(computedAntenna.trace),
            },
          ]"
          :pegs="pegs"
          :limit="limit"
          :caption="words.text('paper.CAPTION')"
        />
      </div>
    </section>

    <PaperGround v-if="ground && groundsTurn" :draft="ground" @ready="isReady = true" />

    <section v-if="parts.length" class="card stack">
      <h2>{{ words.text('paper.PARTS') }}</h2>
      <ul>
        <li v-for="p in parts" :key="p">{{ p }}</li>
      </ul>
    </section>

    <section v-if="station" class="card stack">
      <h2>{{ words.text('paper.WATTS') }}</h2>
      <p>
        {{ words.sentence(station.says) }}
        {{ words.text('paper.AT', { frequency: formatChannelMhz(stationPlan?.frequencyHz ?? 0) }) }}
      </p>
      <p v-if="isElsewhere" class="wrong" role="alert">
        {{ words.text('paper.OUTSIDE') }}
      </p>
      <WattsPicture :ways="station.ways" />
      <PlainTable is-of-numbers>
        <thead>
          <tr>
            <th>{{ words.text('paper.WAY') }}</th>
            <th>{{ words.text('paper.SENDS') }}</th>
            <th>{{ words.text('paper.INTO') }}</th>
            <th>{{ words.text('paper.ERP') }}</th>
            <th>{{ words.text('paper.EVERYBODY') }}</th>
            <th>{{ words.text('paper.CREW') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="w in station.ways" :key="w.name">
            <td>{{ w.name }}</td>
            <td>{{ formatWatts(w.sentW) }}</td>
            <td>{{ formatWatts(w.atAntennaW) }}</td>
            <td>{{ formatWatts(w.erpW) }}</td>
            <td>
              {{
                w.publicDistance.distanceM === undefined
                  ? told(w.publicDistance.reason)
                  : keepAway(w.publicDistance.distanceM)
              }}
            </td>
            <td>
              {{
                w.occupationalDistance.distanceM === undefined
                  ? told(w.occupationalDistance.reason)
                  : keepAway(w.occupationalDistance.distanceM)
              }}
            </td>
          </tr>
        </tbody>
      </PlainTable>
      <p v-for="(l, i) in station.ways[0]?.links ?? []" :key="i">
        {{ reaches(l) }}
      </p>
    </section>

    <section class="card stack">
      <h2>{{ words.text('paper.MIND') }}</h2>
      <CautionsAt
        :carrier="needForm.carrier"
        cutting
        :total-height-m="stationPlan?.totalHeightM ?? 0"
        :more="station?.cautions ?? []"
      />
    </section>
  </div>
</template>

<style scoped>
.paper {
  max-width: 980px;
  margin: 0 auto;
  padding: 16px 22px 40px;
  display: grid;
  gap: 12px;
}

.print {
  width: 180px;
}

.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 240px;
  gap: 16px;
}

.plot {
  min-height: 330px;
}

@media print {
  .paper {
    padding: 0;
    max-width: none;
  }

  .print {
    display: none;
  }

  .card {
    break-inside: avoid;
    border: 0;
    padding: 6px 0;
  }
}
</style>
