<script setup lang="ts">
import { computed } from 'vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { formatDb } from '@/units/watts'
import { useWords } from '@/words/words'
import { againstOld } from './oldAndNew'
import type { Pass } from './sentence'

/** The antenna that was there before and the new one, channel by channel; nothing where the old one was not read. */
const props = defineProps<{ passes: Pass[] }>()
const words = useWords()
const named = (circumstances: Pass['circumstances']) =>
  circumstances.map((c) => words.value.text(`circumstance.${c.name}`)).join(', ') ||
  words.value.text('oldAndNew.AS_IT_SHOULD')
const compared = computed(() => againstOld(props.passes))
</script>

<template>
  <section v-if="compared" class="card">
    <h2>{{ words.text('oldAndNew.TITLE') }}</h2>
    <PlainTable is-of-numbers>
      <thead>
        <tr>
          <th>{{ words.text('tuning.CHANNEL') }}</th>
          <th>MHz</th>
          <th>{{ words.text('oldAndNew.OLD') }}</th>
          <th>{{ words.text('oldAndNew.NEW') }}</th>
          <th>{{ words.text('oldAndNew.GAIN') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in compared.rows" :key="r.name + r.frequencyHz">
          <td>{{ r.name }}</td>
          <td>{{ formatMhz(r.frequencyHz) }}</td>
          <td>{{ r.oldSwr === undefined ? words.text('oldAndNew.NOT_READ') : formatSwr(r.oldSwr) }}</td>
          <td>{{ r.newSwr === undefined ? words.text('oldAndNew.NOT_READ') : formatSwr(r.newSwr) }}</td>
          <td>{{ r.gainDb === undefined ? '' : formatDb(r.gainDb) }}</td>
        </tr>
      </tbody>
    </PlainTable>
    <p v-if="compared.otherwise" class="caution">
      {{
        words.text('oldAndNew.OTHERWISE', {
          old: named(compared.otherwise.then),
          now: named(compared.otherwise.now),
        })
      }}
    </p>
    <p class="hint">
      {{ words.text('oldAndNew.WHY', { old: `${compared.oldPass}`, now: `${compared.newPass}` }) }}
    </p>
  </section>
</template>

<style scoped>
.card {
  padding: 12px 16px;
  display: grid;
  gap: 6px;
}
</style>
