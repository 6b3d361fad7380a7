<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import { formatDb, formatWatts } from '@/units/watts'
import { useWords } from '@/words/words'
import type { StationAnswer } from './plan'

/** What each change against the first way is worth. */
defineProps<{ ways: StationAnswer['ways'] }>()

const words = useWords()
</script>

<template>
  <section class="card block">
    <h2>{{ words.text('stationPage.WORTH') }}</h2>
    <PlainTable v-for="w in ways.slice(1)" :key="w.name" class="plain-table">
      <caption>
        {{
          words.text('stationPage.AGAINST', { way: w.name, first: ways[0]?.name ?? '' })
        }}
      </caption>
      <thead v-if="w.worth.length">
        <tr>
          <td></td>
          <th scope="col">{{ words.text('stationPage.SENDS') }}</th>
          <th scope="col">{{ words.text('stationPage.ERP') }}</th>
          <th scope="col">{{ words.text('stationPage.RECEIVES') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in w.worth" :key="s.what.id">
          <th scope="row">{{ words.phrase(s.what) }}</th>
          <td>{{ formatDb(s.gainDb) }}</td>
          <td>{{ formatWatts(s.erpW) }}</td>
          <td class="soft">{{ formatDb(s.receiveGainDb) }}</td>
        </tr>
        <tr v-if="w.worth.length === 0">
          <th scope="row">{{ words.text('stationPage.NO_DIFFERENCE') }}</th>
        </tr>
      </tbody>
    </PlainTable>
  </section>
</template>

<style scoped>
.plain-table caption {
  text-align: left;
  color: var(--soft);
  font-size: 14px;
}

.plain-table th {
  text-align: left;
  font-weight: 400;
}

.plain-table thead th {
  text-align: right;
}

.plain-table td {
  text-align: right;
  white-space: nowrap;
  padding-left: 8px;
}
</style>
