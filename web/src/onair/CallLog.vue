<script setup lang="ts">
import { computed, ref } from 'vue'
import CautionsAt from '@/safety/CautionsAt.vue'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import CheckField from '@/ui/CheckField.vue'
import PickField from '@/ui/PickField.vue'
import PlainTable from '@/ui/PlainTable.vue'
import TextField from '@/ui/TextField.vue'
import { formatDistance } from '@/units/distance'
import { formatChannelMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import { formatWatts } from '@/units/watts'
import { capital, useWords } from '@/words/words'
import { freshCall, readCall, toStation } from './callForm'
import { REPORTS, useAir, useStations, type Report } from './useAir'

/** Who was called, and how that was heard. */
const props = defineProps<{ installationId: string; mainHz: number | undefined; mayWrite: boolean }>()
const words = useWords()
const { air, call, takeBack } = useAir(computed(() => props.installationId))
const stations = useStations()
const form = ref(freshCall(props.mainHz))
const { busy, wrong, unplaced, submit } = useForm()
const calls = computed(() => air.data.value?.calls ?? [])

function choose(id: string) {
  const known = stations.data.value?.find((s) => s.id === id)
  form.value = known ? toStation(form.value, known) : { ...form.value, stationId: '', name: '' }
}

async function log() {
  const { body, wrong: why } = readCall(form.value)
  wrong.value = why
  if (!body) return
  const done = await submit(async () => {
    await call.mutateAsync(body)
  })
  // The next call is mostly to the same station, from the same place.
  if (done) form.value = { ...form.value, report: '', note: '' }
}
const undo = (id: string) =>
  submit(async () => {
    await takeBack.mutateAsync(id)
  })
</script>

<template>
  <section class="card stack">
    <h2>{{ words.text('air.TITLE') }}</h2>
    <p v-if="air.data.value?.farthest" class="strong" role="status">
      {{
        words.text('air.REACHED', {
          distance: formatDistance(air.data.value.farthest.entered.distanceM ?? 0),
          station: air.data.value.farthest.entered.station,
        })
      }}
    </p>
    <p v-else class="strong">{{ words.text('air.CALL') }}</p>
    <form v-if="mayWrite" novalidate @submit.prevent="log">
      <div class="fields">
        <PickField
          :model-value="form.stationId"
          :name="words.text('air.WHO')"
          :options="[
            ...(stations.data.value ?? []).map((s) => ({ value: s.id, word: s.name })),
            { value: '', word: words.text('air.STATION_OTHER') },
          ]"
          @update:model-value="choose"
        />
        <TextField
          v-if="form.stationId === ''"
          v-model="form.name"
          :name="words.text('air.NAME')"
          :wrong="wrong.station"
        />
        <TextField v-model="form.distance" :name="words.text('air.DISTANCE')" :wrong="wrong.distanceM" />
        <TextField
          v-model="form.mhz"
          :name="words.text('air.FREQUENCY')"
          inputmode="decimal"
          :wrong="wrong.frequencyHz"
        />
        <TextField
          v-model="form.powerW"
          :name="words.text('air.POWER')"
          inputmode="decimal"
          :wrong="wrong.powerW"
        />
        <PickField
          :model-value="form.report || undefined"
          :name="words.text('air.REPORT')"
          :wrong="wrong.report"
          :options="REPORTS.map((r) => ({ value: r, word: capital(words.text(`report.${r}`)) }))"
          @update:model-value="(r: Report) => (form.report = r)"
        />
      </div>
      <TextField v-model="form.note" :name="words.text('air.NOTE')" :wrong="wrong.note" />
      <CheckField v-model="form.oldAntenna">{{ words.text('air.OLD') }}</CheckField>
      <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
      <BigAction submits :disabled="busy">{{ words.text('air.LOG_IT') }}</BigAction>
      <CautionsAt stage="CALLING" />
    </form>
    <div v-if="calls.length" class="scrolls">
      <PlainTable>
        <thead>
          <tr>
            <th>{{ words.text('air.WHO') }}</th>
            <th>{{ words.text('air.REPORT') }}</th>
            <th class="number">{{ words.text('air.POWER') }}</th>
            <th>{{ words.text('air.WHEN') }}</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="c in calls" :key="c.id" :class="{ back: c.takenBackBy }">
            <td>
              {{ c.entered.station
              }}<template v-if="c.entered.oldAntenna">, {{ words.text('air.OLD').toLowerCase() }}</template>
              <span class="soft below">
                {{ formatChannelMhz(c.entered.frequencyHz) }} MHz<template
                  v-if="c.entered.distanceM !== undefined"
                  >, {{ formatDistance(c.entered.distanceM) }}</template
                >
              </span>
            </td>
            <td>
              {{ capital(words.text(`report.${c.entered.report}`)) }}
              <span v-if="c.entered.note" class="soft below">{{ c.entered.note }}</span>
            </td>
            <td class="number">{{ formatWatts(c.entered.powerW) }}</td>
            <td>
              {{ formatTime(c.at) }}
              <span class="soft below">{{
                c.takenBackBy ? words.text('air.TAKEN_BACK', { who: c.takenBackBy }) : c.by
              }}</span>
            </td>
            <td>
              <ActionButton v-if="mayWrite && !c.takenBackBy" quiet @click="undo(c.id)">{{
                words.text('air.TAKE_BACK')
              }}</ActionButton>
            </td>
          </tr>
        </tbody>
      </PlainTable>
    </div>
    <p v-else class="soft">{{ words.text('air.NO_CALLS') }}</p>
  </section>
</template>

<style scoped>
.fields {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}

td {
  vertical-align: top;
  overflow-wrap: anywhere;
}

.back td {
  text-decoration: line-through;
  opacity: 0.65;
}
</style>
