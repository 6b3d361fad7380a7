<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import ProgressBar from '@/ui/ProgressBar.vue'
import { NSkeleton } from 'naive-ui'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { watchDebounced } from '@vueuse/core'
import { keep } from '@/kept'
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useSolving } from '@/antenna/useSolving'
import { answer, api, Problem } from '@/api/client'
import { useLatest } from '@/api/latest'
import { carrierOptions } from '@/board/words'
import SweepPlot from '@/plots/SweepPlot.vue'
import type { PlotTrace } from '@/plots/sweep/trace'
import { PLAN_OF_NEW } from '@/installation/planForm'
import { usePreferences } from '@/preferences'
import TextField from '@/ui/TextField.vue'
import CautionsAt from '@/safety/CautionsAt.vue'
import { useTypedLengths } from '@/units/typed'
import { useWords } from '@/words/words'
import { useAdvisedAntenna } from './advised'
import { bandPegs, drawn } from './band'
import CandidateTable from './CandidateTable.vue'
import {
  dbi,
  firstByRule,
  installationOf,
  emptyNeed,
  keptNeed,
  readNeed,
  type Assessment,
  type Computed,
  type NeedForm,
} from './choice'
import { DRAFTS, rememberedPlan, keptCandidate, keepTyped } from './drafts'
import PlaceFields from './PlaceFields.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { emptyStation, keptStation, readStation, withAntenna } from './station/plan'
import { sheetAddress } from './toSheet'

const NEW_INSTALLATION = 'dorada.plan-draft.new'

const router = useRouter()
const preferences = usePreferences()
const form = ref<NeedForm>(keptNeed() ?? emptyNeed())
const typed = useTypedLengths(form)
const ranked = ref<Assessment[]>([])
const solved = ref(new Map<string, Computed>())
/** What was computed for the need before this one: shown, faded, until its place is taken. */
const before = shallowRef(new Map<string, Computed>())
const read = computed(() => readNeed(form.value, preferences.unit))
const words = useWords()
const limitSwr = computed(() => read.value.need?.limitSwr ?? 2)
const advisedAntenna = useAdvisedAntenna(ranked, solved, limitSwr)
/** Until the answer is there, and where it is of another need, the first by rule. */
const advisedId = computed(() => {
  const id = advisedAntenna.data.value?.id
  const isOpen = ranked.value.some((a) => a.candidate === id && a.excluded === undefined)
  return isOpen && id ? id : (firstByRule(ranked.value)?.candidate ?? '')
})
const advice = computed(() => {
  const says = advisedAntenna.data.value?.says
  return firstByRule(ranked.value) && says
    ? words.value.sentence(says)
    : ranked.value[0]?.excluded
      ? words.value.sentence(ranked.value[0].excluded)
      : words.value.text('planPage.SAY_WHAT')
})
/** What somebody chose; until then it is what is advised, so that the sentence and what is made of it are one antenna. */
const picked = ref<string>(keptCandidate(DRAFTS.chosen))
watch(picked, (c) => keepTyped(DRAFTS.chosen, c))
const chosen = computed({
  get: () => picked.value || advisedId.value,
  set: (candidate: string) => (picked.value = candidate),
})
watch(chosen, (c) => keepTyped(DRAFTS.named, c))
const { share, working, trouble, run, stop } = useSolving<Computed>()
const latest = useLatest()

async function rank() {
  keepTyped(DRAFTS.antenna, typed())
  const signal = latest()
  stop()
  before.value = new Map([...before.value, ...solved.value])
  solved.value = new Map()
  trouble.value = ''
  const { need } = read.value
  if (!need) return
  try {
    const list = await answer(api.POST('/api/planning/antennas', { body: need, signal }))
    if (signal.aborted) return
    ranked.value = list
    const still = list.find((a) => a.candidate === picked.value)
    if (still?.excluded !== undefined || !still) picked.value = ''
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    if (!signal.aborted) {
      ranked.value = []
      trouble.value = error.message
    }
  }
}
watchDebounced(form, () => void rank(), { debounce: 250, deep: true })
void rank()
/** By itself as soon as nothing is typed any more; who stops it begins it again by hand. */
const COMPUTED_AFTER_MS = 600
watchDebounced(ranked, () => void solve(), { debounce: COMPUTED_AFTER_MS })

/** Solves one after the other; what is ready is shown at once. A changed need ends it. */
async function solve() {
  const { need } = read.value
  if (!need) return
  await run(
    ranked.value
      .filter((a) => !solved.value.has(a.candidate))
      .map((a) => ({
        name: words.value.phrase(a.title),
        start: () =>
          answer(
            api.POST('/api/planning/antennas/{candidate}', {
              params: { path: { candidate: a.candidate } },
              body: need,
              headers: { Prefer: 'respond-async' },
            }),
          ),
        done: (c: Computed) => {
          solved.value = new Map(solved.value).set(a.candidate, c)
        },
      })),
  )
}

const limit = computed(() => limitLine(limitSwr.value, words.value))
const traces = computed<PlotTrace[]>(() =>
  ranked.value
    .flatMap((a) => {
      // Curves of the need before stay until the first of this one is there: never both.
      const isOld = solved.value.size === 0
      const c = (isOld ? before : solved).value.get(a.candidate)
      if (!c) return []
      const kind = !isOld && a.candidate === chosen.value ? ('now' as const) : ('earlier' as const)
      const name = words.value.phrase(a.title)
      return [
        {
          id: a.candidate,
          label: isOld ? words.value.text('planPage.BEFORE', { name }) : name,
          kind,
          curve: drawn(c.trace),
        },
      ]
    })
    .sort((a, b) => (a.kind === 'now' ? 1 : 0) - (b.kind === 'now' ? 1 : 0)),
)
const band = computed(() => bandPegs(solved.value.get(chosen.value)?.ends, words.value))
const pick = computed(() => ranked.value.find((a) => a.candidate === chosen.value))
/** The first way to the air, where somebody planned one: its radio and its line go along. */
function plannedWay() {
  const station = keptStation()
  return station && readStation(station, preferences.unit).plan?.alternatives[0]
}
const plan = computed(() => {
  const { need } = read.value
  return need && pick.value && pick.value.excluded === undefined
    ? installationOf(form.value, need, pick.value, words.value, plannedWay())
    : undefined
})
function make() {
  if (!plan.value) return
  keep(NEW_INSTALLATION, plan.value)
  const saved = rememberedPlan()
  if (saved && !saved.installationId) keep(PLAN_OF_NEW, saved.id)
  else keep(PLAN_OF_NEW, undefined)
  void router.push('/installations/new')
}

/** What was computed of the chosen antenna, into the first way of power and reach. */
const computedPick = computed(() => pick.value && solved.value.get(pick.value.candidate))
function toPower() {
  const c = computedPick.value
  const { need } = read.value
  if (!c || !need) return
  const mhz = formatMhz((need.lowHz + need.highHz) / 2)
  keepTyped(DRAFTS.station, { ...withAntenna(keptStation() ?? emptyStation(), c.worstSwr, c.wantedDbi), mhz })
  void router.push('/plan/watts')
}
</script>

<template>
  <div class="desk">
    <div class="work">
      <form class="bar card" @submit.prevent="solve">
        <PickField
          v-model="form.carrier"
          :name="words.text('planPage.FITTED_TO')"
          :options="carrierOptions(words)"
        />
        <TextField v-model="form.low" :name="words.text('planPage.BAND_FROM')" :wrong="read.wrong.low" />
        <TextField v-model="form.high" :name="words.text('planPage.BAND_TO')" :wrong="read.wrong.high" />
        <TextField v-model="form.limit" :name="words.text('planPage.LIMIT')" :wrong="read.wrong.limit" />
        <TextField
          v-model="form.mountHeight"
          :name="words.text(form.carrier === 'INDOOR' ? 'planPage.FLOOR_HEIGHT' : 'planPage.MOUNT_HEIGHT')"
          :wrong="read.wrong.mountHeight"
        />
        <TextField
          v-model="form.clearance"
          :name="words.text('planPage.CLEARANCE')"
          :wrong="read.wrong.clearance"
        />
      </form>
      <section class="card plot">
        <SweepPlot
          v-if="traces.length"
          :traces="traces"
          :pegs="band"
          :limit="limit"
          :caption="words.text('planPage.CAPTION')"
        />
        <NSkeleton v-else-if="share !== undefined" class="coming" :sharp="false" />
        <p v-else class="soft empty">{{ words.text('planPage.BY_RULE') }}</p>
      </section>
      <section v-if="ranked.length" class="card list">
        <CandidateTable
          v-model="chosen"
          :ranked="ranked"
          :solved="solved"
          :before="before"
          :limit="limit.swr"
        />
      </section>
    </div>

    <aside class="side">
      <p class="sentence" role="status">
        {{ advice }}
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <BigAction v-if="plan" lasting @click="make">
        {{ words.text('planPage.CREATE', { antenna: pick ? words.phrase(pick.title) : '' }) }}
      </BigAction>
      <template v-if="share !== undefined">
        <ActionButton @click="stop">{{ words.text('planPage.STOP') }}</ActionButton>
        <ProgressBar :share="share" :name="words.text('planPage.SOLVING', { antenna: working })" />
        <p class="hint">
          {{
            words.text('planPage.SOLVING_AT', { antenna: working, percent: String(Math.round(share * 100)) })
          }}
        </p>
      </template>
      <ActionButton v-else-if="solved.size < ranked.length" @click="solve">{{
        words.text('planPage.COMPUTE')
      }}</ActionButton>
      <RouterLink
        v-if="read.need && pick && pick.excluded === undefined"
        class="other"
        :to="{ path: '/cutting', query: sheetAddress(solved.get(pick.candidate) ?? pick, read.need) }"
      >
        {{ words.text('planPage.CUT_SHEET', { antenna: words.phrase(pick.title) }) }}
      </RouterLink>
      <ActionButton v-if="computedPick" @click="toPower">
        {{
          words.text('planPage.INTO_POWER', {
            swr: formatSwr(computedPick.worstSwr),
            gain: dbi(computedPick.wantedDbi),
          })
        }}
      </ActionButton>
      <PlaceFields v-model="form" :need="read.need" :wrong="read.wrong" />
      <p class="hint">
        {{ words.text('planPage.GAINS') }}
      </p>
      <CautionsAt :carrier="form.carrier" />
    </aside>
  </div>
</template>

<style scoped>
.plot {
  min-height: 400px;
  padding: 8px;
}

.coming {
  height: 100%;
}

.list {
  padding: 4px 14px 10px;
  overflow-x: auto;
}
</style>
