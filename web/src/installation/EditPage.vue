<script setup lang="ts">
import { useFormFocus } from '@/ui/useFormFocus'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import * as v from 'valibot'
import { keep, readKept } from '@/kept'
import { computed, nextTick, ref, watch, useTemplateRef } from 'vue'
import { useRouter } from 'vue-router'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useInstallation, useInstallationChange, useKinds, useRules, useServices } from '@/api/installation'
import { useMe } from '@/api/people'
import { useUsualStart } from './useUsualStart'
import { parseDecimal } from '@/units/number'
import { useWords } from '@/words/words'
import { carrierOptions } from '@/board/words'
import { usePreferences } from '@/preferences'
import { notify } from '@/ui/notices'
import ChoiceField from '@/ui/ChoiceField.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useTypedLengths } from '@/units/typed'
import AdjustFields from './AdjustFields.vue'
import { copiesOf, likeInstallation, namesOf, type Beginning } from './begin'
import BeginWith from './BeginWith.vue'
import NameField from '@/catalogue/NameField.vue'
import LikesPlanned from '@/book/LikesPlanned.vue'
import LessonsPlanned from '@/lesson/LessonsPlanned.vue'
import { formatLength } from '@/units/length'
import FleetField from './FleetField.vue'
import ChannelRows from './ChannelRows.vue'
import LengthQuestion from './LengthQuestion.vue'
import { merge } from './merge'
import {
  emptyForm,
  formOf,
  PLAN_OF_NEW,
  planOf,
  planShape,
  planFieldKey,
  planWords,
  readPlan,
  usuallyAdjusted,
  type Plan,
  type PlanForm,
} from './planForm'
import RadioFields from './RadioFields.vue'
import WhereFields from './WhereFields.vue'

/** @prop like the installation that a new one begins with */
const props = defineProps<{ id?: string; like?: string }>()

const DRAFT = `dorada.plan-draft.${props.id ?? 'new'}`
const router = useRouter()
useFormFocus(useTemplateRef<HTMLElement>('sheet'))
const preferences = usePreferences()
const me = useMe()
const kinds = useKinds()
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
  Object.assign(form.value, {
    antennaKind: kind,
    ...usuallyAdjusted(kind, kinds.data.value, preferences.unit),
  })
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
      if (!props.id) {
        await sayWhatWasPlanned(installation.id)
        await begun.value?.made(installation.id)
        await makeOthers(installation.id)
      }
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

/** The first one is made by now: where the others can't be, it is said, and its plan offers them again. */
async function makeOthers(installationId: string) {
  const titles = namesOf(form.value.alike)
  if (titles.length === 0) return
  try {
    const made = await copiesOf(installationId, titles)
    notify(words.value.text('begin.MADE', { othersCount: made.length, title: form.value.title }))
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    notify(words.value.text('begin.OTHERS_FAILED', { title: form.value.title, why: error.message }))
  }
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

const asTyped = computed(() => readPlan(form.value, preferences.unit, hasOwnLimit.value).plan)
const piece = computed(() => {
  const known = kinds.data.value?.find((k) => k.kind === form.value.antennaKind)
  return known ? words.value.phrase(known.piece) : words.value.text('planForm.ELEMENT')
})

/** All of it is open where a plan is changed, or was begun before. */
const isLong = !!props.id || isFromDraft.value

const USUAL_RULE = emptyForm(preferences.unit).ruleName
const services = useServices()
const leaveAsItIs =
  props.id || isFromDraft.value
    ? undefined
    : useUsualStart(
        form,
        computed(() => services.data.value),
        chooseKind,
      )
/** Of a service that was picked, where nobody chose another rule. */
function takeEvenEnds() {
  if (!props.id && form.value.ruleName === USUAL_RULE) form.value.ruleName = 'EVEN_ENDS'
}

const begun = ref<Beginning>()
/** Begins with something the shop has; the name and the customer that were typed stay. */
async function begin(what: () => Promise<Beginning>) {
  await submit(async () => {
    const from = await what()
    leaveAsItIs?.()
    begun.value = from
    const { title, alike, customer } = form.value
    form.value = { ...from.form, title, alike, customer: from.form.customer || customer }
  })
}
/** Once: what is typed from then on is not begun over by a reload. */
async function beginLike(like: string) {
  await begin(() => likeInstallation(like, words.value))
  await router.replace({ query: {} })
}
if (props.like && !props.id) void beginLike(props.like)
</script>

<template>
  <PageFrame width="text">
    <h1>{{ words.text(id ? 'planForm.CHANGE' : 'planForm.NEW') }}</h1>
    <p v-if="isFromDraft" class="hint">
      {{ words.text('planForm.TYPED_LAST_TIME') }}
      <ActionButton quiet class="inline" @click="startOver">{{
        words.text('planForm.START_OVER')
      }}</ActionButton>
    </p>
    <section v-if="merged" class="card stack conflict" role="alert">
      <h2>{{ words.text('planForm.COLLEAGUE_SAVED') }}</h2>
      <p v-if="merged.collisions.length === 0">
        {{ words.text('planForm.PUT_TOGETHER') }}
      </p>
      <ul v-else>
        <li v-for="field in merged.collisions" :key="field">
          {{
            words.text('planForm.BOTH_CHANGED', {
              part: words.text(planFieldKey(field)),
              theirs: planWords(merged.theirs, field, words),
            })
          }}
          <ActionButton @click="takeTheirs(field)">{{ words.text('planForm.TAKE_THEIRS') }}</ActionButton>
        </li>
      </ul>
    </section>

    <p v-if="me.data.value?.role === 'VIEWER'" class="soft">
      {{ words.text('planForm.ONLY_READS') }}
    </p>
    <form v-else ref="sheet" class="asked" novalidate @submit.prevent="send">
      <BeginWith v-if="!id" @begin="begin" />
      <section class="card stack">
        <div class="two">
          <TextField
            v-model="form.title"
            class="first-field"
            :name="words.text('planForm.TITLE')"
            :placeholder="words.text('planForm.TITLE_SUCH_AS')"
            :wrong="wrong.title"
          />
          <NameField
            v-model="form.customer"
            sort="CUSTOMER"
            :name="words.text('planForm.CUSTOMER')"
            :wrong="wrong.customer"
          />
        </div>
        <FleetField v-if="!id" v-model="form.alike" />
        <ChoiceField
          v-model="form.carrier"
          :name="words.text('planForm.FITTED_TO')"
          :options="carrierOptions(words)"
          :wrong="wrong.carrier"
        />
        <PickField
          :model-value="form.antennaKind"
          :name="words.text('planForm.KIND')"
          :options="(kinds.data.value ?? []).map((k) => ({ value: k.kind, word: words.phrase(k.words) }))"
          @update:model-value="chooseKind($event as Plan['antennaKind'])"
        />
        <LengthQuestion :plan="asTyped" @kind="chooseKind" />
        <ChannelRows
          v-model="form.channels"
          :wrong="wrong"
          :radios="form.otherRadios"
          @even-ends="takeEvenEnds"
        />
        <ChoiceField
          v-model="form.ruleName"
          :name="words.text('planForm.RULE')"
          :options="ruleOptions"
          :hint="ruleHint"
        />
        <TextField
          v-if="hasOwnLimit"
          v-model="form.limit"
          :name="words.text('planForm.LIMIT')"
          :wrong="wrong.limitSwr"
        />
      </section>

      <LessonsPlanned v-if="!id && asTyped" :plan="asTyped" />
      <LikesPlanned
        v-if="!id && asTyped"
        :plan="asTyped"
        @begin="(m) => (form.startLength = formatLength(m, preferences.unit, true))"
      />

      <WhereFields v-model="form" :wrong="wrong" :is-open="isLong" />

      <AdjustFields v-model="form" :wrong="wrong" :is-open="isLong" :piece="piece" />

      <RadioFields v-model="form" :wrong="wrong" :is-open="isLong" />

      <p v-if="trouble && !merged" class="wrong" role="alert">{{ trouble }}</p>
      <p v-else-if="Object.keys(wrong).length" class="wrong" role="alert">
        {{ words.text('planForm.NEEDS_A_LOOK') }}
      </p>
      <div class="end">
        <BigAction class="fit" submits :disabled="busy">
          {{ words.text(id ? 'planForm.SAVE' : 'planForm.CREATE') }}
        </BigAction>
        <RouterLink class="plain" :to="id ? `/installations/${id}` : '/'">{{
          words.text('planForm.BACK')
        }}</RouterLink>
      </div>
    </form>
  </PageFrame>
</template>

<style scoped>
.conflict {
  border-color: var(--coral);
}

.inline {
  min-height: 0;
  padding: 0 4px;
}

.end {
  position: sticky;
  bottom: 0;
  z-index: 10;
  padding: 10px 0;
  background: var(--paper);
  display: flex;
  gap: 18px;
  align-items: center;
}
</style>
