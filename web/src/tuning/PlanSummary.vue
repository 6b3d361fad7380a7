<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import { useFleet } from '@/book/queries'
import { useWords } from '@/words/words'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { keep } from '@/kept'
import { DRAFTS, forgetPlan, putAside } from '@/planning/drafts'
import { useSavedSheets } from '@/api/cutSheets'
import { useFeedlines, useSavedPlans } from '@/api/plans'
import { useRadios } from '@/api/radios'
import { usePreferences } from '@/preferences'
import { formatChannelMhz } from '@/units/frequency'
import { formatBoth, formatMetres } from '@/units/length'
import CautionsAt from '@/safety/CautionsAt.vue'
import { formatTime } from '@/units/time'
import CopyPlan from './CopyPlan.vue'
import { calibrationFor, needOf, sheetFor, stationOf } from './elsewhere'
import type { Installation, Pass } from './sentence'

const props = defineProps<{ installation: Installation; mayWrite: boolean; last: Pass | undefined }>()
const router = useRouter()
const preferences = usePreferences()
const fleet = useFleet(computed(() => props.installation.id))
const othersCount = computed(() => (fleet.data.value?.rows.length ?? 1) - 1)
const words = useWords()
const { plans } = useSavedPlans()
const feedlines = useFeedlines()
/** Which line, of which type, how long, and what stands between. */
const line = computed(() => {
  const { feedlineName, feedlineType, feedlineLengthM, adapterName } = props.installation
  const known = feedlines.data.value?.find((l) => l.id === feedlineType)
  return [
    feedlineName,
    known ? words.value.phrase(known.title) : feedlineType,
    feedlineType && formatMetres(feedlineLengthM ?? 0),
    adapterName,
  ]
    .filter(Boolean)
    .join(', ')
})
const { radios } = useRadios()
const radio = computed(() => radios.data.value?.find((r) => r.id === props.installation.radioId))
const ownPlans = computed(() =>
  (plans.data.value ?? []).filter((p) => p.installationId === props.installation.id),
)
const { sheets } = useSavedSheets(computed(() => props.installation.id))

const newSheet = computed(() => sheetFor(props.installation))

/** Onto the plan pages, filled in for this installation; what stood there is put aside. */
function planIt(draft: 'antenna' | 'station') {
  putAside()
  forgetPlan()
  if (draft === 'antenna') {
    keep(DRAFTS.antenna, needOf(props.installation))
    keep(DRAFTS.chosen, undefined)
    void router.push('/plan')
  } else {
    keep(DRAFTS.station, stationOf(props.installation, props.last))
    void router.push('/plan/watts')
  }
}

/** How short and long the piece can be made, as far as it is known. */
const range = computed(() => {
  const { shortestLengthM: low, longestLengthM: high } = props.installation
  const both = (m: number) => formatBoth(m, preferences.unit, true)
  if (low !== undefined && high !== undefined)
    return words.value.text('planSummary.FROM_TO', { low: both(low), high: both(high) })
  if (low !== undefined) return words.value.text('planSummary.NO_SHORTER', { low: both(low) })
  return high === undefined ? '' : words.value.text('planSummary.NO_LONGER', { high: both(high) })
})

type Channel = Installation['channels'][number]

function channelWords(c: Channel): string {
  return [
    c.name,
    c.primary && words.value.text('planSummary.MAIN'),
    c.use && c.use !== 'BOTH' && words.value.text(`planSummary.${c.use}`),
    c.weight !== undefined &&
      c.weight !== 1 &&
      words.value.text('planSummary.WEIGHT', { weight: `${c.weight}` }),
    c.radio,
  ]
    .filter(Boolean)
    .join(', ')
}

/** The names of what it is made of, then what was written of it. */
const antenna = computed(() => {
  const { antennaName, baseName, antennaDetail } = props.installation
  return [antennaName, baseName, antennaDetail].filter(Boolean).join(' · ')
})
const rated = (r: { ratedPowerW: number; swrCeiling: number }) =>
  words.value.text('planSummary.RATED', { ratedW: r.ratedPowerW, ceilingSwr: r.swrCeiling })
</script>

<template>
  <section class="card stack">
    <div class="head">
      <h2>{{ words.text('planSummary.TITLE') }}</h2>
      <RouterLink
        v-if="mayWrite && !installation.signOff"
        class="other"
        :to="`/installations/${installation.id}/edit`"
      >
        {{ words.text('planSummary.CHANGE') }}
      </RouterLink>
    </div>
    <dl>
      <dt>{{ words.text('planSummary.FITTED_TO') }}</dt>
      <dd>
        <template v-if="installation.carriedBy"
          ><b>{{ installation.carriedBy }}</b
          >. </template
        >{{ words.text(`fittedTo.${installation.carrier}`) }}. {{ installation.carrierDetail }}
      </dd>
      <dt>{{ words.text('planSummary.ANTENNA') }}</dt>
      <dd>{{ antenna || words.text('planSummary.NOT_DESCRIBED') }}</dd>
      <dt>{{ words.text('planSummary.ADJUSTED_BY') }}</dt>
      <dd>
        {{
          words.text(`planSummary.${installation.oneWay ? 'CUTTING' : 'SLIDING'}`, {
            step: formatBoth(installation.smallestStepM, preferences.unit, true),
          })
        }}
      </dd>
      <template v-if="installation.startLengthM !== undefined">
        <dt>{{ words.text('planSummary.START') }}</dt>
        <dd>{{ formatBoth(installation.startLengthM, preferences.unit, true) }}</dd>
      </template>
      <template v-if="range">
        <dt>{{ words.text('planSummary.RANGE') }}</dt>
        <dd>{{ range }}</dd>
      </template>
      <dt>{{ words.text('planSummary.RADIO') }}</dt>
      <dd>
        {{ rated(installation) }}
        <template v-if="radio">
          <br /><RouterLink :to="`/radios/${radio.id}`">{{ radio.name }}</RouterLink
          >:
          {{ radio.newest ? words.sentence(radio.newest.verdict.says) : words.text('radios.NEVER') }}
          <span v-if="radio.newest" class="soft">{{ formatTime(radio.newest.checkedAt) }}</span>
        </template>
        <template v-for="r in installation.otherRadios" :key="r.name">
          <br />{{ r.name }}: {{ rated(r) }}
        </template>
        <br /><ActionButton v-if="mayWrite" quiet class="link" @click="planIt('station')">{{
          words.text('planSummary.POWER')
        }}</ActionButton>
      </dd>
      <template v-if="line">
        <dt>{{ words.text('planSummary.FEEDLINE') }}</dt>
        <dd>{{ line }}</dd>
      </template>
      <dt>{{ words.text('planSummary.GOOD_ENOUGH') }}</dt>
      <dd>
        {{
          words.text('planSummary.MEASURED', {
            rule: words.phrase(installation.rule),
            plane: words.text(`plane.${installation.measuredAt}`),
          })
        }}
      </dd>
      <dt>{{ words.text('planSummary.CHANNELS') }}</dt>
      <dd>
        <ul class="bare">
          <li v-for="c in installation.channels" :key="c.name + c.frequencyHz">
            {{ formatChannelMhz(c.frequencyHz) }} MHz
            <span class="soft">{{ channelWords(c) }}</span>
          </li>
        </ul>
      </dd>
      <template v-if="ownPlans.length || mayWrite">
        <dt>{{ words.text('planSummary.PLANNED_AS') }}</dt>
        <dd>
          <ul class="bare">
            <li v-for="p in ownPlans" :key="p.id">
              <RouterLink :to="{ path: '/plan', query: { open: p.id } }">{{ p.name }}</RouterLink>
              {{ ' ' }}<span class="soft">{{ p.changedBy }}</span>
            </li>
          </ul>
          <ActionButton v-if="mayWrite" quiet class="link" @click="planIt('antenna')">{{
            words.text('planSummary.PLAN_IT')
          }}</ActionButton>
        </dd>
      </template>
      <dt>{{ words.text('planSummary.CALIBRATION') }}</dt>
      <dd>
        <RouterLink :to="calibrationFor(installation)">{{ words.text('planSummary.CALIBRATE') }}</RouterLink>
      </dd>
      <dt>{{ words.text('planSummary.SHEETS') }}</dt>
      <dd>
        <ul class="bare">
          <li v-for="s in sheets.data.value ?? []" :key="s.id">
            <RouterLink :to="{ path: '/cutting', query: { sheet: s.id } }">{{ s.name }}</RouterLink>
            {{ ' ' }}<span class="soft">{{ s.changedBy }}</span>
          </li>
        </ul>
        <RouterLink :to="newSheet">{{ words.text('planSummary.NEW_SHEET') }}</RouterLink>
      </dd>
      <template v-if="othersCount > 0">
        <dt>{{ words.text('fleet.HEAD') }}</dt>
        <dd>
          <RouterLink :to="`/installations/${installation.id}/fleet`">{{
            words.text('fleet.LINK', { count: othersCount })
          }}</RouterLink>
        </dd>
      </template>
      <dt>{{ words.text('planSummary.MADE_BY') }}</dt>
      <dd>
        {{ installation.createdBy }}, {{ formatTime(installation.createdAt) }}.
        <RouterLink :to="`/installations/${installation.id}/history`">{{
          words.text('history.LINK')
        }}</RouterLink>
      </dd>
    </dl>
    <CopyPlan v-if="mayWrite" :installation="installation" />
    <CautionsAt :carrier="installation.carrier" />
  </section>
</template>

<style scoped>
dl {
  grid-template-columns: 150px 1fr;
  gap: 0 16px;
}

dt,
dd {
  border-top: 1px solid var(--line);
  padding: 8px 0;
  margin: 0;
  overflow-wrap: anywhere;
}

.link {
  padding: 0;
  min-height: 32px;
}
</style>
