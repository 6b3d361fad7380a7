<script setup lang="ts">
import ProgressBar from '@/ui/ProgressBar.vue'
import PickField from '@/ui/PickField.vue'
import SegmentField from '@/ui/SegmentField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useClipboard } from '@vueuse/core'
import { useWords } from '@/words/words'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter, type LocationQuery } from 'vue-router'
import { cutKinds } from '@/api/cutSheets'
import { usePreferences } from '@/preferences'
import TextField from '@/ui/TextField.vue'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import InputFields from './InputFields.vue'
import KeepSheet from './KeepSheet.vue'
import KindList from './KindList.vue'
import {
  completeAddress,
  cutSentence,
  formatBars,
  parseBars,
  MOST_ANTENNAS,
  parseQuantity,
  readAddress,
  typed,
  writeAddress,
  type Asked,
  type Uses,
} from './sheet'
import SheetDrawing from './SheetDrawing.vue'
import SheetTables from './SheetTables.vue'
import StepList, { type ReallyCut } from './StepList.vue'
import { useSheet } from './useSheet'
import WhatIfPanel from './WhatIfPanel.vue'

const route = useRoute()
const router = useRouter()
const preferences = usePreferences()
const words = useWords()
const asked = computed(() => readAddress(route.query))
const views = computed(() =>
  ['sheet', 'steps', 'whatif'].map((value) => ({ value, word: words.value.text(`cutPage.view.${value}`) })),
)
const view = computed(() => String(route.query.show ?? 'sheet'))
/** Each has an address of its own. */
const shownView = computed({ get: () => view.value, set: (v: string) => void router.push(show(v)) })
const { sheet, inputs, refused, share, trouble, stop } = useSheet(asked)
const kinds = useQuery(cutKinds)
const done = ref<string[]>([])
const cuts = ref<ReallyCut[]>([])

/** What belongs to the page and not to the sheet goes along. */
const around = () => {
  const { installation, sheet: kept, show } = route.query as LocationQuery
  return {
    ...(installation ? { installation } : {}),
    ...(kept ? { sheet: kept } : {}),
    ...(show ? { show } : {}),
  }
}
function ask(change: Partial<Asked>) {
  void router.replace({ query: { ...writeAddress({ ...asked.value, ...change }), ...around() } })
}
const show = (name: string) => ({ query: { ...route.query, show: name === 'sheet' ? undefined : name } })

/** Another kind asks for other things; the frequency stays where it makes sense. */
function change(kind: string) {
  const k = (kinds.data.value ?? []).find((x) => x.id === kind)
  const hz = asked.value.frequencyHz
  const frequencyHz =
    k && (hz < k.lowestHz || hz > k.highestHz) ? Math.round(Math.sqrt(k.lowestHz * k.highestHz)) : hz
  ask({ kind, frequencyHz, numbers: {}, choices: {} })
}

const frequency = ref('')
const wrong = ref<{ frequency?: string; bars?: string; kerf?: string; antennas?: string }>({})
watch(
  () => asked.value.frequencyHz,
  (hz) => {
    const now = parseFrequency(frequency.value)
    if (hz > 0 && (!now.ok || now.value !== hz)) frequency.value = formatChannelMhz(hz)
  },
  { immediate: true },
)
function takeFrequency(text: string) {
  frequency.value = text
  const hz = parseFrequency(text)
  wrong.value = { ...wrong.value, frequency: hz.ok ? '' : hz.why }
  if (hz.ok) ask({ frequencyHz: hz.value })
}

const bars = ref('')
const kerf = ref('')
const antennas = ref('')
watch(
  [() => asked.value.stockM, () => asked.value.antennas, () => preferences.unit],
  () => {
    if (!wrong.value.antennas) antennas.value = String(asked.value.antennas)
    if (!wrong.value.bars) bars.value = formatBars(asked.value.stockM, preferences.unit)
    if (!wrong.value.kerf)
      kerf.value = asked.value.kerfM ? typed(asked.value.kerfM, 'LENGTH', preferences.unit) : '0'
  },
  { immediate: true },
)
function takeBars() {
  const read = parseBars(bars.value, preferences.unit)
  const saw = parseQuantity(kerf.value || '0', 'LENGTH', preferences.unit)
  const count = parseQuantity(antennas.value || '1', 'COUNT', preferences.unit)
  const isMany = count.ok && (count.value < 1 || count.value > MOST_ANTENNAS)
  wrong.value = {
    ...wrong.value,
    bars: read.why ?? '',
    kerf: saw.ok ? '' : saw.why,
    antennas: !count.ok
      ? count.why
      : isMany
        ? words.value.text('cutPage.AT_ONCE', { count: MOST_ANTENNAS })
        : '',
  }
  if (!read.why && saw.ok && count.ok && !isMany)
    ask({ stockM: read.bars, kerfM: saw.value, antennas: count.value })
}

const sentence = computed(() =>
  sheet.value ? cutSentence(sheet.value, words.value, asked.value.antennas) : undefined,
)
const isNew = computed(() => !asked.value.kind && !route.query.sheet)
const USES: Uses[] = ['BEST', 'RULE', 'SOLVER']

const copied = ref('')
const clipboard = useClipboard()
async function copyLink() {
  if (!sheet.value) return
  const { href } = router.resolve({ path: '/cutting', query: completeAddress(asked.value, sheet.value) })
  const link = location.origin + href
  try {
    await clipboard.copy(link)
    copied.value = words.value.text('cutPage.COPIED')
  } catch {
    copied.value = link
  }
}
// `window` is out of a template's reach.
const print = () => window.print()
/** The server's sentence where no field on the page bears its name. */
const general = computed(() =>
  refused.value &&
  refused.value.field !== 'frequencyHz' &&
  !inputs.value.some((i) => i.id === refused.value?.field)
    ? refused.value.why
    : '',
)
</script>

<template>
  <KindList v-if="isNew" />
  <div v-else class="desk">
    <div class="work">
      <div class="head">
        <h1>
          {{ sheet ? words.phrase(sheet.kind.title) : words.text('cutPage.CUT_SHEET') }},
          {{ sheet ? formatChannelMhz(sheet.frequencyHz) : frequency }} MHz
        </h1>
        <SegmentField v-model="shownView" class="tools" :name="words.text('cutPage.VIEW')" :options="views" />
      </div>
      <form v-show="view === 'sheet'" class="bar card tools" @submit.prevent>
        <PickField
          class="kind"
          :model-value="asked.kind"
          :name="words.text('cutPage.WHAT')"
          :options="(kinds.data.value ?? []).map((k) => ({ value: k.id, word: words.phrase(k.title) }))"
          @update:model-value="change($event)"
        />
        <TextField
          :model-value="frequency"
          :name="words.text('cutPage.FREQUENCY')"
          :wrong="wrong.frequency || (refused?.field === 'frequencyHz' ? refused.why : undefined)"
          @update:model-value="takeFrequency"
        />
        <InputFields
          :key="asked.kind"
          :inputs="inputs"
          :numbers="asked.numbers"
          :choices="asked.choices"
          :refused="refused"
          @number="(id, value) => ask({ numbers: { ...asked.numbers, [id]: value } })"
          @choice="(id, option) => ask({ choices: { ...asked.choices, [id]: option } })"
        />
        <ActionButton v-if="Object.keys(asked.numbers).length" quiet @click="ask({ numbers: {} })">
          {{ words.text('cutPage.RESET') }}
        </ActionButton>
      </form>
      <p v-if="general" class="wrong" role="alert">{{ general }}</p>
      <template v-if="sheet">
        <div :class="{ paper: view !== 'sheet' }" class="stack">
          <section class="card drawing">
            <SheetDrawing :views="sheet.views" />
          </section>
          <SheetTables :sheet="sheet" :antennas="asked.antennas" />
        </div>
        <div :class="{ paper: view !== 'steps' }" class="stack">
          <StepList v-model:done="done" v-model:cuts="cuts" :sheet="sheet" />
        </div>
        <div v-if="view === 'whatif'" class="stack tools">
          <WhatIfPanel v-if="sheet.curved" :key="asked.kind" :asked="asked" :sheet="sheet" :inputs="inputs" />
          <p v-else class="card block">{{ words.text('cutPage.NO_CURVE') }}</p>
        </div>
      </template>
    </div>

    <aside class="side">
      <p v-if="sentence" class="sentence" role="status">
        {{ sentence.before }}<em>{{ sentence.amount }}</em
        >{{ sentence.after }}
      </p>
      <div class="solving tools">
        <template v-if="share !== undefined">
          <ProgressBar :share="share" :name="words.text('cutPage.SOLVING')" />
          <ActionButton quiet @click="stop">{{ words.text('cutPage.STOP') }}</ActionButton>
        </template>
        <p v-else-if="trouble || (sheet?.solvable && !sheet.atFeed)" class="hint">
          {{ trouble || words.text('cutPage.NOT_SOLVED') }}
        </p>
        <p v-else-if="sheet?.atFeed" class="hint">{{ words.text('cutPage.SOLVED') }}</p>
      </div>
      <KeepSheet v-model:done="done" v-model:cuts="cuts" :asked="asked" :sheet="sheet" />
      <section class="card block tools">
        <PickField
          :model-value="asked.uses"
          :name="words.text('cutPage.LENGTH_FROM')"
          :options="USES.map((value) => ({ value, word: words.text(`cutPage.uses.${value}`) }))"
          @update:model-value="ask({ uses: $event as Uses })"
        />
        <TextField
          v-model="antennas"
          :name="words.text('cutPage.HOW_MANY')"
          :wrong="wrong.antennas"
          @focusout="takeBars"
          @keydown.enter="takeBars"
        />
        <div class="two">
          <TextField
            v-model="bars"
            :name="words.text('cutPage.STOCK')"
            :wrong="wrong.bars"
            hint="2 × 3 m, 1.2 m"
            @focusout="takeBars"
            @keydown.enter="takeBars"
          />
          <TextField
            v-model="kerf"
            :name="words.text('cutPage.KERF')"
            :wrong="wrong.kerf"
            @focusout="takeBars"
            @keydown.enter="takeBars"
          />
        </div>
      </section>
      <div class="two tools">
        <ActionButton @click="print">{{ words.text('cutPage.PRINT') }}</ActionButton>
        <ActionButton @click="copyLink">{{ words.text('cutPage.COPY') }}</ActionButton>
      </div>
      <p v-if="copied" class="hint tools" role="status">{{ copied }}</p>
      <p class="hint">
        {{ words.text('cutPage.CUT_LONG') }}
      </p>
      <RouterLink class="tools" to="/cutting">{{ words.text('cutPage.ANOTHER') }}</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.head h1::first-letter {
  text-transform: uppercase;
}

.bar {
  grid-template-columns: repeat(auto-fill, minmax(158px, 1fr));
  align-items: end;
}

.kind {
  grid-column: span 2;
}

.drawing {
  padding: 10px;
}

.solving {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 10px;
  align-items: center;
  min-height: 44px;
}

/* What is on another part of the page goes onto paper all the same. */
@media screen {
  .paper {
    display: none;
  }
}
</style>
