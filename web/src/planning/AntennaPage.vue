<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { waitFor } from '@/antenna/solving'
import { answer, api, Problem } from '@/api/client'
import { CARRIERS, type Carrier } from '@/board/words'
import SweepPlot, { type PlotTrace } from '@/plots/SweepPlot.vue'
import { usePreferences } from '@/preferences'
import ChoiceField from '@/shell/ChoiceField.vue'
import TextField from '@/shell/TextField.vue'
import { formatMhz } from '@/units/frequency'
import { formatBoth, formatLength } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { bandPegs, drawn } from './band'
import {
  choiceSentence,
  emptyNeed,
  installationOf,
  readNeed,
  stands,
  type Assessment,
  type Computed,
  type NeedForm,
} from './choice'
import PlanTabs from './PlanTabs.vue'
import RoofView from './RoofView.vue'

const DRAFT = 'dorada.antenna-choice'
const NEW_INSTALLATION = 'dorada.plan-draft.new'
const EFFORT = ['', 'fit, cut once', 'some tuning', 'two controls']

const router = useRouter()
const preferences = usePreferences()
const kept = localStorage.getItem(DRAFT)
const form = ref<NeedForm>(
  kept ? { ...emptyNeed(), ...(JSON.parse(kept) as Partial<NeedForm>) } : emptyNeed(),
)
const ranked = ref<Assessment[]>([])
const solved = ref(new Map<string, Computed>())
const chosen = ref('')
const trouble = ref('')
const share = ref<number>()
const working = ref('')
const read = computed(() => readNeed(form.value, preferences.unit))
let jobId: string | undefined
let generation = 0

async function rank() {
  localStorage.setItem(DRAFT, JSON.stringify(form.value))
  const mine = ++generation
  void stopJob()
  solved.value = new Map()
  trouble.value = ''
  const { need } = read.value
  if (!need) return
  try {
    const list = await answer(api.POST('/api/planning/antennas', { body: need }))
    if (mine !== generation) return
    ranked.value = list
    if (!list.some((a) => a.candidate === chosen.value)) chosen.value = list[0]?.candidate ?? ''
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    if (mine === generation) {
      ranked.value = []
      trouble.value = error.message
    }
  }
}
let timer: ReturnType<typeof setTimeout> | undefined
watch(
  form,
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => void rank(), 250)
  },
  { deep: true },
)
void rank()

/** Solves one after the other; what is ready is shown at once. A changed need ends it. */
async function solve() {
  const { need } = read.value
  if (!need) return
  const mine = generation
  trouble.value = ''
  try {
    for (const a of ranked.value) {
      if (solved.value.has(a.candidate)) continue
      working.value = a.title
      share.value = 0
      const job = await answer(
        api.POST('/api/planning/antennas/{candidate}', {
          params: { path: { candidate: a.candidate } },
          body: need,
          headers: { Prefer: 'respond-async' },
        }),
      )
      jobId = (job as { id?: string }).id
      const end = await waitFor(jobId ?? '', (s) => (share.value = s))
      if (mine !== generation || end.state === 'STOPPED') return
      if (end.state === 'DONE') solved.value = new Map(solved.value).set(a.candidate, end.result as Computed)
      else trouble.value = `${a.title}: ${end.trouble ?? 'could not be solved.'}`
    }
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = `${working.value}: ${error.message}`
  } finally {
    share.value = undefined
    jobId = undefined
  }
}

async function stopJob() {
  if (jobId) await api.DELETE('/api/jobs/{id}', { params: { path: { id: jobId } } })
}
onBeforeUnmount(() => {
  generation++
  clearTimeout(timer)
  void stopJob()
})

const limit = computed(() => {
  const swr = read.value.need?.limitSwr ?? 2
  return { swr, label: `SWR ${swr}` }
})
const traces = computed<PlotTrace[]>(() =>
  ranked.value
    .flatMap((a) => {
      const c = solved.value.get(a.candidate)
      if (!c) return []
      const kind = a.candidate === chosen.value ? ('now' as const) : ('earlier' as const)
      return [{ id: a.candidate, label: a.title, kind, curve: drawn(c.trace) }]
    })
    .sort((a, b) => (a.kind === 'now' ? 1 : 0) - (b.kind === 'now' ? 1 : 0)),
)
const band = computed(() => {
  const n = read.value.need
  return n ? bandPegs(n, solved.value.get(chosen.value)?.trace) : []
})
const dbi = (x: number) => `${x.toFixed(1).replace('-', '−')} dBi`
const pick = computed(() => ranked.value.find((a) => a.candidate === chosen.value))
const plan = computed(() => {
  const { need } = read.value
  return need && pick.value && pick.value.excluded === undefined
    ? installationOf(form.value, need, pick.value, preferences.unit)
    : undefined
})
function make() {
  if (!plan.value) return
  localStorage.setItem(NEW_INSTALLATION, JSON.stringify(plan.value))
  void router.push('/installations/new')
}
</script>

<template>
  <div class="page">
    <div class="work">
      <PlanTabs />
      <form class="bar card" @submit.prevent="solve">
        <label class="field">
          <span class="name">Fitted to</span>
          <select v-model="form.carrier">
            <option v-for="(word, key) in CARRIERS" :key="key" :value="key as Carrier">{{ word }}</option>
          </select>
        </label>
        <TextField v-model="form.low" name="Band from, MHz" :wrong="read.wrong.low" />
        <TextField v-model="form.high" name="to, MHz" :wrong="read.wrong.high" />
        <TextField v-model="form.limit" name="SWR limit" :wrong="read.wrong.limit" />
        <TextField v-model="form.mountHeight" name="Mount above ground" :wrong="read.wrong.mountHeight" />
        <TextField v-model="form.clearance" name="Clearance, 0 = none" :wrong="read.wrong.clearance" />
      </form>
      <section class="card plot">
        <SweepPlot
          v-if="traces.length"
          :traces="traces"
          :pegs="band"
          :limit="limit"
          caption="Return loss of each candidate on this surface, the same heights in SWR on the right"
        />
        <p v-else class="soft empty">
          The list below is said by rule and length. Solve, and each candidate is tuned on this surface and
          drawn.
        </p>
      </section>
      <section v-if="ranked.length" class="card list">
        <table>
          <thead>
            <tr>
              <th>Candidate</th>
              <th>Length</th>
              <th>Tip at</th>
              <th>Worst SWR</th>
              <th>Under {{ limit.swr }}, MHz</th>
              <th>Horizon</th>
              <th>Take-off</th>
            </tr>
          </thead>
          <tbody
            v-for="a in ranked"
            :key="a.candidate"
            :class="{ on: a.candidate === chosen, out: a.excluded }"
          >
            <tr @click="chosen = a.candidate">
              <td>
                <button class="plain candidate" :aria-pressed="a.candidate === chosen">{{ a.title }}</button>
              </td>
              <td>
                {{ formatLength(solved.get(a.candidate)?.lengthM ?? a.lengthM, preferences.unit) }}
              </td>
              <td>{{ a.tipM.toFixed(2) }} m</td>
              <template v-if="solved.get(a.candidate)">
                <td>
                  {{ formatSwr(solved.get(a.candidate)?.worstSwr) }}
                  {{ solved.get(a.candidate)?.holds ? 'met' : 'missed' }}
                </td>
                <td>
                  <template v-if="solved.get(a.candidate)?.lowHz !== undefined">
                    {{ formatMhz(solved.get(a.candidate)?.lowHz ?? 0, 1) }}–{{
                      formatMhz(solved.get(a.candidate)?.highHz ?? 0, 1)
                    }}
                  </template>
                  <template v-else>none</template>
                </td>
                <td>{{ dbi(solved.get(a.candidate)?.horizonDbi ?? 0) }}</td>
                <td>{{ (solved.get(a.candidate)?.takeOffDeg ?? 0).toFixed(0).replace('-', '−') }}°</td>
              </template>
              <template v-else>
                <td v-for="n in 4" :key="n" class="soft">·</td>
              </template>
            </tr>
            <tr class="why">
              <td colspan="7">
                <span v-if="a.excluded" class="wrong">{{ a.excluded }}</span>
                {{ a.reasons.join(' ') }}
                <span class="soft">Claim: {{ a.claim }}. Effort: {{ EFFORT[a.effort] }}.</span>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>

    <aside class="side">
      <p class="sentence" role="status">
        {{ choiceSentence(ranked, solved, limit.swr, (m) => formatBoth(m, preferences.unit)) }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <button v-if="share === undefined" class="do" :disabled="!ranked.length" @click="solve">
        Solve them on this surface
      </button>
      <template v-else>
        <button class="other" @click="stopJob">Stop</button>
        <progress :value="share" max="1" :aria-label="`Solving ${working}`"></progress>
        <p class="hint">Tuning and solving the {{ working }}, {{ Math.round(share * 100) }} %.</p>
      </template>
      <button v-if="plan" class="other" @click="make">Make an installation of the {{ pick?.title }}</button>
      <section v-if="stands(form.carrier)" class="card block">
        <ChoiceField
          v-model="form.surface"
          name="Surface at the mount"
          :options="[
            { value: 'metal', word: 'Bare metal' },
            { value: 'plastic', word: 'Plastic, fabric, wood' },
          ]"
        />
        <div v-if="form.surface === 'metal'" class="two">
          <TextField v-model="form.roofLength" name="Length, forward" :wrong="read.wrong.roofLength" />
          <TextField v-model="form.roofWidth" name="Width" :wrong="read.wrong.roofWidth" />
          <TextField v-model="form.along" name="Mount forward of middle" :wrong="read.wrong.along" />
          <TextField v-model="form.across" name="Mount left of middle" :wrong="read.wrong.across" />
        </div>
        <RoofView v-if="read.need" :need="read.need" />
        <p class="hint">
          From above. Dashed: a quarter-wave about the mount; red: what the metal lacks of it. No metal at
          all? See
          <RouterLink to="/plan/ground">Ground plane</RouterLink>.
        </p>
      </section>
      <p class="hint">
        Gains are of vertical polarisation, mean over all directions, from the wire solver: in free space
        above 60 MHz, over perfect ground (at 10°) below. Local stations and repeaters want the horizon; skip
        on CB wants low angles too. Claims are what people say.
      </p>
      <p v-if="form.carrier === 'VEHICLE'" class="caution">
        Before drilling: curtain airbags, roof wiring, fuel lines, high-voltage cables. Fuse both supply leads
        at the battery.
      </p>
      <p v-if="form.carrier === 'AIRCRAFT'" class="caution">
        Structural, electrical and return-to-service work only by licensed staff with approved data.
      </p>
      <p v-if="form.carrier === 'MAST' || form.carrier === 'PORTABLE'" class="caution">
        Overhead power lines: stay one and a half times the total height away; look up before raising
        anything.
      </p>
    </aside>
  </div>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 16px;
  padding: 16px 22px 22px;
}

.work,
.side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  align-content: start;
}

.bar {
  display: grid;
  grid-template-columns: repeat(6, minmax(0, 1fr));
  gap: 10px;
  align-items: start;
  padding: 8px 14px 12px;
}

.plot {
  height: 330px;
  padding: 8px;
  display: flex;
}

.plot > * {
  flex: 1;
}

.empty {
  align-self: center;
  text-align: center;
  padding: 40px;
}

.list {
  padding: 4px 14px 10px;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
}

th,
td {
  padding: 3px 8px;
  text-align: right;
  white-space: nowrap;
}

th:first-child,
td:first-child {
  text-align: left;
}

tbody {
  border-top: 1px solid var(--line);
}

tbody.on {
  background: var(--deep);
}

tbody.out .candidate {
  color: var(--soft);
}

.candidate {
  padding: 0;
  min-height: 34px;
  font-weight: 600;
  text-decoration: none;
  text-align: left;
}

.why td {
  white-space: normal;
  text-align: left;
  font-size: 14px;
  padding-bottom: 8px;
}

.sentence {
  font-size: 22px;
  line-height: 1.25;
  font-weight: 640;
}

.block {
  padding: 12px 16px;
  display: grid;
  gap: 8px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}

progress {
  width: 100%;
}

@media (max-width: 1000px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
  }

  .bar {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
