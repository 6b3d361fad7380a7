<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import PlainTable from '@/ui/PlainTable.vue'
import CheckField from '@/ui/CheckField.vue'
import ProgressBar from '@/ui/ProgressBar.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { computed, ref, watch } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { useRouter } from 'vue-router'
import { NSkeleton } from 'naive-ui'
import { useSolving } from '@/antenna/useSolving'
import { answer, api, Problem } from '@/api/client'
import SweepPlot from '@/plots/SweepPlot.vue'
import type { PlotTrace } from '@/plots/sweep/trace'
import { usePreferences } from '@/preferences'
import TextField from '@/ui/TextField.vue'
import { formatMhz } from '@/units/frequency'
import { formatBoth, formatLength, parseLength } from '@/units/length'
import { useTypedLengths } from '@/units/typed'
import { parseDecimal } from '@/units/number'
import CautionsAt from '@/safety/CautionsAt.vue'
import { formatSwr } from '@/units/swr'
import { formatKg } from '@/units/weight'
import { useWords } from '@/words/words'
import { useAdvisedGround } from './advised'
import { bandPegs, drawn, quarterWaveM } from './band'
import {
  evenRadials,
  freshVariant,
  NONE,
  readWhip,
  requestOf,
  keptGround,
  usualGround,
  type GroundAnswer,
  type GroundDraft,
  type Radial,
  type Variant,
} from './ground'
import GroundView from './GroundView.vue'
import { DRAFTS, keepTyped } from './drafts'

const MOST = 5
const KINDS: Variant['kind'][] = ['RADIALS', 'MESH', 'SHEET']
const METALS: Variant['metal'][] = ['COPPER', 'ALUMINIUM', 'STAINLESS']

const router = useRouter()
const preferences = usePreferences()
const draft = ref<GroundDraft>(keptGround() ?? usualGround())
const chosen = computed({
  get: () => draft.value.chosen ?? 1,
  set: (index: number) => (draft.value.chosen = index),
})
const solved = ref(new Map<number, { name: string; answer: GroundAnswer }>())
const { share, working, trouble, run, stop } = useSolving<GroundAnswer>()

const whip = computed(() => readWhip(draft.value, preferences.unit))
const quarterM = computed(() =>
  typeof whip.value === 'string' ? 0.57 : quarterWaveM(whip.value.lowHz, whip.value.highHz),
)
const variant = computed(() => draft.value.variants[chosen.value] ?? NONE)

const typed = useTypedLengths(draft)
watch(draft, () => keepTyped(DRAFTS.ground, typed()), { deep: true })
// What was solved for another whip or band says nothing about this one.
watch(
  () => JSON.stringify(whip.value),
  () => solved.value.clear(),
)

function put(index: number, next: Partial<Variant>) {
  draft.value.variants = draft.value.variants.map((v, i) => (i === index ? { ...v, ...next } : v))
  solved.value.delete(index)
}

async function solveAll() {
  const w = whip.value
  if (typeof w === 'string') {
    trouble.value = w
    return
  }
  await run(
    [...draft.value.variants.entries()]
      .filter(([i]) => !solved.value.has(i))
      .map(([i, v]) => ({
        name: v.name,
        start: () =>
          answer(
            api.POST('/api/planning/ground', {
              body: requestOf(w, v),
              headers: { Prefer: 'respond-async' },
            }),
          ),
        done: (fresh: GroundAnswer) => solved.value.set(i, { name: v.name, answer: fresh }),
      })),
  )
}

/** By itself as soon as nothing is typed or dragged any more; who stops it begins it again by hand. */
const COMPUTED_AFTER_MS = 700
watchDebounced(draft, () => void solveAll(), { debounce: COMPUTED_AFTER_MS, deep: true, immediate: true })

// A radial that is dragged is solved as it goes: one request at a time, always the latest place.
let isAsking = false
let waiting = false
async function follow(index: number) {
  const w = whip.value
  const v = draft.value.variants[index]
  if (typeof w === 'string' || !v) return
  if (isAsking) {
    waiting = true
    return
  }
  isAsking = true
  try {
    const fresh = await answer(
      api.POST('/api/planning/ground', {
        body: requestOf({ ...w, whipM: solved.value.get(index)?.answer.whipM ?? w.whipM, trim: false }, v),
      }),
    )
    solved.value.set(index, { name: v.name, answer: fresh as GroundAnswer })
    trouble.value = ''
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
  } finally {
    isAsking = false
    if (waiting) {
      waiting = false
      void follow(index)
    }
  }
}

function drag(index: number, radial: Radial) {
  draft.value.variants = draft.value.variants.map((v, i) =>
    i === chosen.value ? { ...v, radials: v.radials.map((r, k) => (k === index ? radial : r)) } : v,
  )
  void follow(chosen.value)
}

function add(kind: Variant['kind']) {
  const same = draft.value.variants.filter((v) => v.kind === kind).length
  const fresh = freshVariant(kind, quarterM.value)
  draft.value.variants.push({ ...fresh, name: same ? `${fresh.name} ${same + 1}` : fresh.name })
  chosen.value = draft.value.variants.length - 1
}

function remove() {
  const left = [...solved.value].filter(([i]) => i !== chosen.value)
  draft.value.variants = draft.value.variants.filter((_, i) => i !== chosen.value)
  solved.value = new Map(left.map(([i, s]) => [i > chosen.value ? i - 1 : i, s]))
  chosen.value = Math.max(0, chosen.value - 1)
}

const first = computed(() => variant.value.radials[0])
function setRadials(count: number, lengthM: number, droopDeg: number, turnDeg: number) {
  if (!(count >= 1) || !(lengthM > 0) || !(Math.abs(droopDeg) < 85)) return
  const name = /^\d+ radials/.test(variant.value.name) ? `${count} radials` : variant.value.name
  put(chosen.value, { radials: evenRadials(count, lengthM, droopDeg, turnDeg), name })
}
function lengthOf(text: string, set: (m: number) => void) {
  const p = parseLength(text, preferences.unit)
  if (p.ok) set(p.value)
  else trouble.value = p.why
}
function numberOf(text: string, set: (n: number) => void) {
  const p = parseDecimal(text)
  if (p.ok) set(p.value)
  else trouble.value = p.why
}
const value = (e: Event) => (e.target as HTMLInputElement).value

const results = computed(() => [...solved.value].sort(([a], [b]) => a - b).map(([i, s]) => ({ i, ...s })))
const traces = computed<PlotTrace[]>(() =>
  results.value
    .map(({ i, name, answer: a }) => ({
      id: `${i}`,
      label: name,
      kind: i === chosen.value ? ('now' as const) : ('earlier' as const),
      curve: drawn(a.trace),
    }))
    .sort((a, b) => (a.kind === 'now' ? 1 : 0) - (b.kind === 'now' ? 1 : 0)),
)
const limit = computed(() =>
  limitLine(typeof whip.value === 'string' ? 2.5 : whip.value.limitSwr, words.value),
)
const words = useWords()
const advisedGround = useAdvisedGround(
  results,
  computed(() => limit.value.swr),
)
const advice = computed(() => {
  const says = advisedGround.data.value?.says
  return results.value.length && says
    ? words.value.sentence(says)
    : share.value === undefined
      ? words.value.text('groundPage.SAY_WHICH')
      : words.value.text('groundPage.ARE_COMPUTED')
})
const pegs = computed(() =>
  typeof whip.value === 'string' ? [] : bandPegs(solved.value.get(chosen.value)?.answer.ends, words.value),
)
</script>

<template>
  <div class="desk">
    <div class="work">
      <form class="bar card" @submit.prevent="solveAll">
        <TextField v-model="draft.low" :name="words.text('planPage.BAND_FROM')" />
        <TextField v-model="draft.high" :name="words.text('planPage.BAND_TO')" />
        <TextField v-model="draft.limit" :name="words.text('planPage.LIMIT')" />
        <TextField v-model="draft.whip" :name="words.text('groundPage.WHIP')" />
        <TextField v-model="draft.thick" :name="words.text('groundPage.THICKNESS')" />
        <TextField v-model="draft.slope" :name="words.text('groundPage.SLOPE')" />
      </form>
      <section class="card plot">
        <SweepPlot
          v-if="traces.length"
          :traces="traces"
          :pegs="pegs"
          :limit="limit"
          :caption="words.text('groundPage.CAPTION')"
        />
        <NSkeleton v-else-if="share !== undefined" class="coming" :sharp="false" />
        <p v-else class="soft empty">{{ words.text('groundPage.EMPTY') }}</p>
      </section>
      <section v-if="results.length" class="card list">
        <PlainTable is-of-numbers>
          <thead>
            <tr>
              <th>{{ words.text('groundPage.GROUND') }}</th>
              <th>{{ words.text('groundPage.WHIP') }}</th>
              <th>{{ words.text('groundPage.WORST_SWR') }}</th>
              <th>{{ words.text('planPage.UNDER', { limit: String(limit.swr) }) }}</th>
              <th>{{ words.text('groundPage.HORIZON') }}</th>
              <th>{{ words.text('groundPage.WEAKEST') }}</th>
              <th>{{ words.text('groundPage.WEIGHT') }}</th>
              <th>{{ words.text('groundPage.AREA') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="r in results" :key="r.i" :class="{ on: r.i === chosen }" @click="chosen = r.i">
              <td>{{ r.name }}</td>
              <td>{{ formatLength(r.answer.whipM, preferences.unit) }}</td>
              <td>
                {{ formatSwr(r.answer.worstSwr) }}
                {{ words.text(r.answer.holds ? 'planPage.HOLDS' : 'planPage.MISSES') }}
              </td>
              <td>
                <template v-if="r.answer.lowHz !== undefined && r.answer.highHz !== undefined"
                  >{{ formatMhz(r.answer.lowHz, 1) }}–{{ formatMhz(r.answer.highHz, 1) }}</template
                ><template v-else>{{ words.text('planPage.NO_BAND') }}</template>
              </td>
              <td>{{ r.answer.horizonDbi.toFixed(1).replace('-', '−') }} dBi</td>
              <td>
                {{
                  words.text('groundPage.WEAKEST_AT', {
                    gain: r.answer.weakestDbi.toFixed(1).replace('-', '−'),
                    degrees: r.answer.weakestDeg.toFixed(0),
                  })
                }}
              </td>
              <td>{{ formatKg(r.answer.massKg) }}</td>
              <td>{{ r.answer.areaM2.toFixed(2) }} m²</td>
            </tr>
          </tbody>
        </PlainTable>
      </section>
    </div>

    <aside class="side">
      <p class="sentence" role="status">{{ advice }}</p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <BigAction v-if="share === undefined && results.length" lasting @click="router.push('/plan/paper')">
        {{ words.text('groundPage.ON_PAPER') }}
      </BigAction>
      <template v-if="share !== undefined">
        <ActionButton @click="stop">{{ words.text('planPage.STOP') }}</ActionButton>
        <ProgressBar :share="share" :name="words.text('planPage.SOLVING', { antenna: working })" />
        <p class="hint">
          {{
            words.text('groundPage.SOLVING_AT', { ground: working, percent: String(Math.round(share * 100)) })
          }}
        </p>
      </template>
      <ActionButton v-else-if="results.length < draft.variants.length" @click="solveAll">
        {{ words.text('groundPage.COMPUTE') }}
      </ActionButton>
      <CheckField v-model="draft.trim">{{ words.text('groundPage.TRIM') }}</CheckField>

      <section class="card block">
        <PickField
          v-model="chosen"
          :name="words.text('groundPage.GROUND')"
          :options="draft.variants.map((v, i) => ({ value: i, word: v.name }))"
        />
        <GroundView
          :variant="variant"
          :quarter-m="quarterM"
          :slope-deg="typeof whip === 'string' ? 0 : whip.slopeDeg"
          @drag="drag"
        />
        <p class="hint">
          {{ words.text('groundPage.FROM_ABOVE', { quarter: formatBoth(quarterM, preferences.unit) }) }}
          <template v-if="variant.kind === 'RADIALS'">{{ words.text('groundPage.DRAG') }}</template>
        </p>
        <div v-if="variant.kind === 'RADIALS' && first" class="two">
          <PickField
            :model-value="variant.radials.length"
            :name="words.text('groundPage.HOW_MANY')"
            :options="[1, 2, 3, 4, 5, 6, 7, 8].map((n) => ({ value: n, word: `${n}` }))"
            @update:model-value="setRadials($event, first.lengthM, first.droopDeg, first.azimuthDeg)"
          />
          <TextField
            :model-value="formatLength(first.lengthM, preferences.unit)"
            :name="words.text('groundPage.EACH')"
            @change="
              lengthOf(value($event), (m) =>
                setRadials(variant.radials.length, m, first?.droopDeg ?? 0, first?.azimuthDeg ?? 0),
              )
            "
          />
          <TextField
            :model-value="String(first.droopDeg)"
            :name="words.text('groundPage.DROOP')"
            @change="
              numberOf(value($event), (n) =>
                setRadials(variant.radials.length, first?.lengthM ?? quarterM, n, first?.azimuthDeg ?? 0),
              )
            "
          />
          <TextField
            :model-value="String(first.azimuthDeg)"
            :name="words.text('groundPage.FIRST')"
            @change="
              numberOf(value($event), (n) =>
                setRadials(variant.radials.length, first?.lengthM ?? quarterM, first?.droopDeg ?? 0, n),
              )
            "
          />
        </div>
        <div v-else-if="variant.kind !== 'TAB'" class="two">
          <TextField
            :model-value="formatLength(variant.lengthM, preferences.unit)"
            :name="words.text('groundPage.ALONG')"
            @change="lengthOf(value($event), (m) => put(chosen, { lengthM: m }))"
          />
          <TextField
            :model-value="formatLength(variant.widthM, preferences.unit)"
            :name="words.text('groundPage.WIDTH')"
            @change="lengthOf(value($event), (m) => put(chosen, { widthM: m }))"
          />
          <TextField
            v-if="variant.kind === 'MESH'"
            :model-value="formatLength(variant.openingM, preferences.unit)"
            :name="words.text('groundPage.OPENING')"
            @change="lengthOf(value($event), (m) => put(chosen, { openingM: m }))"
          />
        </div>
        <PickField
          v-if="variant.kind !== 'TAB'"
          :model-value="variant.metal"
          :name="words.text('groundPage.METAL')"
          :options="METALS.map((value) => ({ value, word: words.text(`groundPage.metal.${value}`) }))"
          @update:model-value="put(chosen, { metal: $event as Variant['metal'] })"
        />
        <div class="buttons">
          <ActionButton v-for="k in KINDS" :key="k" :disabled="draft.variants.length >= MOST" @click="add(k)">
            + {{ words.text(`groundPage.kind.${k}`) }}
          </ActionButton>
          <ActionButton v-if="chosen > 0" quiet @click="remove">{{
            words.text('planPage.REMOVE_PLAN')
          }}</ActionButton>
        </div>
      </section>
      <p class="hint">
        {{ words.text('groundPage.BOND') }}
      </p>
      <CautionsAt carrier="AIRCRAFT" />
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

tr.on {
  background: var(--deep);
}

tbody tr {
  cursor: pointer;
}

@media (max-width: 1000px) {
  .bar {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
