<script setup lang="ts">
import { scaleBand, scaleLinear } from 'd3-scale'
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { usePreferences } from '@/preferences'
import { formatDay, formatDayOfYear } from '@/units/time'
import { useWords } from '@/words/words'
import { formatMeasure, type Measure, type Week } from './weeks'

/** One measure, week by week; a week in which nothing was finished has no bar. The table beneath says the same. */
const props = defineProps<{ weeks: Week[]; measure: Measure }>()
const words = useWords()
const preferences = usePreferences()

const USUAL_WIDTH = 860
const HEIGHT = 150
const BASE = 120
const TOP = 18
const SIDE = 56
/** For a date. */
const ROOM = 64

const size = useElementSize(useTemplateRef('frame'), { width: USUAL_WIDTH, height: HEIGHT })
const width = computed(() => size.width.value || USUAL_WIDTH)

const value = (w: Week) => (w.signedOff > 0 ? w[props.measure] : undefined)
const most = computed(() => Math.max(0, ...props.weeks.map((w) => value(w) ?? 0)))
const x = computed(() =>
  scaleBand(
    props.weeks.map((w) => w.monday),
    [SIDE, width.value],
  ).padding(0.25),
)
const y = computed(() => scaleLinear([0, most.value || 1], [BASE, TOP]))
const said = (v: number | undefined) => formatMeasure(props.measure, v, preferences.unit)
/** As many weeks apart as a date takes. */
const apart = computed(() => Math.max(4, Math.ceil(ROOM / x.value.step())))
/** Counted from the newest. */
const dated = computed(() => props.weeks.filter((_, i) => (props.weeks.length - 1 - i) % apart.value === 0))
</script>

<template>
  <svg
    ref="frame"
    class="fills"
    :height="HEIGHT"
    role="img"
    :aria-label="
      words.text('numbers.PICTURE', {
        measure: words.text(`numbers.measure.${measure}`),
        count: weeks.length,
        most: said(most),
      })
    "
  >
    <line class="drawn in-ink" :x1="SIDE" :x2="width" :y1="BASE" :y2="BASE" />
    <template v-if="most > 0">
      <line class="drawn in-line" :x1="SIDE" :x2="width" :y1="TOP" :y2="TOP" />
      <text :x="SIDE - 8" :y="TOP + 5" text-anchor="end">{{ said(most) }}</text>
    </template>
    <text :x="SIDE - 8" :y="BASE + 5" text-anchor="end">0</text>
    <template v-for="w in weeks" :key="w.monday">
      <rect
        v-if="value(w) !== undefined"
        class="filled"
        :x="x(w.monday)"
        :width="x.bandwidth()"
        :y="Math.min(y(value(w) ?? 0), BASE - 1)"
        :height="Math.max(1, BASE - y(value(w) ?? 0))"
      >
        <title>{{ formatDay(w.monday) }}: {{ said(value(w)) }}</title>
      </rect>
    </template>
    <text
      v-for="w in dated"
      :key="w.monday"
      :x="(x(w.monday) ?? 0) + x.bandwidth() / 2"
      :y="HEIGHT - 8"
      text-anchor="middle"
    >
      {{ formatDayOfYear(w.monday) }}
    </text>
  </svg>
</template>
