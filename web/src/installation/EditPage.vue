<script setup lang="ts">
import * as v from 'valibot'
import { keep, readKept } from '@/kept'
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useFeedlines, useInstallation, useInstallationChange, useKinds, useRules } from '@/api/queries'
import { parseDecimal } from '@/units/number'
import { useWords } from '@/words/words'
import { CARRIERS, type Carrier } from '@/board/words'
import { usePreferences } from '@/preferences'
import ChoiceField from '@/shell/ChoiceField.vue'
import TextField from '@/shell/TextField.vue'
import { useForm } from '@/shell/useForm'
import { formatLength } from '@/units/length'
import { useTypedLengths } from '@/units/typed'
import ChannelRows from './ChannelRows.vue'
import LengthQuestion from './LengthQuestion.vue'
import { merge } from './merge'
import {
  emptyForm,
  formOf,
  PLAN_NAMES,
  PLAN_OF_NEW,
  planOf,
  planShape,
  planWords,
  readPlan,
  type Plan,
  type PlanForm,
} from './planForm'
import RadioRows from './RadioRows.vue'

const props = defineProps<{ id?: string }>()

const DRAFT = `dorada.plan-draft.${props.id ?? 'new'}`
const router = useRouter()
const preferences = usePreferences()
const kinds = useKinds()
const feedlines = useFeedlines()
const loaded = props.id ? useInstallation(computed(() => props.id ?? '')) : undefined
const form = ref<PlanForm>(savedDraft() ?? emptyForm(preferences.unit))

const words = useWords()
const above1 = (text: string) => {
  const read = parseDecimal(text)
  return read.ok && read.value > 1 ? read.value : 2
}
const rules = useRules(
  computed(() => ({ limitSwr: above1(form.value.limit), ceilingSwr: above1(form.value.swrCeiling) })),
)
const ruleOptions = computed(() =>
  (rules.data.value ?? []).map((r) => ({ value: r.rule, word: words.value.text(`ruleName.${r.rule}`) })),
)
const rule = computed(() => rules.data.value?.find((r) => r.rule === form.value.ruleName))
const hasOwnLimit = computed(() => rule.value?.hasOwnLimit ?? true)
const ruleHint = computed(() =>
  rule.value
    ? `${words.value.sentence(rule.value.says)}. ${words.value.text(`ruleHint.${rule.value.rule}`)}`
    : '',
)
const isFromDraft = ref(savedDraft() !== undefined)
const base = ref<Plan>()
const version = ref(0)
const { busy, wrong, trouble, submit } = useForm()
const merged = ref<{ theirs: Plan; collisions: (keyof Plan)[] }>()

function savedDraft(): PlanForm | undefined {
  return readKept(DRAFT, planShape(preferences.unit))
}

watch(
  () => loaded?.data.value,
  (installation) => {
    if (!installation || base.value) return
    base.value = planOf(installation)
    version.value = installation.version
    if (!isFromDraft.value) form.value = formOf(base.value, preferences.unit)
  },
  { immediate: true },
)

const typed = useTypedLengths(form)
let isSaved = false
watch(
  form,
  () => {
    if (!isSaved) keep(DRAFT, typed())
  },
  { deep: true },
)

function startOver() {
  form.value = base.value ? formOf(base.value, preferences.unit) : emptyForm(preferences.unit)
  isFromDraft.value = false
  if (!props.id) keep(PLAN_OF_NEW, undefined)
  void nextTick(() => keep(DRAFT, undefined))
}

function chooseKind(kind: Plan['antennaKind']) {
  form.value.antennaKind = kind
  const chosen = kinds.data.value?.find((k) => k.kind === kind)
  if (!chosen) return
  form.value.adjust = chosen.oneWay ? 'cut' : 'slide'
  form.value.smallestStep = formatLength(chosen.smallestStepM, preferences.unit, true)
}

const save = useInstallationChange((plan: Plan) =>
  props.id
    ? answer(
        api.PUT('/api/installations/{id}', {
          params: { path: { id: props.id }, query: { version: version.value } },
          body: plan,
        }),
      )
    : answer(api.POST('/api/installations', { body: plan })),
)

async function send() {
  const read = readPlan(form.value, preferences.unit, hasOwnLimit.value)
  wrong.value = read.wrong
  trouble.value = ''
  if (Object.keys(read.wrong).length > 0) return
  let conflict: Schemas['InstallationView'] | undefined
  await submit(async () => {
    try {
      const installation = await save.mutateAsync(read.plan)
      isSaved = true
      keep(DRAFT, undefined)
      if (!props.id) await sayWhatWasPlanned(installation.id)
      await router.push(`/installations/${installation.id}`)
    } catch (error) {
      if (error instanceof Problem && error.status === 409 && error.current) {
        conflict = error.current as Schemas['InstallationView']
      }
      throw error
    }
  })
  if (conflict && base.value) takeOver(conflict, read.plan, base.value)
}

/** The saved plan that it was made of says so from now on; where that is gone, nothing is lost. */
async function sayWhatWasPlanned(installationId: string) {
  const id = readKept(PLAN_OF_NEW, v.string())
  keep(PLAN_OF_NEW, undefined)
  if (!id) return
  const path = { id, installationId }
  await api.PUT('/api/plans/{id}/installation/{installationId}', { params: { path } }).catch(() => undefined)
}

/** A colleague saved first: what only they changed is taken over, and collisions are asked about. */
function takeOver(current: Schemas['InstallationView'], mine: Plan, before: Plan) {
  const theirs = planOf(current)
  const result = merge(before, mine, theirs)
  form.value = formOf(result.merged, preferences.unit)
  base.value = theirs
  version.value = current.version
  merged.value = { theirs, collisions: result.collisions }
}

function takeTheirs(field: keyof Plan) {
  if (!merged.value) return
  const mine = readPlan(form.value, preferences.unit, hasOwnLimit.value).plan
  form.value = formOf({ ...mine, [field]: merged.value.theirs[field] }, preferences.unit)
  merged.value.collisions = merged.value.collisions.filter((c) => c !== field)
}

const carrierOptions = (Object.keys(CARRIERS) as Carrier[]).map((value) => ({ value, word: CARRIERS[value] }))
const asTyped = computed(() => readPlan(form.value, preferences.unit, hasOwnLimit.value).plan)
const piece = computed(() => {
  const known = kinds.data.value?.find((k) => k.kind === form.value.antennaKind)
  return known ? words.value.phrase(known.piece) : 'element'
})
</script>

<template>
  <div class="page">
    <h1>{{ id ? 'Change the plan' : 'What is fitted, where, and what must work?' }}</h1>
    <p v-if="isFromDraft" class="hint">
      This is what you typed last time; it was not saved yet.
      <button type="button" class="plain inline" @click="startOver">Start over</button>
    </p>
    <section v-if="merged" class="card conflict" role="alert">
      <h2>A colleague saved this while you were editing.</h2>
      <p v-if="merged.collisions.length === 0">
        Your changes and theirs touch different things and are put together below. Please look once and save
        again.
      </p>
      <ul v-else>
        <li v-for="field in merged.collisions" :key="field">
          You both changed {{ PLAN_NAMES[field] }}. Theirs: “{{
            planWords(merged.theirs, field, preferences.unit)
          }}”.
          <button type="button" class="other" @click="takeTheirs(field)">Take theirs</button>
        </li>
      </ul>
    </section>

    <form novalidate @submit.prevent="send">
      <section class="card">
        <h2>The installation</h2>
        <div class="two">
          <TextField
            v-model="form.title"
            name="Name in the shop"
            placeholder="Tractor 7"
            :wrong="wrong.title"
          />
          <TextField v-model="form.customer" name="Customer" :wrong="wrong.customer" />
        </div>
        <ChoiceField
          v-model="form.carrier"
          name="Fitted to"
          :options="carrierOptions"
          :wrong="wrong.carrier"
        />
        <TextField
          v-model="form.carrierDetail"
          name="Where on it"
          type="textarea"
          hint="Surface and size, position, what is near."
          :wrong="wrong.carrierDetail"
        />
      </section>

      <section class="card">
        <h2>The antenna</h2>
        <label class="field">
          <span class="name">Kind</span>
          <select
            :value="form.antennaKind"
            @change="chooseKind(($event.target as HTMLSelectElement).value as Plan['antennaKind'])"
          >
            <option v-for="k in kinds.data.value ?? []" :key="k.kind" :value="k.kind">
              {{ words.phrase(k.words) }}
            </option>
          </select>
        </label>
        <TextField
          v-model="form.antennaDetail"
          name="In words"
          hint="Whip and base, feedline and its length."
          :wrong="wrong.antennaDetail"
        />
        <ChoiceField
          v-model="form.adjust"
          name="Adjusted by"
          :options="[
            { value: 'cut', word: 'Cutting, one way' },
            { value: 'slide', word: 'Sliding or screwing, both ways' },
          ]"
        />
        <div class="two">
          <TextField
            v-model="form.smallestStep"
            name="Smallest step"
            hint="What can still be done by hand."
            :wrong="wrong.smallestStepM"
          />
          <TextField
            v-model="form.startLength"
            :name="`Length now (${piece}), if measured`"
            placeholder="482 mm, 19 in, 1 ft 7"
            :wrong="wrong.startLengthM"
          />
          <TextField
            v-model="form.shortestLength"
            name="Shortest it can be, if known"
            hint="With the length now, advice keeps to it."
            :wrong="wrong.shortestLengthM"
          />
          <TextField
            v-if="form.adjust === 'slide'"
            v-model="form.longestLength"
            name="Longest it can be, if known"
            hint="As far as it slides out."
            :wrong="wrong.longestLengthM"
          />
        </div>
        <LengthQuestion :plan="asTyped" @kind="chooseKind" />
      </section>

      <section class="card">
        <h2>The radio, and what counts as good enough</h2>
        <div class="two">
          <TextField v-model="form.ratedPower" name="Rated power, W" :wrong="wrong.ratedPowerW" />
          <TextField
            v-model="form.swrCeiling"
            name="Highest SWR it is rated for"
            hint="From the radio's papers."
            :wrong="wrong.swrCeiling"
          />
          <label class="field">
            <span class="name">Feedline</span>
            <select v-model="form.feedlineType">
              <option value="">not known</option>
              <option v-for="l in feedlines.data.value ?? []" :key="l.id" :value="l.id">
                {{ words.phrase(l.title) }}
              </option>
            </select>
            <span v-if="wrong.feedlineType" class="wrong" role="alert">{{ wrong.feedlineType }}</span>
            <span v-else class="hint">With it both ends are shown, and advice works at the antenna.</span>
          </label>
          <TextField
            v-if="form.feedlineType"
            v-model="form.feedlineLength"
            name="Its length"
            hint="4.2 m, or 14 ft"
            :wrong="wrong.feedlineLengthM"
          />
        </div>
        <RadioRows v-model="form.otherRadios" :wrong="wrong" />
        <ChoiceField v-model="form.ruleName" name="Acceptance rule" :options="ruleOptions" :hint="ruleHint" />
        <div class="two">
          <TextField v-if="hasOwnLimit" v-model="form.limit" name="SWR limit" :wrong="wrong.limitSwr" />
          <ChoiceField
            v-model="form.measuredAt"
            name="Measured"
            :options="[
              { value: 'RADIO', word: 'At the radio end' },
              { value: 'ANTENNA', word: 'At the antenna' },
            ]"
            hint="A lossy feedline makes the SWR look better at the radio end."
          />
        </div>
      </section>

      <section class="card">
        <ChannelRows v-model="form.channels" :wrong="wrong" :radios="form.otherRadios" />
      </section>

      <p v-if="trouble && !merged" class="wrong" role="alert">{{ trouble }}</p>
      <p v-else-if="Object.keys(wrong).length" class="wrong" role="alert">
        Something above still needs a look; what you typed is kept.
      </p>
      <div class="end">
        <button class="do" type="submit" :disabled="busy">
          {{ id ? 'Save the plan' : 'Create installation' }}
        </button>
        <RouterLink class="plain" :to="id ? `/installations/${id}` : '/'">Back</RouterLink>
      </div>
    </form>
  </div>
</template>

<style scoped>
.page {
  max-width: 860px;
  margin: 0 auto;
  padding: 24px 22px 60px;
  display: grid;
  gap: 14px;
}

form {
  display: grid;
  gap: 14px;
}

.card {
  padding: 18px 20px 20px;
  display: grid;
  gap: 14px;
}

.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 14px 18px;
  align-items: start;
}

.field {
  display: grid;
  gap: 4px;
}

.conflict {
  border-color: var(--coral);
}

.inline {
  min-height: 0;
  padding: 0 4px;
}

.end {
  display: flex;
  gap: 18px;
  align-items: center;
}

.end .do {
  width: auto;
  min-width: 280px;
}

ul {
  margin: 0;
  padding-left: 20px;
}
</style>
