<script setup lang="ts">
import { computed } from 'vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { formatDb } from '@/units/watts'
import { useWords } from '@/words/words'
import { useOldAntenna } from '@/api/passes'
import { namedCircumstances } from './circumstances'

/** The antenna that was there before and the new one, channel by channel; nothing where the old one was not read. */
const props = defineProps<{ installationId: string }>()
const words = useWords()
const read = useOldAntenna(computed(() => props.installationId))
const compared = computed(() => (read.data.value?.channels.length ? read.data.value : undefined))
</script>

<template>
  <section v-if="compared" class="card stack">
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
        <tr v-for="r in compared.channels" :key="r.name + r.frequencyHz">
          <td>{{ r.name }}</td>
          <td>{{ formatMhz(r.frequencyHz) }}</td>
          <td>{{ r.oldSwr === undefined ? words.text('oldAndNew.NOT_READ') : formatSwr(r.oldSwr) }}</td>
          <td>{{ r.newSwr === undefined ? words.text('oldAndNew.NOT_READ') : formatSwr(r.newSwr) }}</td>
          <td>{{ r.gainDb === undefined ? '' : formatDb(r.gainDb) }}</td>
        </tr>
      </tbody>
    </PlainTable>
    <p v-if="compared.unlike" class="caution">
      {{
        words.text('oldAndNew.OTHERWISE', {
          old: namedCircumstances(compared.unlike.then, words),
          now: namedCircumstances(compared.unlike.now, words),
        })
      }}
    </p>
    <p class="hint">
      {{ words.text('oldAndNew.WHY', { old: `${compared.oldPass}`, now: `${compared.newPass}` }) }}
    </p>
  </section>
</template>
