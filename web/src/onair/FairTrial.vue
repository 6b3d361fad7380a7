<script setup lang="ts">
import { computed } from 'vue'
import { useClipboard } from '@vueuse/core'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import PlainTable from '@/ui/PlainTable.vue'
import { formatChannelMhz } from '@/units/frequency'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import ClipField from './ClipField.vue'
import ReportField from './ReportField.vue'
import { useAir, type Comparison, type Report } from './useAir'

/** One comparison: what to connect next, what was heard, and what it comes to. */
const props = defineProps<{ installationId: string; comparison: Comparison; mayWrite: boolean }>()
const words = useWords()
const { heard, clip } = useAir(computed(() => props.installationId))
const { trouble, submit } = useForm()
const next = computed(() => props.comparison.trials.find((t) => t.report === undefined && !t.hasClip))

/** For another device: the same page without the antennas. */
const hearer = computed(() => `/installations/${props.installationId}/hear/${props.comparison.id}`)
const address = computed(() => new URL(hearer.value, location.href).href)
const { copy, copied, isSupported } = useClipboard()

/** Nobody has a clip of what was not on the air yet. */
const isAhead = (number: number) => next.value !== undefined && number > next.value.number

const at = (number: number) => ({ comparisonId: props.comparison.id, number })
const say = (number: number, report: Report) =>
  submit(async () => {
    await heard.mutateAsync({ ...at(number), report })
  })
const send = (number: number, wav: Blob) =>
  submit(async () => {
    await clip.mutateAsync({ ...at(number), wav })
  })
const says = computed(() =>
  props.comparison.pairs.map((p) => ({ text: words.value.sentence(p.says), gain: p.medianGain })),
)
</script>

<template>
  <section class="card stack">
    <p class="soft">
      {{
        words.text('air.BEGUN', {
          place: comparison.place,
          mhz: formatChannelMhz(comparison.frequencyHz),
          powerFineW: comparison.powerW,
          who: comparison.by,
          when: formatTime(comparison.at),
        })
      }}
    </p>
    <p class="next" role="status">
      {{
        next
          ? words.text('air.NEXT_TRIAL', { number: `${next.number}`, antenna: next.antenna })
          : words.text('air.ALL_DONE')
      }}
    </p>
    <p v-if="next" class="buttons soft">
      {{ words.text('air.HEARS') }}
      <RouterLink :to="hearer">{{ words.text('air.HEARS_LINK') }}</RouterLink>
      <ActionButton v-if="isSupported" quiet @click="copy(address)">{{
        words.text(copied ? 'air.COPIED' : 'air.COPY_ADDRESS')
      }}</ActionButton>
    </p>
    <ul>
      <li v-for="s in says" :key="s.text">
        {{ s.text }}
        <template v-if="comparison.isByClips && s.gain !== undefined">{{
          words.text('air.GAIN_DB', { gain: s.gain.toFixed(1) })
        }}</template>
      </li>
    </ul>
    <p class="soft">{{ words.text(comparison.isByClips ? 'air.BY_CLIPS' : 'air.BY_REPORTS') }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div class="trials scrolls">
      <PlainTable>
        <thead>
          <tr>
            <th class="number">{{ words.text('air.TRIAL') }}</th>
            <th class="number">{{ words.text('air.ROUND') }}</th>
            <th>{{ words.text('air.ANTENNA') }}</th>
            <th>{{ words.text('air.REPORT') }}</th>
            <th>{{ words.text('air.CLIP') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in comparison.trials" :key="t.number" :class="{ now: t.number === next?.number }">
            <td class="number">{{ t.number }}</td>
            <td class="number">{{ t.round }}</td>
            <td>{{ t.antenna }}</td>
            <td>
              <ReportField
                :number="t.number"
                :report="t.report"
                :may-write="mayWrite"
                @say="(r) => say(t.number, r)"
              />
            </td>
            <td>
              <template v-if="t.hasClip">
                <a
                  :href="`/api/installations/${installationId}/air/comparisons/${comparison.id}/trials/${t.number}/clip`"
                  >{{
                    t.clipDb === undefined
                      ? words.text('air.CLIP_NOTHING')
                      : words.text('air.CLIP_SNR', {
                          db: t.clipDb.toFixed(1),
                          doubt: (t.clipDoubtDb ?? 0).toFixed(1),
                        })
                  }}</a
                >
              </template>
              <ClipField v-else-if="mayWrite && !isAhead(t.number)" @clip="(wav) => send(t.number, wav)" />
            </td>
          </tr>
        </tbody>
      </PlainTable>
    </div>
  </section>
</template>

<style scoped>
.next {
  font-weight: 620;
  font-size: 18px;
}

ul {
  margin: 0;
  padding-left: 18px;
  display: grid;
  gap: 4px;
}

.now td {
  background: var(--deep);
  font-weight: 640;
}
</style>
