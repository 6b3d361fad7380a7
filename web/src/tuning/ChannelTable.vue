<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import { useWords } from '@/words/words'
import type { Schemas } from '@/api/client'
import { formatMhz } from '@/units/frequency'
import { formatImpedance } from '@/units/impedance'
import { formatSwr } from '@/units/swr'

const words = useWords()

/** What the sweep says at each wanted channel, and at the dip. */
defineProps<{ channels: Schemas['ChannelVerdictView'][]; dip?: Schemas['DipView'] }>()
</script>

<template>
  <PlainTable>
    <thead>
      <tr>
        <th>{{ words.text('tuning.CHANNEL') }}</th>
        <th>MHz</th>
        <th>{{ words.text('tuning.SWR') }}</th>
        <th>dB</th>
        <th>R + jX Ω</th>
        <th>
          <span class="visually-hidden">{{ words.text('tuning.VERDICT') }}</span>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="c in channels" :key="c.name + c.reading.frequencyHz" :class="{ missed: !c.met }">
        <td :title="c.primary ? words.text('tuning.MAIN_CHANNEL', { channel: c.name }) : c.name">
          <span :class="{ primary: c.primary }">{{ c.name }}</span>
        </td>
        <td>{{ formatMhz(c.reading.frequencyHz) }}</td>
        <template v-if="c.reading.outside">
          <td colspan="4" class="word">{{ words.text('tuning.NOT_SWEPT') }}</td>
        </template>
        <template v-else>
          <td>{{ formatSwr(c.reading.swr) }}</td>
          <td>{{ c.reading.returnLossDb?.toFixed(1) }}</td>
          <td>{{ formatImpedance(c.reading) }}</td>
          <td
            class="word"
            :title="
              c.margin === undefined ? '' : words.text('tuning.MARGIN', { margin: c.margin.toFixed(2) })
            "
          >
            {{ words.text(c.met ? 'tuning.MET' : 'tuning.MISSED') }}
          </td>
        </template>
      </tr>
      <tr v-if="dip" class="dip">
        <td>{{ words.text('tuning.DIP') }}</td>
        <td>{{ formatMhz(dip.frequencyHz) }}</td>
        <td>{{ formatSwr(dip.swr) }}</td>
        <td>{{ dip.returnLossDb?.toFixed(1) }}</td>
        <td>{{ formatImpedance(dip) }}</td>
        <td>{{ dip.atEdge ? words.text('tuning.AT_THE_EDGE') : '' }}</td>
      </tr>
    </tbody>
  </PlainTable>
</template>

<style scoped>
table {
  font-size: 14.5px;
}

th {
  font-size: 13px;
  text-align: right;
  padding: 0 0 4px;
  white-space: nowrap;
}

td {
  padding: 6px 0 6px 8px;
  text-align: right;
  white-space: nowrap;
}

th:first-child,
td:first-child {
  text-align: left;
  padding-left: 0;
  max-width: 78px;
  overflow: hidden;
  text-overflow: ellipsis;
}

.primary {
  font-weight: 640;
}

.dip td {
  color: var(--soft);
}

.missed .word {
  color: var(--coral);
  font-weight: 640;
}
</style>
