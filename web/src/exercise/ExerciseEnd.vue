<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { usePreferences } from '@/preferences'
import PlainTable from '@/ui/PlainTable.vue'
import { formatBoth } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { useWords } from '@/words/words'
import { percent, piecesWords } from './exercise'
import type { Exercise } from './queries'

/** How it went, beside the adviser on the same antenna and somebody who knew everything. */
const props = defineProps<{ end: Schemas['ExerciseEndView']; pieces: Exercise['pieces'] }>()
const words = useWords()
const preferences = usePreferences()
const rows = computed(() =>
  (['own', 'adviser', 'perfect'] as const).map((who) => ({ who, s: props.end[who] })),
)
</script>

<template>
  <section class="card stack">
    <h2>
      {{
        words.text(end.mark > 0 ? 'exercise.ENDED' : 'exercise.ENDED_MISSED', { percent: percent(end.mark) })
      }}
    </h2>
    <p>
      {{
        end.hidden
          ? words.text('exercise.HIDDEN', { what: words.phrase(end.hidden) })
          : words.text('exercise.NOTHING_HIDDEN')
      }}
      {{ words.text('exercise.BEST', { pieces: piecesWords('PIECE_AT', pieces, end.bestM, words) }) }}
    </p>
    <PlainTable>
      <thead>
        <tr>
          <th></th>
          <th class="number">{{ words.text('exercise.READINGS') }}</th>
          <th class="number">{{ words.text('exercise.CHANGES') }}</th>
          <th class="number">{{ words.text('exercise.LOOKS') }}</th>
          <th class="number">{{ words.text('exercise.MINUTES') }}</th>
          <th class="number">{{ words.text('exercise.MORE_OFF') }}</th>
          <th class="number">{{ words.text('tuning.SWR') }}</th>
          <th>{{ words.text('exercise.HOW') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.who">
          <td>{{ words.text(`exercise.who.${r.who}`) }}</td>
          <td class="number">{{ r.s.readings }}</td>
          <td class="number">{{ r.s.changes }}</td>
          <td class="number">{{ r.s.looks }}</td>
          <td class="number">{{ r.s.minutes }}</td>
          <td class="number">{{ r.s.moreOffM ? formatBoth(r.s.moreOffM, preferences.unit) : '–' }}</td>
          <td class="number">{{ formatSwr(r.s.worstSwr) }}</td>
          <td :class="{ wrong: r.s.ending !== 'BROUGHT_IN' }">{{ words.text(`exercise.${r.s.ending}`) }}</td>
        </tr>
      </tbody>
    </PlainTable>
    <p class="hint">{{ words.text('exercise.WHY_MARK') }}</p>
  </section>
</template>
