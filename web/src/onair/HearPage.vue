<script setup lang="ts">
import { computed } from 'vue'
import { useMe } from '@/api/people'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import PageFrame from '@/ui/PageFrame.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatChannelMhz } from '@/units/frequency'
import { capital, useWords } from '@/words/words'
import ClipField from './ClipField.vue'
import ReportField from './ReportField.vue'
import { REPORTS, useHearing, type Report } from './useAir'

/** For whoever hears: the number of the trial that is on the air, and how it is heard. Which antenna it is stands nowhere here. */
const props = defineProps<{ id: string; comparison: string }>()
const words = useWords()
const me = useMe()
const { hearing, heard, clip } = useHearing(
  computed(() => props.id),
  computed(() => props.comparison),
)
const { busy, trouble, submit } = useForm()

const mayWrite = computed(() => me.data.value?.role !== undefined && me.data.value.role !== 'VIEWER')
const next = computed(() => hearing.data.value?.next)
/** The newest first: that is where a slip is noticed. */
const before = computed(() =>
  (hearing.data.value?.trials ?? []).filter((t) => t.report !== undefined || t.hasClip).reverse(),
)
const options = computed(() =>
  REPORTS.map((r) => ({ value: r, word: capital(words.value.text(`report.${r}`)) })),
)
const say = (number: number, report: Report) =>
  submit(async () => {
    await heard.mutateAsync({ number, report })
  })
const send = (number: number, wav: Blob) =>
  submit(async () => {
    await clip.mutateAsync({ number, wav })
  })
</script>

<template>
  <PageFrame width="text">
    <p v-if="hearing.error.value" class="wrong" role="alert">{{ hearing.error.value.message }}</p>
    <template v-if="hearing.data.value">
      <h1 role="status">
        {{
          next === undefined
            ? words.text('hear.ALL_HEARD')
            : words.text('hear.TRIAL', { number: `${next}`, trialCount: hearing.data.value.trials.length })
        }}
      </h1>
      <p class="soft">
        {{
          words.text('hear.WHERE', {
            mhz: formatChannelMhz(hearing.data.value.frequencyHz),
            place: hearing.data.value.place,
            who: hearing.data.value.by,
          })
        }}
      </p>
      <section v-if="next !== undefined && mayWrite" class="card stack">
        <h2>{{ words.text('hear.HOW') }}</h2>
        <div class="reports">
          <ActionButton v-for="o in options" :key="o.value" :disabled="busy" @click="say(next, o.value)">
            {{ o.word }}
          </ActionButton>
        </div>
        <p class="hint">{{ words.text('hear.OR_CLIP') }}</p>
        <ClipField :key="next" @clip="(wav) => send(next!, wav)" />
      </section>
      <p v-else-if="next !== undefined" class="soft">{{ words.text('hear.ONLY_READS') }}</p>
      <p v-else class="soft">{{ words.text('hear.THANKS') }}</p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <section v-if="before.length" class="card stack">
        <h2>{{ words.text('hear.SO_FAR') }}</h2>
        <PlainTable>
          <thead>
            <tr>
              <th class="number">{{ words.text('air.TRIAL') }}</th>
              <th>{{ words.text('air.REPORT') }}</th>
              <th>{{ words.text('air.CLIP') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="t in before" :key="t.number">
              <td class="number">{{ t.number }}</td>
              <td>
                <ReportField
                  :number="t.number"
                  :report="t.report"
                  :may-write="mayWrite"
                  @say="(r) => say(t.number, r)"
                />
              </td>
              <td>{{ t.hasClip ? words.text('hear.SENT') : '' }}</td>
            </tr>
          </tbody>
        </PlainTable>
      </section>
    </template>
  </PageFrame>
</template>

<style scoped>
.reports {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(210px, 1fr));
  gap: 10px;
}

.reports :deep(button) {
  min-height: 56px;
  font-size: 17px;
}

.number {
  width: 70px;
}

td :deep(.n-select) {
  max-width: 320px;
}
</style>
