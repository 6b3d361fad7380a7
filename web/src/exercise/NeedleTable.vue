<script setup lang="ts">
import { computed } from 'vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatMhz } from '@/units/frequency'
import { formatNeedleSwr } from '@/units/swr'
import { useWords } from '@/words/words'
import { needlesOf } from './exercise'
import type { Exercise } from './queries'

/** Readings by needle: what each channel showed, and what was changed before. */
const props = defineProps<{ exercise: Exercise }>()
const words = useWords()
const rows = computed(() => needlesOf(props.exercise, words.value))
const channels = computed(() => rows.value[0]?.channels ?? [])
</script>

<template>
  <PlainTable :aria-label="words.text('exercise.NEEDLES')">
    <thead>
      <tr>
        <th class="number">{{ words.text('exercise.READING') }}</th>
        <th>{{ words.text('exercise.CHANGED') }}</th>
        <th v-for="c in channels" :key="c.frequencyHz" class="number">{{ formatMhz(c.frequencyHz) }} MHz</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="r in rows" :key="r.number">
        <td class="number">{{ r.number }}</td>
        <td>{{ r.before }}</td>
        <td v-for="c in r.channels" :key="c.frequencyHz" class="number" :class="{ 'trouble strong': !c.met }">
          {{ formatNeedleSwr(c.swr) }}
        </td>
      </tr>
    </tbody>
  </PlainTable>
</template>
