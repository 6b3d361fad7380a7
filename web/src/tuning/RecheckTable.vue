<script setup lang="ts">
import type { Schemas } from '@/api/client'
import PlainTable from '@/ui/PlainTable.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { useWords } from '@/words/words'

/** Each wanted channel when it was signed off and now. */
defineProps<{ recheck: Schemas['RecheckView'] }>()
const words = useWords()
const signed = (db: number | undefined) =>
  db === undefined ? '' : `${db < -0.05 ? '−' : db > 0.05 ? '+' : ''}${Math.abs(db).toFixed(1)}`
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('recheck.HEAD', { then: `${recheck.thenPass}`, now: `${recheck.nowPass}` }) }}</h2>
    <PlainTable is-of-numbers>
      <thead>
        <tr>
          <th>{{ words.text('tuning.CHANNEL') }}</th>
          <th>MHz</th>
          <th>{{ words.text('recheck.SWR_THEN') }}</th>
          <th>{{ words.text('recheck.SWR_NOW') }}</th>
          <th>{{ words.text('recheck.LOSS_CHANGE') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in recheck.channels" :key="c.name + c.frequencyHz">
          <td>{{ c.name }}</td>
          <td>{{ formatMhz(c.frequencyHz) }}</td>
          <td>{{ formatSwr(c.thenSwr) }}</td>
          <td>{{ formatSwr(c.nowSwr) }}</td>
          <td>{{ signed(c.returnLossChangeDb) }}</td>
        </tr>
      </tbody>
    </PlainTable>
  </section>
</template>
