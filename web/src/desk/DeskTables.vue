<script setup lang="ts">
import { useWords } from '@/words/words'
import PlainTable from '@/ui/PlainTable.vue'
import { computed } from 'vue'
import type { Schemas } from '@/api/client'
import { markerReading, type MarkerReading } from '@/plots/complexTrace'
import { formatMhz } from '@/units/frequency'
import { formatImpedance } from '@/units/impedance'
import { formatSwr } from '@/units/swr'
import { shiftWords, type DeskTrace, type Look } from './desk'

const words = useWords()

/** Numbers beneath the picture: wanted channels side by side, dips, and the two markers with their difference. */
const props = defineProps<{
  traces: DeskTrace[]
  looks: Map<string, Look>
  comparison: Schemas['CompareView'] | undefined
  chosen: DeskTrace | undefined
  markers: number[]
}>()

const rows = computed(() => props.traces.map((t, i) => ({ t, look: props.looks.get(t.id), i })))
const wanted = computed(() => rows.value[0]?.look?.analysis.wanted ?? [])
const reading = (look: Look | undefined, k: number) => look?.analysis.wanted[k]
const difference = (k: number, i: number) => props.comparison?.rows[k]?.swrDifferences[i]
/** Band by band: a dip of 2 m and one of 70 cm are not one dip that has moved. */
const shifts = (i: number) =>
  (props.comparison?.bands ?? []).flatMap((b) => {
    const moved = b.shifts[i] && shiftWords(b.shifts[i])
    if (!moved) return []
    return (props.comparison?.bands.length ?? 0) > 1
      ? [
          words.value.text('deskPage.NEAR', {
            frequency: formatMhz((b.lowHz + b.highHz) / 2, 0),
            moved,
          }),
        ]
      : [moved]
  })
const signed = (n: number, digits = 2) => `${n < 0 ? '−' : '+'}${Math.abs(n).toFixed(digits)}`

const marked = computed(() => {
  const t = props.chosen
  const trace = t && (props.looks.get(t.id)?.trace ?? t.trace)
  return trace
    ? props.markers
        .map((hz) => markerReading(trace, hz, trace.hasPhase))
        .filter((m): m is MarkerReading => m !== undefined)
    : []
})
const apart = computed(() => {
  const [a, b] = marked.value
  return a && b ? { hz: b.hz - a.hz, db: b.returnLossDb - a.returnLossDb, swr: b.swr - a.swr } : undefined
})
</script>

<template>
  <section class="card stack scrolls tables">
    <PlainTable is-of-numbers>
      <thead>
        <tr>
          <th>{{ words.text('deskPage.TRACE') }}</th>
          <th>{{ words.text('deskPage.DIP') }}</th>
          <th>{{ words.text('cutPage.SWR') }}</th>
          <th>dB</th>
          <th>R + jX Ω</th>
          <th v-if="traces.length > 1">{{ words.text('deskPage.AGAINST') }}</th>
          <th v-for="w in wanted" :key="w.frequencyHz">{{ formatMhz(w.frequencyHz) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ t, look, i } in rows" :key="t.id" :class="{ on: t.id === chosen?.id }">
          <td class="name">{{ t.name }}</td>
          <template v-if="look?.analysis.dips[0]">
            <td>
              {{ look.analysis.dips[0].atEdge ? `${words.text('deskPage.BEYOND')} ` : ''
              }}{{ formatMhz(look.analysis.dips[0].frequencyHz) }}
            </td>
            <td>{{ formatSwr(look.analysis.dips[0].swr) }}</td>
            <td>{{ look.analysis.dips[0].returnLossDb?.toFixed(1) }}</td>
            <td>{{ formatImpedance(look.analysis.dips[0]) }}</td>
          </template>
          <td v-else colspan="4">{{ words.text('deskPage.NO_DIP') }}</td>
          <td v-if="traces.length > 1">
            <template v-if="i > 0">
              <span v-for="moved in shifts(i)" :key="moved" class="below">{{ moved }}</span>
            </template>
          </td>
          <td v-for="(w, k) in wanted" :key="w.frequencyHz">
            <template v-if="reading(look, k)?.outside">{{ words.text('deskPage.NOT_SWEPT') }}</template>
            <template v-else>
              {{ formatSwr(reading(look, k)?.swr) }}
              <span v-if="i > 0 && difference(k, i) !== undefined" class="soft">
                {{ signed(difference(k, i) ?? 0) }}
              </span>
            </template>
          </td>
        </tr>
      </tbody>
    </PlainTable>
    <PlainTable v-if="marked.length" is-of-numbers>
      <thead>
        <tr>
          <th>{{ words.text('deskPage.MARKER', { name: chosen?.name ?? '' }) }}</th>
          <th>MHz</th>
          <th>{{ words.text('cutPage.SWR') }}</th>
          <th>dB</th>
          <th>R + jX Ω</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(m, i) in marked" :key="i">
          <td class="name">{{ i === 0 ? 'A' : 'B' }}</td>
          <td>{{ formatMhz(m.hz) }}</td>
          <td>{{ formatSwr(m.swr) }}</td>
          <td>{{ m.returnLossDb.toFixed(1) }}</td>
          <td>{{ formatImpedance(m) }}</td>
        </tr>
        <tr v-if="apart">
          <td class="name">B − A</td>
          <td>{{ signed(apart.hz / 1e6, 3) }}</td>
          <td>{{ Number.isFinite(apart.swr) ? signed(apart.swr) : '' }}</td>
          <td>{{ signed(apart.db, 1) }}</td>
          <td></td>
        </tr>
      </tbody>
    </PlainTable>
  </section>
</template>

<style scoped>
th:first-child,
.name {
  text-align: left;
  padding-left: 0;
  max-width: 190px;
  overflow: hidden;
  text-overflow: ellipsis;
}

.on .name {
  font-weight: 640;
}
</style>
