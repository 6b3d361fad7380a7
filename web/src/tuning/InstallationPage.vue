<script setup lang="ts">
import CheckField from '@/ui/CheckField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { useEventListener } from '@vueuse/core'
import CautionList from '@/safety/CautionList.vue'
import { useAir } from '@/onair/useAir'
import LikesHere from '@/book/LikesHere.vue'
import LessonsHere from '@/lesson/LessonsHere.vue'
import { useWords } from '@/words/words'
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { answer, api, type Schemas } from '@/api/client'
import { useInstallation, useInstallationChange } from '@/api/installation'
import { useInventedRecorded } from '@/api/instruments'
import { usePasses, useRechecks, useTakeBack } from '@/api/passes'
import { useMe } from '@/api/people'
import type { LiveSweep } from '@/instrument/live'
import { usePreferences } from '@/preferences'
import { isTyping } from '@/shell/keys'
import { useForm } from '@/shell/useForm'
import { draftOfEntry, freshDraft, loadDraft, type PassDraft } from './draft'
import GetReady from './GetReady.vue'
import { handOverAddress } from './handOver'
import HandOver from './HandOver.vue'
import MakePermanent from './MakePermanent.vue'
import { nextAction } from './nextAction'
import NextStep from './NextStep.vue'
import OldAndNew from './OldAndNew.vue'
import OpenVisit from './OpenVisit.vue'
import PassFacts from './PassFacts.vue'
import PassPicture from './PassPicture.vue'
import PlanSummary from './PlanSummary.vue'
import RecheckTable from './RecheckTable.vue'
import RecordPass from './RecordPass.vue'
import type { Method } from './ready'
import { isPermanent, isToBeFound, ownPasses, roadOf, usualStep, visitOf } from './road'
import RoadSteps from './RoadSteps.vue'
import type { Pass } from './sentence'
import ShareList from './ShareList.vue'
import TakenBack from './TakenBack.vue'
import SignOffForm from './SignOffForm.vue'
import VisitList from './VisitList.vue'

const props = defineProps<{ id: string }>()

const route = useRoute()
const router = useRouter()
const RunOverlay = defineAsyncComponent(() => import('./RunOverlay.vue'))
const OnAir = defineAsyncComponent(() => import('@/onair/OnAir.vue'))
const preferences = usePreferences()
const words = useWords()
const me = useMe()
const id = computed(() => props.id)
const installation = useInstallation(id)
const passList = usePasses(id)
const draft = ref<PassDraft | undefined>(loadDraft(props.id))

const passes = computed(() => passList.data.value ?? [])
const rechecks = useRechecks(
  id,
  computed(() => (installation.data.value?.visits.length ?? 0) > 1),
)
const own = computed(() => ownPasses(passes.value))
/** The old antenna may be read at any time, and is never in the way of the one that stays. */
const last = computed(() => own.value.at(-1) ?? passes.value.at(-1))
/** The only one that can be taken back. */
const newest = computed(() => passes.value.at(-1))
const shownNumber = computed(() => Number(route.query.pass ?? last.value?.number ?? 0))
const shown = computed<Pass | undefined>(
  () => passes.value.find((p) => p.number === shownNumber.value) ?? last.value,
)
const isLast = computed(() => shown.value?.number === last.value?.number)
const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const isDemo = useInventedRecorded()
/** Not before it is known where readings come from here: the form begins with that. */
const mayRecord = computed(
  () => mayWrite.value && !installation.data.value?.signOff && isDemo.value !== undefined,
)

const step = computed(() => String(route.query.step ?? usualStep(installation.data.value, passes.value)))
const { air } = useAir(id)
const callCount = computed(
  () =>
    (air.data.value?.calls.filter((c) => !c.takenBackBy).length ?? 0) +
    (air.data.value?.comparisons.length ?? 0),
)
const road = computed(() => roadOf(installation.data.value, passes.value, words.value, callCount.value))

function open(key: string) {
  const pass = key === 'baseline' && passes.value.length > 1 ? '1' : undefined
  void router.replace({ query: { step: key, pass } })
}

function show(number: number) {
  void router.replace({ query: { ...route.query, pass: number === last.value?.number ? undefined : number } })
}

/** Of the newest pass, until somebody has looked for what it found. */
const recheck = computed(() =>
  isLast.value && !draft.value && !shown.value?.lookedOver
    ? rechecks.data.value?.find((r) => r.nowPass === shown.value?.number)
    : undefined,
)

/** On a visit for something else it is no more than a table: there the advice leads. */
const leading = computed(() => {
  const i = installation.data.value
  return i && visitOf(i).purpose === 'RECHECK' ? recheck.value : undefined
})

const mainHz = computed(() => {
  const channels = installation.data.value?.channels ?? []
  return (channels.find((c) => c.primary) ?? channels[0])?.frequencyHz
})

const liveSweep = shallowRef<LiveSweep>()
/** Of the newest pass; before there is one, or looking back, what holds anyhow. */
const cautions = computed(
  () => (isLast.value ? shown.value : undefined)?.cautions ?? installation.data.value?.cautions ?? [],
)
/** The last sweep, with everything tightened; what was ticked goes into its note. */
function finalSweep(done: string) {
  record(false)
  if (draft.value) draft.value = { ...draft.value, finalSweep: true, note: done, circumstances: [] }
}

function record(takeAdvice: boolean) {
  const i = installation.data.value
  if (!i || !mayRecord.value) return
  notice.value = ''
  draft.value = freshDraft(i, last.value, preferences.unit, takeAdvice, isDemo.value)
  void router.replace({ query: { step: own.value.length ? 'tune' : 'baseline' } })
}

/** On with the reading, by the method that it was made ready for. */
function readBy(method: Method) {
  record(false)
  if (!draft.value) return
  if (method === 'ANALYSER') {
    if (draft.value.source === 'meter') draft.value = { ...draft.value, source: 'analyser' }
    return
  }
  draft.value = { ...draft.value, source: 'meter', meter: { ...draft.value.meter, kind: method } }
}

/** A pass that was taken back stands in the form again, with its own values. */
function correct(entry: Schemas['EnteredPass'], note: string) {
  record(false)
  if (draft.value) draft.value = draftOfEntry(entry, note, draft.value, preferences.unit)
}

/** The customer's copy, as this person reads. */
const handOver = computed(() => handOverAddress(props.id, preferences))

const { trouble, submit } = useForm()
const notice = ref('')
const changePasses = useTakeBack(id)

/** A wrong entry, taken back; it can be put back until another is recorded. */
async function takeBack() {
  const wrong = newest.value
  if (!wrong) return
  const done = await submit(async () => {
    await changePasses.mutateAsync({ passId: wrong.id, isBack: true })
  })
  if (!done) return
  notice.value = ''
  void router.replace({ query: {} })
}

function recorded(words: string) {
  notice.value = words
  draft.value = undefined
  liveSweep.value = undefined
  // Who has opened another step meanwhile stays there.
  if (step.value === 'tune' || step.value === 'baseline') void router.replace({ query: {} })
}

/** Measured again as it should be: nothing was changed but the circumstances. */
function inPlace() {
  record(false)
  if (draft.value) draft.value = { ...draft.value, circumstances: [] }
}

/** Somebody has looked for the fault: what was read before is of another state. */
function looked() {
  record(false)
  if (draft.value) draft.value = { ...draft.value, lookedOver: true, circumstances: [] }
}

const toBeFound = computed(() => isToBeFound(installation.data.value, passes.value))
const next = computed(() =>
  nextAction(
    last.value,
    installation.data.value,
    words.value,
    own.value.length === 0,
    isPermanent(passes.value, installation.data.value),
    toBeFound.value,
    leading.value?.id,
  ),
)
function doNext() {
  switch (next.value.does) {
    case 'as-advised':
      return record(true)
    case 'in-place':
      return inPlace()
    case 'looked':
      return looked()
    case 'permanent':
    case 'sign-off':
      return open(next.value.does)
    default:
      return record(false)
  }
}

const cancelIt = useInstallationChange(() =>
  answer(api.DELETE('/api/installations/{id}/visits/open', { params: { path: { id: props.id } } })),
)
const openVisit = computed(() => {
  const i = installation.data.value
  return i && !i.signOff ? visitOf(i) : undefined
})
/** The first visit is the installation itself; one on which something was recorded stays. */
const mayCancel = computed(
  () =>
    openVisit.value !== undefined &&
    openVisit.value.number > 1 &&
    !passes.value.some((p) => p.visit === openVisit.value?.number),
)
async function cancelVisit() {
  const visit = openVisit.value?.number
  const done = await submit(async () => {
    await cancelIt.mutateAsync(undefined)
  })
  if (!done) return
  notice.value = words.value.text('tuning.VISIT_CANCELLED', { visit: `${visit}` })
  void router.replace({ query: {} })
}

function onKey(event: KeyboardEvent) {
  if (isTyping(event)) return
  const onButton = event.target instanceof HTMLElement && event.target.closest('button, a') !== null
  // Where these steps are filled in, their own button is the one thing to do.
  const isElsewhere = step.value === 'ready' || step.value === 'on-air'
  if (
    event.key === 'Enter' &&
    !event.repeat &&
    !onButton &&
    !isElsewhere &&
    mayRecord.value &&
    !draft.value
  ) {
    event.preventDefault()
    doNext()
  } else if (event.key === 's' && last.value) {
    // The letter belongs to the page, and not to the field that opens.
    event.preventDefault()
    record(false)
  } else if (event.key === 'f' && last.value && !toBeFound.value) {
    event.preventDefault()
    open('sign-off')
  } else if (event.key === 'ArrowLeft' && shown.value && shown.value.number > 1) show(shown.value.number - 1)
  else if (event.key === 'ArrowRight' && shown.value && shown.value !== newest.value)
    show(shown.value.number + 1)
}
useEventListener(window, 'keydown', onKey)
watch(id, (next) => (draft.value = loadDraft(next)))
</script>

<template>
  <p v-if="installation.isLoadingError.value" class="lost wrong" role="alert">
    {{ installation.error.value?.message }}
  </p>
  <div v-else-if="installation.data.value && passList.data.value" class="page">
    <aside>
      <p class="soft">{{ installation.data.value.shopNumber }}</p>
      <h1 :title="installation.data.value.title">{{ installation.data.value.title }}</h1>
      <p class="soft customer">{{ installation.data.value.customer }}</p>
      <RoadSteps :steps="road" :open="step" @open="open" />
    </aside>

    <NextStep
      class="say"
      :installation="installation.data.value"
      :pass="shown"
      :is-brief="draft !== undefined"
      :is-to-be-found="toBeFound && isLast"
      :recheck="leading"
    />

    <div class="middle">
      <LessonsHere
        v-if="step === 'plan' || step === 'ready' || step === 'baseline' || installation.data.value.signOff"
        :installation="installation.data.value"
        :passes="own"
        :offers="step === 'plan'"
      />
      <!-- Where others like it ended matters before the first reading; after it, what this one shows does. -->
      <LikesHere
        v-if="own.length === 0 && (step === 'plan' || step === 'baseline')"
        :installation="installation.data.value"
        :may-begin="mayRecord"
      />
      <PlanSummary
        v-if="step === 'plan'"
        :installation="installation.data.value"
        :may-write="mayWrite"
        :last="last"
      />
      <GetReady
        v-else-if="step === 'ready'"
        :key="visitOf(installation.data.value).id"
        :installation="installation.data.value"
        :may-write="mayWrite"
        @read="readBy"
      />
      <OnAir
        v-else-if="step === 'on-air'"
        :key="id"
        :installation-id="id"
        :main-hz="mainHz"
        :may-write="mayWrite"
      />
      <template v-else-if="step === 'share'">
        <HandOver
          :installation-id="installation.data.value.id"
          :customer="installation.data.value.customer"
          :is-signed-off="installation.data.value.visits.some((v) => v.signOff !== undefined)"
        />
        <OldAndNew :installation-id="id" />
        <ShareList :installation="installation.data.value" :passes="passes" />
        <VisitList :installation="installation.data.value" />
      </template>
      <template v-else>
        <PassPicture
          :installation="installation.data.value"
          :passes="passes"
          :shown="shown"
          :live-sweep="liveSweep"
          @show="show"
        />
        <RecheckTable v-if="recheck" :recheck="recheck" />
        <OldAndNew v-if="step === 'sign-off'" :installation-id="id" />
        <RunOverlay v-if="passes.some((p) => p.runName)" :installation-id="id" />
      </template>
    </div>

    <div class="side">
      <p v-if="notice" class="caution" role="status">{{ notice }}</p>
      <TakenBack
        :installation-id="installation.data.value.id"
        :may-record="mayRecord && !draft"
        @correct="correct"
      />
      <p v-if="trouble && !installation.data.value.signOff" class="wrong" role="alert">{{ trouble }}</p>
      <RecordPass
        v-if="draft && mayRecord && step !== 'sign-off' && step !== 'permanent'"
        :key="draft.requestKey"
        :installation="installation.data.value"
        :is-baseline="own.length === 0"
        :draft="draft"
        @recorded="recorded"
        @ready="open('ready')"
        @live="(s) => (liveSweep = s)"
        @close="((draft = undefined), (liveSweep = undefined))"
      />
      <SignOffForm
        v-else-if="step === 'sign-off' && last && mayRecord && !toBeFound"
        :installation="installation.data.value"
        :pass="last"
        :is-proven="isPermanent(passes, installation.data.value)"
        :on-signed-off="() => open('share')"
        @permanent="open('permanent')"
      />
      <MakePermanent
        v-else-if="step === 'permanent' && last && mayRecord && !toBeFound"
        :installation="installation.data.value"
        @sweep="finalSweep"
      />
      <template v-else-if="mayRecord && step !== 'ready' && step !== 'on-air'">
        <BigAction lasting @click="doNext">{{ next.word }} <kbd>Enter</kbd></BigAction>
        <template v-if="last">
          <ActionButton v-if="last.advice?.action !== 'MEASURE_AGAIN' && !toBeFound" @click="record(false)">
            {{ words.text(last.source === 'SPOTS' ? 'tuning.READ_AGAIN' : 'tuning.SWEEP_AGAIN') }}
            <kbd>S</kbd>
          </ActionButton>
          <ActionButton v-if="last.advice?.action !== 'STOP' && !toBeFound" @click="open('sign-off')">
            {{ words.text('tuning.FINISH') }} <kbd>F</kbd>
          </ActionButton>
          <CheckField v-model="preferences.sound">{{ words.text('tuning.SOUND') }}</CheckField>
          <ActionButton v-if="mayCancel" quiet class="back" @click="cancelVisit">
            {{ words.text('tuning.CANCEL_VISIT', { visit: `${openVisit?.number}` }) }}
          </ActionButton>
          <ActionButton v-else quiet class="back" @click="takeBack">
            {{ words.text('tuning.TAKE_BACK', { pass: `${newest?.number}` }) }}
          </ActionButton>
        </template>
      </template>
      <template v-else-if="installation.data.value.signOff">
        <a class="do" target="_blank" :href="handOver">{{ words.text('handOver.OPEN') }}</a>
        <a v-if="last?.hasPhase" class="other" :href="`/api/passes/${last.id}/touchstone`">{{
          words.text('tuning.EXPORT_TRACE')
        }}</a>
        <a v-else-if="last" class="other" :href="`/api/passes/${last.id}/table`">{{
          words.text('tuning.EXPORT_READINGS')
        }}</a>
        <OpenVisit
          v-if="mayWrite"
          :installation-id="installation.data.value.id"
          :on-opened="() => open('tune')"
        />
        <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      </template>

      <CautionList :cautions="cautions" />

      <template v-if="shown">
        <PassFacts :pass="shown" :installation="installation.data.value" />
      </template>
    </div>
  </div>
  <p v-else class="lost soft">{{ words.text('tuning.ONE_MOMENT') }}</p>
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
}

.middle {
  grid-area: middle;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}

.side {
  grid-area: side;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
}

.lost {
  padding: 60px;
  text-align: center;
}

@media (max-width: 1020px) {
  .page {
    grid-template-rows: none;
    align-content: start;
    padding: 12px 12px 86px;
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto;
    grid-template-areas: 'road' 'say' 'middle' 'side';
  }

  .customer {
    margin-bottom: 6px;
  }
}
</style>
