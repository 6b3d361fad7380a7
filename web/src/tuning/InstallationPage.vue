<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api } from '@/api/client'
import { useInstallation, useInstallationChange, useMe, usePasses, useTakeBack } from '@/api/queries'
import { curveOf as curveOfLive, type LiveSweep } from '@/instrument/live'
import { returnLossAt } from '@/plots/sweepScale'
import SweepPlot, { type Peg, type PlotTrace } from '@/plots/SweepPlot.vue'
import { usePreferences } from '@/preferences'
import { isTyping } from '@/shell/keys'
import { useForm } from '@/shell/useForm'
import { formatSwr, swrOfReturnLoss } from '@/units/swr'
import { formatTime } from '@/units/time'
import { freshDraft, loadDraft, type PassDraft } from './draft'
import MakePermanent from './MakePermanent.vue'
import PassFacts from './PassFacts.vue'
import PassStrip from './PassStrip.vue'
import PlanSummary from './PlanSummary.vue'
import RecordPass from './RecordPass.vue'
import RoadSteps, { type RoadStep } from './RoadSteps.vue'
import { cautions, changeWords, dipWords, passName, sentence, type Pass } from './sentence'
import ShareList from './ShareList.vue'
import { newlyMet, ring } from './signal'
import SignedOff from './SignedOff.vue'
import SignOffForm from './SignOffForm.vue'

const props = defineProps<{ id: string }>()

const route = useRoute()
const router = useRouter()
const preferences = usePreferences()
const me = useMe()
const id = computed(() => props.id)
const installation = useInstallation(id)
const passList = usePasses(id)
const draft = ref<PassDraft | undefined>(loadDraft(props.id))

const passes = computed(() => passList.data.value ?? [])
const last = computed(() => passes.value.at(-1))
const shownNumber = computed(() => Number(route.query.pass ?? last.value?.number ?? 0))
const shown = computed<Pass | undefined>(
  () => passes.value.find((p) => p.number === shownNumber.value) ?? last.value,
)
const isLast = computed(() => shown.value?.number === last.value?.number)
const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const mayRecord = computed(() => mayWrite.value && !installation.data.value?.signOff)

/** The first sweep of the antenna that stays; the old one is no more than a reference. */
const own = computed(() => passes.value.filter((p) => !p.oldAntenna))
const isPermanent = computed(() => own.value.at(-1)?.finalSweep ?? false)

const usualStep = computed(() => {
  if (installation.data.value?.signOff) return 'share'
  return own.value.length === 0 ? 'baseline' : 'tune'
})
const step = computed(() => String(route.query.step ?? usualStep.value))

const road = computed<RoadStep[]>(() => {
  const i = installation.data.value
  const first = own.value[0]
  const isMet = own.value.at(-1)?.verdict.met ?? false
  const isClosed = i?.signOff !== undefined
  const dip = (p: Pass | undefined) => {
    if (!p) return ''
    const words = dipWords(p)
    return words === 'no dip' ? words : `dip ${words}`
  }
  return [
    { key: 'plan', name: 'Plan', state: 'done', detail: i ? `${i.channels.length} channels` : '' },
    { key: 'baseline', name: 'Baseline', state: first ? 'done' : 'now', detail: dip(first) },
    {
      key: 'tune',
      name: 'Tune',
      state: !first ? 'ahead' : isMet || isClosed ? 'done' : 'now',
      detail: last.value && last.value.number > 1 ? `pass ${last.value.number}, ${dip(last.value)}` : '',
    },
    {
      key: 'permanent',
      name: 'Make permanent',
      state: isPermanent.value ? 'done' : isMet && !isClosed ? 'now' : 'ahead',
      detail: isPermanent.value ? 'final sweep taken' : '',
    },
    {
      key: 'sign-off',
      name: 'Sign off',
      state: isClosed ? 'done' : isMet && isPermanent.value ? 'now' : 'ahead',
      detail: i?.signOff ? `${i.signOff.by}, pass ${i.signOff.passNumber}` : '',
    },
    { key: 'share', name: 'Share', state: isClosed ? 'done' : 'ahead', detail: '' },
  ]
})

function open(key: string) {
  const pass = key === 'baseline' && passes.value.length > 1 ? '1' : undefined
  void router.replace({ query: { step: key, pass } })
}

function show(number: number) {
  void router.replace({ query: { ...route.query, pass: number === last.value?.number ? undefined : number } })
}

const EMPTY = { frequencyHz: [], returnLossDb: [] }
/** A few readings have no curve of their own; the one that explains them stands in, drawn as such. */
const curveOf = (p: Pass) => p.trace ?? p.estimate?.curve ?? EMPTY

const traces = computed<PlotTrace[]>(() => {
  const now = shown.value
  if (!now) return []
  const i = installation.data.value
  const name = (p: Pass) => (i ? passName(p, i, preferences.unit, p.id === own.value[0]?.id) : '')
  const earlier = passes.value
    .filter((p) => p.number < now.number || (p.oldAntenna && p.id !== now.id))
    .map<PlotTrace>((p) => ({ id: p.id, label: name(p), kind: 'earlier', curve: curveOf(p) }))
  const a = now.advice
  const expected: PlotTrace[] = a?.expected
    ? [
        {
          id: 'expected',
          label: `expected, ${changeWords(a.action === 'SHORTEN' ? -a.amountM : a.amountM, preferences.unit)}`,
          kind: 'expected',
          curve: a.expected,
        },
      ]
    : []
  const live: PlotTrace[] = liveSweep.value
    ? [{ id: 'live', label: 'live', kind: 'now', curve: curveOfLive(liveSweep.value) }]
    : []
  const isWatching = live.length > 0
  return [
    ...live,
    ...earlier,
    ...(isLast.value && !isWatching ? expected : []),
    {
      id: now.id,
      label: now.estimate ? 'judged by these channels' : isLast.value && !isWatching ? 'now' : name(now),
      kind: isWatching ? 'earlier' : now.estimate ? 'guess' : 'now',
      curve: curveOf(now),
    },
  ]
})

const liveSweep = shallowRef<LiveSweep>()
const limitOf = (name: string) =>
  last.value?.verdict.channels.find((c) => c.name === name)?.limitSwr ??
  installation.data.value?.ruleLimitSwr ??
  2

/** The wanted channels in the sweep that is being watched, else in the pass that is shown. */
const readPegs = computed<Peg[]>(() => {
  if (liveSweep.value) {
    const curve = curveOfLive(liveSweep.value)
    return (installation.data.value?.channels ?? []).map((c) => {
      const db = returnLossAt(curve, c.frequencyHz)
      const swr = db === undefined ? undefined : swrOfReturnLoss(db)
      return {
        name: c.name,
        frequencyHz: c.frequencyHz,
        ...(db === undefined ? {} : { returnLossDb: db, swr }),
        met: swr !== undefined && swr <= limitOf(c.name),
        outside: db === undefined,
      }
    })
  }
  return (shown.value?.verdict.channels ?? []).map((c) => ({
    name: c.name,
    frequencyHz: c.reading.frequencyHz,
    swr: c.reading.swr,
    returnLossDb: c.reading.returnLossDb,
    met: c.met,
    outside: c.reading.outside,
  }))
})
const fresh = ref<string[]>([])
const pegs = computed<Peg[]>(() =>
  readPegs.value.map((p) => ({ ...p, isFresh: fresh.value.includes(p.name) })),
)

/** A channel that was missed and is met now flashes and sounds, in a live sweep and in a new pass. */
function signal(before: Peg[], now: Peg[]) {
  fresh.value = newlyMet(before, now)
  if (fresh.value.length && preferences.sound) ring(now.every((p) => p.met))
}
watch(readPegs, (now, before) => {
  if ((isLast.value && own.value.length > 1) || liveSweep.value) signal(before ?? [], now)
})

const says = computed(() =>
  shown.value && installation.data.value
    ? sentence(shown.value, installation.data.value, preferences.unit)
    : undefined,
)
const sourceWords = computed(() => {
  const p = shown.value
  if (!p) return ''
  const from = {
    FILE: `file ${p.fileName ?? ''}`,
    SPOTS: p.restsOn,
    ANALYSER: 'swept here',
    SIMULATED_ANALYSER: 'simulated analyser',
    STANDARD: '',
  }[p.source]
  return `pass ${p.number} · ${p.recordedBy}, ${formatTime(p.recordedAt)} · ${from}`
})
const restsWords = computed(() => {
  const p = shown.value
  if (!p || p.source === 'SIMULATED_ANALYSER') return ''
  return `Rests on ${p.restsOn}${p.declared ? `: ${p.declared}` : ''}.`
})
/** The last sweep, with everything tightened; what was ticked goes into its note. */
function finalSweep(done: string) {
  record(false)
  if (draft.value) draft.value = { ...draft.value, finalSweep: true, note: done, circumstances: [] }
}

function record(takeAdvice: boolean) {
  const i = installation.data.value
  if (!i || !mayRecord.value) return
  notice.value = ''
  takenBack.value = undefined
  draft.value = freshDraft(i, last.value, preferences.unit, takeAdvice)
  void router.replace({ query: { step: own.value.length ? 'tune' : 'baseline' } })
}

const { trouble, submit } = useForm()
const notice = ref('')
const takenBack = ref<string>()
const changePasses = useTakeBack(id)

/** A wrong entry, taken back; it can be put back until another is recorded. */
async function takeBack() {
  const wrong = last.value
  if (!wrong) return
  const done = await submit(async () => {
    await changePasses.mutateAsync({ passId: wrong.id, isBack: true })
  })
  if (!done) return
  takenBack.value = wrong.id
  notice.value = `Pass ${wrong.number} is taken back.`
  void router.replace({ query: {} })
}

async function putBack() {
  const passId = takenBack.value
  if (!passId) return
  const done = await submit(async () => {
    await changePasses.mutateAsync({ passId, isBack: false })
  })
  if (done) notice.value = ''
  takenBack.value = undefined
}

function recorded(words: string) {
  notice.value = words
  draft.value = undefined
  liveSweep.value = undefined
  void router.replace({ query: {} })
}

/** Measured again as it should be: nothing was changed but the circumstances. */
function inPlace() {
  record(false)
  if (draft.value) draft.value = { ...draft.value, circumstances: [] }
}

const mainAction = computed(() => {
  const a = last.value?.advice
  if (!own.value.length) return { word: 'Take the baseline sweep', run: () => record(false) }
  switch (a?.action) {
    case 'SHORTEN':
    case 'LENGTHEN': {
      const amount = changeWords(a.amountM, preferences.unit).slice(1)
      const second = a.onSecond ? installation.data.value?.second : undefined
      return {
        word: second
          ? `I moved ${second.name.split(' ').slice(0, 2).join(' ')} by ${amount}`
          : `I ${a.action === 'SHORTEN' ? 'shortened' : 'lengthened'} it by ${amount}`,
        run: () => record(true),
      }
    }
    case 'STOP':
      if (isPermanent.value) return { word: 'Sign off', run: () => open('sign-off') }
      return last.value?.circumstances.some((c) => c.name === 'ON_THE_GROUND')
        ? { word: 'It is in its place: measure', run: inPlace }
        : { word: 'Make it permanent', run: () => open('permanent') }
    case 'MEASURE_AGAIN':
      return { word: 'Measure again', run: inPlace }
    case 'SWEEP_WIDER':
      return { word: 'Sweep wider', run: () => record(false) }
    default:
      return { word: 'I changed something: sweep again', run: () => record(false) }
  }
})

const reopenIt = useInstallationChange(() =>
  answer(api.POST('/api/installations/{id}/reopen', { params: { path: { id: props.id } } })),
)
async function reopen() {
  await submit(async () => {
    await reopenIt.mutateAsync(undefined)
  })
  open('tune')
}

function onKey(event: KeyboardEvent) {
  if (isTyping(event)) return
  const onButton = event.target instanceof HTMLElement && event.target.closest('button, a') !== null
  if (event.key === 'Enter' && !onButton && mayRecord.value && !draft.value) {
    event.preventDefault()
    mainAction.value.run()
  } else if (event.key === 's' && last.value) record(false)
  else if (event.key === 'f' && last.value) open('sign-off')
  else if (event.key === 'ArrowLeft' && shown.value && shown.value.number > 1) show(shown.value.number - 1)
  else if (event.key === 'ArrowRight' && shown.value && !isLast.value) show(shown.value.number + 1)
}
onMounted(() => window.addEventListener('keydown', onKey))
onBeforeUnmount(() => window.removeEventListener('keydown', onKey))
watch(id, (next) => (draft.value = loadDraft(next)))
</script>

<template>
  <p v-if="installation.error.value" class="lost wrong" role="alert">
    {{ installation.error.value.message }}
  </p>
  <div v-else-if="installation.data.value && passList.data.value" class="page">
    <aside>
      <p class="soft">{{ installation.data.value.shopNumber }}</p>
      <h1 :title="installation.data.value.title">{{ installation.data.value.title }}</h1>
      <p class="soft customer">{{ installation.data.value.customer }}</p>
      <RoadSteps :steps="road" :open="step" @open="open" />
    </aside>

    <section class="say" aria-live="polite">
      <template v-if="installation.data.value.signOff">
        <SignedOff :sign-off="installation.data.value.signOff" />
        <p :class="shown?.verdict.met ? 'soft' : 'trouble'">{{ shown?.verdict.sentence }}</p>
      </template>
      <template v-else-if="shown && says">
        <p class="sentence">
          {{ says.before }}<em v-if="says.amount">{{ says.amount }}</em
          >{{ says.after }}
        </p>
        <p :class="['verdict', { trouble: !shown.verdict.met }]">{{ shown.verdict.sentence }}</p>
        <p v-if="says.more.length && !draft" class="more">{{ says.more.join(' ') }}</p>
        <ul v-if="shown.advice?.causes.length && !draft" class="causes">
          <li v-for="c in shown.advice.causes" :key="c.name">
            <b>{{ c.name }}</b>: {{ c.evidence }}. <span class="soft">To tell: {{ c.test }}.</span>
          </li>
        </ul>
        <details v-if="!draft && says.why.length" class="soft more">
          <summary>Why</summary>
          {{ says.why.join(' ') }}
        </details>
      </template>
      <template v-else>
        <p class="sentence">Take the baseline sweep.</p>
        <p class="soft">
          Everything that follows is measured against it. Doors shut, people away, hands off.
        </p>
      </template>
    </section>

    <div class="middle">
      <PlanSummary v-if="step === 'plan'" :installation="installation.data.value" :may-write="mayWrite" />
      <ShareList v-else-if="step === 'share'" :installation="installation.data.value" :passes="passes" />
      <template v-else-if="shown">
        <div class="above soft">
          <span>{{ sourceWords }}</span>
          <span>measured {{ shown.planeWords }}</span>
        </div>
        <div class="card plot">
          <SweepPlot
            :traces="traces"
            :pegs="pegs"
            :limit="{
              swr: installation.data.value.ruleLimitSwr,
              label: `rule: ${formatSwr(installation.data.value.ruleLimitSwr)} or less`,
            }"
            :caption="`Return loss and SWR of pass ${shown.number} of ${installation.data.value.title}. ${shown.verdict.sentence}`"
          />
        </div>
        <PassStrip
          :passes="passes"
          :installation="installation.data.value"
          :shown="shown.number"
          @show="show"
        />
        <p v-if="shown.note" class="soft note">“{{ shown.note }}”</p>
        <a v-if="shown.hasPhoto" class="photo" :href="`/api/passes/${shown.id}/photo`" target="_blank">
          <img :src="`/api/passes/${shown.id}/photo`" :alt="`Photo of pass ${shown.number}`" />
        </a>
        <p v-if="shown.circumstances.length" class="soft note">
          Measured {{ shown.circumstances.map((c) => c.words).join(', ') }}.
        </p>
        <p v-if="restsWords" class="soft note">{{ restsWords }}</p>
        <p v-for="w in shown.analysis?.warnings ?? []" :key="w" class="caution">{{ w }}</p>
      </template>
      <section v-else class="card empty">
        <h2>No sweep yet.</h2>
        <p class="soft">
          Connect the analyser where the antenna plugs in, bring a file (.s1p, .csv), or read a meter. The
          first reading is the baseline: the old antenna, or the new one untouched.
        </p>
      </section>
    </div>

    <div class="side">
      <p v-if="notice" class="caution" role="status">
        {{ notice }} <button v-if="takenBack" class="plain" @click="putBack">Put it back</button>
      </p>
      <p v-if="trouble && !installation.data.value.signOff" class="wrong" role="alert">{{ trouble }}</p>
      <RecordPass
        v-if="draft && mayRecord && step !== 'sign-off' && step !== 'permanent'"
        :key="draft.requestKey"
        :installation="installation.data.value"
        :is-baseline="own.length === 0"
        :draft="draft"
        @recorded="recorded"
        @live="(s) => (liveSweep = s)"
        @close="((draft = undefined), (liveSweep = undefined))"
      />
      <SignOffForm
        v-else-if="step === 'sign-off' && last && mayRecord"
        :installation="installation.data.value"
        :pass="last"
        @signed-off="open('share')"
        @permanent="open('permanent')"
      />
      <MakePermanent
        v-else-if="step === 'permanent' && last && mayRecord"
        :installation-id="installation.data.value.id"
        @sweep="finalSweep"
      />
      <template v-else-if="mayRecord">
        <button class="do" @click="mainAction.run()">{{ mainAction.word }} <kbd>Enter</kbd></button>
        <template v-if="last">
          <button class="other" @click="record(false)">
            {{ last.source === 'SPOTS' ? 'Read again' : 'Sweep again' }} <kbd>S</kbd>
          </button>
          <button v-if="last.advice?.action !== 'STOP'" class="other" @click="open('sign-off')">
            Good enough, finish <kbd>F</kbd>
          </button>
          <label class="sound">
            <input v-model="preferences.sound" type="checkbox" /> Sound when a channel is met
          </label>
          <button class="plain back" @click="takeBack">Wrong entry? Take pass {{ last.number }} back</button>
        </template>
      </template>
      <template v-else-if="installation.data.value.signOff">
        <a v-if="last?.hasPhase" class="do" :href="`/api/passes/${last.id}/touchstone`"
          >Export the trace (.s1p)</a
        >
        <a v-else-if="last" class="do" :href="`/api/passes/${last.id}/table`">Export the readings (.csv)</a>
        <button v-if="me.data.value?.role === 'LEAD'" class="other" @click="reopen">Reopen</button>
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      </template>

      <p v-for="c in cautions(installation.data.value, isLast ? shown : undefined)" :key="c" class="caution">
        {{ c }}
      </p>

      <template v-if="shown">
        <PassFacts :pass="shown" :installation="installation.data.value" />
      </template>
    </div>
  </div>
  <p v-else class="lost soft">One moment…</p>
</template>

<style scoped>
.page {
  display: grid;
  grid-template-columns: 208px minmax(0, 1fr) 336px;
  grid-template-rows: auto 1fr;
  grid-template-areas: 'road middle say' 'road middle side';
  gap: 12px 18px;
  padding: 16px 20px 20px;
  min-height: calc(100vh - 56px);
}

aside {
  grid-area: road;
  overflow-wrap: anywhere;
}

/* A long name must not push the road off the screen. */
aside h1,
.customer {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  line-clamp: 3;
  overflow: hidden;
}

.customer {
  margin-bottom: 16px;
}

.say {
  grid-area: say;
  display: grid;
  gap: 8px;
  align-content: start;
  overflow-wrap: anywhere;
}

.sentence {
  font-size: 25px;
  line-height: 1.2;
  font-weight: 640;
}

.sentence em {
  font-style: normal;
  color: var(--gold-ink);
  white-space: nowrap;
}

.verdict {
  font-weight: 560;
  line-height: 1.35;
}

.more {
  font-size: 15px;
  line-height: 1.4;
}

.causes {
  margin: 0;
  padding-left: 18px;
  font-size: 15px;
  line-height: 1.4;
}

summary {
  cursor: pointer;
  min-height: 24px;
}

.middle {
  grid-area: middle;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}

.above {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 16px;
  font-size: 14px;
}

.plot {
  height: clamp(400px, calc(100vh - 248px), 720px);
  padding: 8px;
}

.note {
  font-size: 14.5px;
}

.photo img {
  max-height: 160px;
  border-radius: 6px;
}

.sound {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 32px;
  font-size: 15px;
}

.sound input {
  width: 18px;
  height: 18px;
  accent-color: var(--trace);
}

.empty {
  padding: 40px;
  display: grid;
  gap: 8px;
}

.side {
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}

a.do {
  text-decoration: none;
}

.lost {
  padding: 60px;
  text-align: center;
}

@media (max-width: 1020px) {
  .page {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto;
    grid-template-areas: 'road' 'say' 'middle' 'side';
  }

  .customer {
    margin-bottom: 6px;
  }

  .plot {
    height: 480px;
  }
}
</style>
