<script setup lang="ts">
import { useElementSize, useNow } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { formatDay } from '@/units/time'
import { useWords } from '@/words/words'
import { stretches, toneOfVisit, type Visit } from './visits'

/** All visits on one line of time, in the colours of their curves. The list beneath says the same. */
const props = defineProps<{ visits: Visit[] }>()
const words = useWords()

const USUAL_WIDTH = 1040
const HEIGHT = 64
const LINE = 34
/** For a date. */
const ROOM = 90
const MINUTE_MS = 60_000

const size = useElementSize(useTemplateRef('frame'), { width: USUAL_WIDTH, height: HEIGHT })
const width = computed(() => size.width.value || USUAL_WIDTH)
const now = useNow({ interval: MINUTE_MS })
const shown = computed(() => stretches(props.visits, now.value.getTime(), width.value))
</script>

<template>
  <svg
    ref="frame"
    class="fills"
    :height="HEIGHT"
    role="img"
    :aria-label="words.text('history.LINE', { count: visits.length })"
  >
    <line class="drawn in-line" stroke-width="2" :x1="0" :x2="width" :y1="LINE" :y2="LINE" />
    <g v-for="s in shown" :key="s.visit.id">
      <rect
        :opacity="s.isOpen ? 0.55 : 1"
        :style="{ fill: `var(--tone-${toneOfVisit(s.visit)})` }"
        :x="s.from"
        :width="s.to - s.from"
        :y="LINE - 7"
        height="14"
        rx="3"
      />
      <text class="in-ink strong" :x="s.from" :y="LINE - 14">{{ s.visit.number }}</text>
      <text
        v-if="s.isDated"
        :x="s.from > width - ROOM ? s.to : s.from"
        :y="HEIGHT - 8"
        :text-anchor="s.from > width - ROOM ? 'end' : 'start'"
      >
        {{ formatDay(s.visit.openedAt) }}
      </text>
    </g>
  </svg>
</template>
