<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { BOARD } from '@/api/keys'
import { answer, api } from '@/api/client'
import { useInstallation } from '@/api/installation'
import { useMe } from '@/api/people'
import { usePreferences } from '@/preferences'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import PageFrame from '@/ui/PageFrame.vue'
import TableCard from '@/ui/TableCard.vue'
import { formatBoth, formatLength } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { formatTime } from '@/units/time'
import { sheetFor } from '@/tuning/elsewhere'
import { useWords } from '@/words/words'
import { useFleet } from './queries'

/** One plan, fitted many times: where each stands, and where those that are done let the others begin. */
const props = defineProps<{ id: string }>()
const words = useWords()
const preferences = usePreferences()
const me = useMe()
const client = useQueryClient()
const id = computed(() => props.id)
const installation = useInstallation(id)
const fleet = useFleet(id)

const f = computed(() => fleet.data.value)
const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const doneCount = computed(() => f.value?.rows.filter((r) => r.state.startsWith('SIGNED_OFF')).length ?? 0)
const fine = (m: number | undefined) => (m === undefined ? '' : formatLength(m, preferences.unit))

const { busy, trouble, submit } = useForm()
const begun = ref(0)
const begin = useMutation({
  mutationFn: () =>
    answer(api.POST('/api/installations/{id}/fleet/begin', { params: { path: { id: id.value } } })),
  onSuccess: (now) => {
    begun.value = now.untouched
    void client.invalidateQueries({ queryKey: BOARD })
    void client.invalidateQueries({ queryKey: ['installation'] })
  },
})
</script>

<template>
  <PageFrame>
    <h1 v-if="installation.data.value">
      {{ words.text('fleet.TITLE', { customer: installation.data.value.customer }) }}
    </h1>
    <p class="soft">{{ words.text('fleet.WHY') }}</p>
    <p v-if="fleet.error.value" class="wrong" role="alert">{{ fleet.error.value.message }}</p>
    <template v-if="f">
      <p role="status">
        {{ words.text('fleet.STANDING', { doneCount, count: f.rows.length, untouchedCount: f.untouched }) }}
        <template v-if="f.lengthM">{{
          words.text('fleet.ENDED', {
            length: formatBoth(f.lengthM.median, preferences.unit),
            low: fine(f.lengthM.low),
            high: fine(f.lengthM.high),
          })
        }}</template>
        <template v-else>{{ words.text('fleet.NONE_DONE') }}</template>
      </p>
      <template v-if="mayWrite && f.startM !== undefined && f.untouched > 0 && !begun">
        <ActionButton
          class="start"
          :disabled="busy"
          @click="submit(async () => void (await begin.mutateAsync()))"
          >{{ words.text('fleet.CUT', { count: f.untouched, length: fine(f.startM) }) }}</ActionButton
        >
        <p v-if="f.oneWay" class="hint">{{ words.text('fleet.WHY_CUT') }}</p>
      </template>
      <template v-else-if="mayWrite && installation.data.value && !f.lengthM && f.untouched > 1">
        <RouterLink class="start" :to="sheetFor(installation.data.value, f.untouched)">{{
          words.text('fleet.SHEET', { count: f.untouched })
        }}</RouterLink>
        <p class="hint">{{ words.text('fleet.SHEET_WHY') }}</p>
      </template>
      <p v-if="begun" role="status">{{ words.text('fleet.BEGUN', { count: begun }) }}</p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <TableCard>
        <thead>
          <tr>
            <th>{{ words.text('book.INSTALLATION') }}</th>
            <th>{{ words.text('book.STATE') }}</th>
            <th class="number">{{ words.text('book.LENGTH') }}</th>
            <th class="number">{{ words.text('book.CHANGES') }}</th>
            <th class="number">{{ words.text('tuning.SWR') }}</th>
            <th>{{ words.text('book.FAULTS') }}</th>
            <th>{{ words.text('fleet.TOUCHED') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in f.rows" :key="r.id">
            <td>
              <RouterLink class="name" :to="`/installations/${r.id}`">{{ r.title }}</RouterLink>
              <span class="soft below">{{ [r.shopNumber, r.mount].filter(Boolean).join(', ') }}</span>
            </td>
            <td class="whole">{{ words.text(`state.${r.state}`) }}</td>
            <td class="number">{{ fine(r.finalLengthM) }}</td>
            <td class="number">{{ r.readings ? r.changes : '' }}</td>
            <td class="number">{{ r.worstSwr === undefined ? '' : formatSwr(r.worstSwr) }}</td>
            <td>{{ r.faults.map((x) => words.phrase(x)).join(', ') }}</td>
            <td>{{ formatTime(r.touchedAt) }}</td>
          </tr>
        </tbody>
      </TableCard>
    </template>
  </PageFrame>
</template>
