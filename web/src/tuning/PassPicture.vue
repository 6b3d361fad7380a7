<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { LiveSweep } from '@/instrument/live'
import BandedSweep from '@/plots/BandedSweep.vue'
import type { Peg } from '@/plots/sweep/trace'
import { usePreferences } from '@/preferences'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import { namedCircumstances } from './circumstances'
import PassStrip from './PassStrip.vue'
import { pegsOf, tracesOf } from './picture'
import { ownPasses } from './road'
import type { Installation, Pass } from './sentence'
import { newlyMet, ring } from './signal'

/** The pass that is looked at, with those before it and what is expected; what it was measured with; the passes to choose from. */
const props = defineProps<{
  installation: Installation
  passes: Pass[]
  shown: Pass | undefined
  liveSweep: LiveSweep | undefined
}>()
const emit = defineEmits<{ show: [number: number] }>()

/** A dip as shallow as this is none that anybody tunes. */
const DEEP_SWR = 3

const preferences = usePreferences()
const words = useWords()

const traces = computed(() =>
  tracesOf(props.installation, props.passes, props.shown, props.liveSweep, words.value),
)
const readPegs = computed(() => pegsOf(props.shown, props.liveSweep))
const fresh = ref<string[]>([])
const pegs = computed<Peg[]>(() =>
  readPegs.value.map((p) => ({ ...p, isFresh: fresh.value.includes(p.name) })),
)

/** A channel that was missed and is met now flashes and sounds, in a live sweep and in a new pass. */
function signal(before: Peg[], now: Peg[]) {
  fresh.value = newlyMet(before, now)
  const isMet = (props.liveSweep?.verdict ?? props.shown?.verdict)?.met ?? false
  if (fresh.value.length && preferences.sound) ring(isMet)
}
watch(readPegs, (now, before) => {
  const isLast = props.shown?.number === props.passes.at(-1)?.number
  if ((isLast && ownPasses(props.passes).length > 1) || props.liveSweep) signal(before, now)
})

const dips = computed(() =>
  props.shown?.estimate
    ? [props.shown.estimate.resonanceHz]
    : (props.shown?.analysis?.dips ?? [])
        .filter((d) => (d.swr ?? Infinity) <= DEEP_SWR)
        .map((d) => d.frequencyHz),
)
const limit = computed(() => ({
  swr: props.installation.ruleLimitSwr,
  label: words.value.text('tuning.RULE', { limitSwr: props.installation.ruleLimitSwr }),
}))
const caption = computed(() => {
  const { title } = props.installation
  return props.shown
    ? words.value.text('tuning.SWEEP_OF', {
        pass: `${props.shown.number}`,
        title,
        verdict: words.value.sentences(props.shown.verdict.says),
      })
    : words.value.text('tuning.SWEPT_NOW', { title })
})

const sourceWords = computed(() => {
  const p = props.shown
  if (!p) return ''
  const from = {
    FILE: words.value.text('tuning.FILE', { name: p.fileName ?? '' }),
    SPOTS: words.value.text(`reading.${p.readingKind}`),
    ANALYSER: words.value.text('tuning.SWEPT_HERE'),
    SIMULATED_ANALYSER: words.value.text('tuning.SIMULATED'),
    STANDARD: '',
  }[p.source]
  return words.value.text('tuning.PASS_BY', {
    pass: `${p.number}`,
    by: p.recordedBy,
    at: formatTime(p.recordedAt),
    from,
  })
})
const restsWords = computed(() => {
  const p = props.shown
  if (!p || p.source === 'SIMULATED_ANALYSER') return ''
  const reading = words.value.text(`reading.${p.readingKind}`)
  return p.declared
    ? words.value.text('tuning.RESTS_ON_DECLARED', { reading, declared: p.declared })
    : words.value.text('tuning.RESTS_ON', { reading })
})
</script>

<template>
  <template v-if="shown || liveSweep">
    <div class="above soft">
      <span>{{ sourceWords }}</span>
      <span v-if="shown">{{
        words.text('tuning.MEASURED', { plane: words.text(`plane.${shown.plane}`) })
      }}</span>
    </div>
    <div class="card plot" :class="{ several: installation.bands.length > 1 }">
      <BandedSweep
        :traces="traces"
        :pegs="pegs"
        :limit="limit"
        :caption="caption"
        :bands="installation.bands"
        :dips="dips"
      />
    </div>
  </template>
  <template v-if="shown">
    <PassStrip
      :passes="passes"
      :installation="installation"
      :shown="shown.number"
      @show="(n) => emit('show', n)"
    />
    <p v-if="shown.note" class="soft note">“{{ shown.note }}”</p>
    <a v-if="shown.hasPhoto" class="photo" :href="`/api/passes/${shown.id}/photo`" target="_blank">
      <img
        :src="`/api/passes/${shown.id}/photo`"
        :alt="words.text('tuning.PHOTO_OF', { pass: `${shown.number}` })"
      />
    </a>
    <p v-if="shown.circumstances.length" class="soft note">
      {{
        words.text('tuning.MEASURED_WHILE', {
          circumstances: shown.circumstances.map((c) => words.text(`circumstance.${c.name}`)),
        })
      }}
    </p>
    <p v-if="shown.unlikeBefore" class="caution">
      {{
        words.text('tuning.READ_OTHERWISE', {
          pass: `${shown.unlikeBefore.pass}`,
          then: namedCircumstances(shown.unlikeBefore.then, words),
          now: namedCircumstances(shown.unlikeBefore.now, words),
        })
      }}
    </p>
    <p v-if="restsWords" class="soft note">{{ restsWords }}</p>
    <p v-for="w in shown.analysis?.warnings ?? []" :key="w" class="caution">{{ w }}</p>
  </template>
  <section v-else-if="!liveSweep" class="card empty">
    <h2>{{ words.text('tuning.NO_SWEEP') }}</h2>
    <p class="soft">
      {{ words.text('tuning.NO_SWEEP_WHY') }}
    </p>
  </section>
</template>

<style scoped>
.above {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 16px;
  font-size: 14px;
}

.plot {
  height: clamp(400px, calc(100vh - 248px), 720px);
  padding: 8px;
}

.plot.several {
  height: auto;
}

.note {
  font-size: 14.5px;
}

.photo img {
  max-height: 160px;
  border-radius: 6px;
}

.empty {
  padding: 40px;
  display: grid;
  gap: 8px;
}

@media (max-width: 1020px) {
  .plot {
    height: 480px;
  }
}
</style>
