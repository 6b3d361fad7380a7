<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import SortHead from '@/ui/SortHead.vue'
import { useSorted } from '@/ui/useSorted'
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import { usePreferences } from '@/preferences'
import { formatMhz } from '@/units/frequency'
import { formatLength } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { dbi, type Assessment, type Computed } from './choice'

/** Every candidate with what is said of it, and what was solved. */
const chosen = defineModel<string>({ required: true })
const props = defineProps<{
  ranked: Assessment[]
  solved: Map<string, Computed>
  /** What was computed for another need: faded until its row is computed for this one. */
  before: Map<string, Computed>
  limit: number
}>()

const preferences = usePreferences()
const words = useWords()
const rows = computed(() =>
  props.ranked.map((a) => {
    const c = props.solved.get(a.candidate)
    return { a, c: c ?? props.before.get(a.candidate), isOld: !c && props.before.has(a.candidate) }
  }),
)

/** Without a choice as they are ranked by rule. */
const { sort, sorted } = useSorted(rows, {
  length: ({ a, c }) => c?.lengthM ?? a.lengthM,
  top: ({ a }) => a.tipM,
  swr: ({ c }) => c?.worstSwr,
  width: ({ c }) => (c?.lowHz === undefined ? undefined : (c.highHz ?? 0) - c.lowHz),
  gain: ({ c }) => c?.wantedDbi,
  takeOff: ({ c }) => c?.takeOffDeg,
})

function band(c: Computed): string {
  return c.lowHz === undefined
    ? words.value.text('planPage.NO_BAND')
    : `${formatMhz(c.lowHz, 1)}–${formatMhz(c.highHz ?? 0, 1)}`
}

function takeOff(c: Computed): string {
  return `${c.takeOffDeg.toFixed(0).replace('-', '−')}°`
}

/** What a solved antenna weighs, and what there is to carry. */
function carried(c: Computed): string {
  const width =
    c.beamwidthDeg === undefined
      ? ''
      : words.value.text('planPage.BEAMWIDTH', { degrees: c.beamwidthDeg.toFixed(0) })
  const metal = words.value.text('planPage.METAL', {
    massKg: c.massKg,
    packedM: c.packedM,
  })
  return [width, metal].filter(Boolean).join(' ')
}
</script>

<template>
  <PlainTable is-of-numbers>
    <thead>
      <tr>
        <th>{{ words.text('planPage.CANDIDATE') }}</th>
        <SortHead v-model:sort="sort" by="length" :name="words.text('planPage.LENGTH')" />
        <SortHead v-model:sort="sort" by="top" :name="words.text('planPage.TOP_AT')" />
        <SortHead v-model:sort="sort" by="swr" :name="words.text('planPage.WORST_SWR')" />
        <SortHead
          v-model:sort="sort"
          by="width"
          :name="words.text('planPage.UNDER', { limit: String(limit) })"
        />
        <SortHead v-model:sort="sort" by="gain" :name="words.text('planPage.GAIN')" />
        <SortHead v-model:sort="sort" by="takeOff" :name="words.text('planPage.TAKE_OFF')" />
      </tr>
    </thead>
    <tbody
      v-for="{ a, c, isOld } in sorted"
      :key="a.candidate"
      :class="{ on: a.candidate === chosen, out: a.excluded, old: isOld }"
    >
      <tr @click="chosen = a.candidate">
        <td>
          <ActionButton quiet class="candidate" :aria-pressed="a.candidate === chosen">
            {{ words.phrase(a.title) }}
          </ActionButton>
        </td>
        <td>{{ formatLength((isOld ? undefined : c?.lengthM) ?? a.lengthM, preferences.unit) }}</td>
        <td>{{ a.tipM.toFixed(2) }} m</td>
        <template v-if="c">
          <td>
            {{ formatSwr(c.worstSwr) }}
            {{ words.text(isOld ? 'planPage.WAS' : c.holds ? 'planPage.HOLDS' : 'planPage.MISSES') }}
          </td>
          <td>{{ band(c) }}</td>
          <td>{{ dbi(c.wantedDbi) }}</td>
          <td>{{ takeOff(c) }}</td>
        </template>
        <template v-else>
          <td v-for="n in 4" :key="n" class="soft">·</td>
        </template>
      </tr>
      <tr class="why">
        <td colspan="7">
          <span v-if="a.excluded" class="wrong">{{ words.sentence(a.excluded) }}</span>
          {{ words.sentences(a.reasons) }}
          <template v-if="c && !isOld">{{ carried(c) }} {{ ' ' }}</template>
          <span class="soft">{{
            words.text('planPage.CLAIM', {
              claim: words.phrase(a.claim),
              effort: words.text(`planPage.effort.${a.effort}`),
            })
          }}</span>
        </td>
      </tr>
    </tbody>
  </PlainTable>
</template>

<style scoped>
.old td:nth-child(n + 4) {
  opacity: 0.55;
}

th,
td {
  padding: 3px 8px;
}

@media (max-width: 1000px) {
  th,
  td {
    padding: 3px 4px;
  }
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
</style>
