<script setup lang="ts">
import { computed, ref } from 'vue'
import { usePreferences } from '@/preferences'
import ActionButton from '@/ui/ActionButton.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatBoth, formatLength } from '@/units/length'
import { formatSensitivity } from '@/units/sensitivity'
import { formatSwr } from '@/units/swr'
import { useWords } from '@/words/words'
import LikesPicture from './LikesPicture.vue'
import type { Likes } from './queries'

/** What the shop's finished installations that are like this one came to, and what that saves here. */
const props = defineProps<{
  likes: Likes
  isOneWay: boolean
  /** What stands as its length at the start; undefined for nothing. */
  startM?: number | undefined
  /** It was not read yet, and whoever looks may change it. */
  mayBegin: boolean
}>()
const emit = defineEmits<{ begin: [lengthM: number] }>()

const words = useWords()
const preferences = usePreferences()
const FIRST = 4
const isAll = ref(false)
const shown = computed(() => (isAll.value ? props.likes.nearest : props.likes.nearest.slice(0, FIRST)))
const beginM = computed(() => props.likes.startM)
const fine = (m: number | undefined) => (m === undefined ? '' : formatLength(m, preferences.unit))
/** What stands there already reads the same. */
const isBegun = computed(() => beginM.value !== undefined && fine(props.startM) === fine(beginM.value))
</script>

<template>
  <section v-if="likes.nearest.length" class="card stack">
    <h2>{{ words.text('likes.TITLE') }}</h2>
    <p>
      {{ words.text('likes.COUNT', { count: likes.nearest.length }) }}
      <template v-if="likes.lengthM">{{
        words.text('likes.ENDED', {
          length: formatBoth(likes.lengthM.median, preferences.unit),
          low: fine(likes.lengthM.low),
          high: fine(likes.lengthM.high),
        })
      }}</template>
      <template v-if="likes.changes">{{
        ` ${words.text('likes.CHANGES', { changesCount: Math.round(likes.changes.median) })}`
      }}</template>
    </p>
    <LikesPicture :likes="likes" :is-one-way="isOneWay" />
    <template v-if="beginM !== undefined">
      <p v-if="isBegun" class="hint">{{ words.text('likes.BEGUN', { length: fine(beginM) }) }}</p>
      <template v-else-if="mayBegin">
        <ActionButton class="begin" @click="emit('begin', beginM)">{{
          words.text(isOneWay ? 'likes.CUT' : 'likes.SET', { length: fine(beginM) })
        }}</ActionButton>
        <p class="hint">{{ words.text(isOneWay ? 'likes.WHY_CUT' : 'likes.WHY_SET') }}</p>
      </template>
    </template>
    <div class="table">
      <PlainTable>
        <thead>
          <tr>
            <th>{{ words.text('likes.WHICH') }}</th>
            <th class="number">{{ words.text('likes.ALIKE') }}</th>
            <th class="number">{{ words.text('book.LENGTH') }}</th>
            <th class="number">
              {{ words.text(preferences.unit === 'mm' ? 'book.MHZ_PER_MM' : 'book.MHZ_PER_INCH') }}
            </th>
            <th class="number">{{ words.text('book.CHANGES') }}</th>
            <th class="number">{{ words.text('tuning.SWR') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="l in shown" :key="l.row.id">
            <td>
              <RouterLink class="name" :to="`/installations/${l.row.id}`">{{ l.row.title }}</RouterLink>
              <span class="soft below">{{
                [
                  l.row.shopNumber,
                  l.row.mount,
                  ...l.row.faults.map((f) => words.phrase(f)),
                  l.row.met ? '' : words.text('likes.LET_PASS'),
                ]
                  .filter(Boolean)
                  .join(', ')
              }}</span>
            </td>
            <td class="number">{{ Math.round(l.likeness * 100) }} %</td>
            <td class="number">{{ fine(l.row.finalLengthM) }}</td>
            <td class="number">{{ formatSensitivity(l.row.sensitivityHzPerM, preferences.unit) }}</td>
            <td class="number">{{ l.row.changes }}</td>
            <td class="number">{{ l.row.worstSwr === undefined ? '' : formatSwr(l.row.worstSwr) }}</td>
          </tr>
        </tbody>
      </PlainTable>
    </div>
    <ActionButton v-if="likes.nearest.length > FIRST" quiet class="more" @click="isAll = !isAll">{{
      words.text(isAll ? 'likes.FEWER' : 'likes.ALL', { count: likes.nearest.length })
    }}</ActionButton>
  </section>
</template>

<style scoped>
.card {
  justify-items: start;
}

.table {
  width: 100%;
  overflow-x: auto;
}

td {
  vertical-align: top;
}

.below {
  min-width: 170px;
}
</style>
