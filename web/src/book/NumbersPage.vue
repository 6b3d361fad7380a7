<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDueCount } from '@/api/board'
import type { Schemas } from '@/api/client'
import { usePreferences } from '@/preferences'
import PageFrame from '@/ui/PageFrame.vue'
import SegmentField from '@/ui/SegmentField.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatMhz } from '@/units/frequency'
import { formatDay } from '@/units/time'
import { useWords } from '@/words/words'
import { useNumbers } from './queries'
import ShareBar from './ShareBar.vue'
import WeekBars from './WeekBars.vue'
import { formatMeasure, MEASURES, told, type Measure } from './weeks'

/** How the shop's work goes; behind each number are the installations that it counts. */
const words = useWords()
const preferences = usePreferences()
const numbers = useNumbers()
const due = useDueCount()
const measure = ref<Measure>('signedOff')

const n = computed(() => numbers.data.value)
const weeks = computed(() => told(n.value?.weeks ?? []))
const mostStanding = computed(() => Math.max(1, ...(n.value?.standing ?? []).map((s) => s.count)))
const mostFaults = computed(() => Math.max(1, ...(n.value?.faults ?? []).map((f) => f.jobs)))
const days = (d: number) => words.value.text('numbers.DAYS', { count: Math.round(d) })
function moved(hz: Schemas['SpreadView'] | undefined) {
  if (!hz) return ''
  const [median = '', low = '', high = ''] = [hz.median, hz.low, hz.high].map((x) => formatMhz(x, 2))
  return low === high ? median : words.value.text('numbers.MOVED_MHZ', { median, low, high })
}
const say = (m: Measure, value: number | undefined) => formatMeasure(m, value, preferences.unit)
</script>

<template>
  <PageFrame>
    <h1>{{ words.text('numbers.TITLE') }}</h1>
    <p v-if="numbers.error.value" class="wrong" role="alert">{{ numbers.error.value.message }}</p>
    <template v-if="n">
      <p v-if="n.unwritten" class="soft" role="status">
        {{ words.text('numbers.UNWRITTEN', { count: n.unwritten }) }}
      </p>
      <h2>{{ words.text('numbers.STANDING') }}</h2>
      <p>
        <RouterLink to="/due">{{
          words.text('numbers.DUE', due.data.value ?? { count: 0, overdueCount: 0 })
        }}</RouterLink>
      </p>
      <TableCard>
        <thead>
          <tr>
            <th>{{ words.text('book.STATE') }}</th>
            <th class="number">{{ words.text('numbers.JOBS') }}</th>
            <th class="bars"></th>
            <th class="number">{{ words.text('numbers.IDLE') }}</th>
            <th class="number">{{ words.text('numbers.LONGEST') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in n.standing" :key="s.state">
            <td>
              <RouterLink class="name" :to="{ path: '/book', query: { state: s.state } }">{{
                words.text(`state.${s.state}`)
              }}</RouterLink>
            </td>
            <td class="number">{{ s.count }}</td>
            <td><ShareBar :share="s.count / mostStanding" /></td>
            <td class="number">{{ days(s.medianDays) }}</td>
            <td class="number">{{ days(s.longestDays) }}</td>
          </tr>
        </tbody>
      </TableCard>

      <h2>{{ words.text('numbers.WEEKS', { count: n.weeks.length }) }}</h2>
      <template v-if="weeks.length">
        <SegmentField
          v-model="measure"
          :name="words.text('numbers.MEASURE')"
          :options="MEASURES.map((m) => ({ value: m, word: words.text(`numbers.measure.${m}`) }))"
        />
        <section class="card picture"><WeekBars :weeks="n.weeks" :measure="measure" /></section>
        <TableCard>
          <thead>
            <tr>
              <th>{{ words.text('numbers.WEEK') }}</th>
              <th v-for="m in MEASURES" :key="m" class="number">{{ words.text(`numbers.measure.${m}`) }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="w in weeks" :key="w.monday">
              <td>
                <RouterLink
                  class="name whole"
                  :to="{ path: '/book', query: { signedFrom: w.monday, signedTo: w.sunday } }"
                  >{{ words.text('numbers.WEEK_OF', { day: formatDay(w.monday) }) }}</RouterLink
                >
              </td>
              <td v-for="m in MEASURES" :key="m" class="number">{{ say(m, w[m]) }}</td>
            </tr>
          </tbody>
        </TableCard>
      </template>
      <p v-else class="soft">{{ words.text('numbers.NO_WEEKS') }}</p>

      <h2>{{ words.text('numbers.FAULTS') }}</h2>
      <TableCard v-if="n.faults.length">
        <thead>
          <tr>
            <th>{{ words.text('numbers.FAULT') }}</th>
            <th class="number">{{ words.text('numbers.JOBS') }}</th>
            <th class="bars"></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="f in n.faults" :key="f.fault.id">
            <td>
              <RouterLink class="name" :to="{ path: '/book', query: { fault: f.fault.id } }">{{
                words.phrase(f.fault)
              }}</RouterLink>
            </td>
            <td class="number">{{ f.jobs }}</td>
            <td><ShareBar :share="f.jobs / mostFaults" /></td>
          </tr>
        </tbody>
      </TableCard>
      <p v-else class="soft">{{ words.text('numbers.NO_FAULTS') }}</p>

      <h2>{{ words.text('numbers.HELD') }}</h2>
      <TableCard v-if="n.held.length">
        <thead>
          <tr>
            <th>{{ words.text('book.CARRIER') }}</th>
            <th>{{ words.text('numbers.AGE') }}</th>
            <th class="number">{{ words.text('numbers.RECHECKS') }}</th>
            <th class="number">{{ words.text('numbers.CHANGED') }}</th>
            <th class="bars"></th>
            <th class="number">{{ words.text('numbers.MOVED') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="h in n.held" :key="h.carrier + h.age">
            <td>
              <RouterLink class="name" :to="{ path: '/book', query: { carrier: h.carrier } }">{{
                words.text(`fittedTo.${h.carrier}`)
              }}</RouterLink>
            </td>
            <td>{{ words.text(`numbers.age.${h.age}`) }}</td>
            <td class="number">{{ h.rechecks }}</td>
            <td class="number">{{ h.changed }}</td>
            <td><ShareBar :share="h.changed / h.rechecks" /></td>
            <td class="number">{{ moved(h.movedHz) }}</td>
          </tr>
        </tbody>
      </TableCard>
      <p v-else class="soft">{{ words.text('numbers.NONE_HELD') }}</p>
      <p v-if="n.held.some((h) => h.movedHz && h.movedHz.low < h.movedHz.high)" class="hint">
        {{ words.text('numbers.MOVED_WHY') }}
      </p>
    </template>
  </PageFrame>
</template>

<style scoped>
.picture {
  padding: 14px 18px;
}

.bars {
  width: 26%;
}
</style>
