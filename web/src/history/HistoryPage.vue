<script setup lang="ts">
import { computed } from 'vue'
import { useInstallation } from '@/api/installation'
import { usePasses } from '@/api/passes'
import { pegsOf } from '@/tuning/picture'
import SweepPlot from '@/plots/SweepPlot.vue'
import { ownPasses } from '@/tuning/road'
import PageFrame from '@/ui/PageFrame.vue'
import { formatDay, formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import { useHistory } from './queries'
import { byVisit, toneOfVisit, tracesOfVisits, type Visit } from './visits'
import VisitsLine from './VisitsLine.vue'

/** Who changed what, before and after, visit by visit; and how each visit left the antenna, over one another. */
const props = defineProps<{ id: string }>()
const words = useWords()
const id = computed(() => props.id)
const installation = useInstallation(id)
const passes = usePasses(id)
const history = useHistory(id)

const visits = computed(() => installation.data.value?.visits ?? [])
const groups = computed(() => byVisit(history.data.value ?? [], visits.value))
const named = (v: Visit) =>
  words.value.text('tuning.VISIT', { visit: `${v.number}`, purpose: words.value.text(`visit.${v.purpose}`) })
const traces = computed(() =>
  tracesOfVisits(visits.value, passes.data.value ?? [], (v) => `${named(v)}, ${formatDay(v.openedAt)}`),
)
const pegs = computed(() => pegsOf(ownPasses(passes.data.value ?? []).at(-1), undefined))
const limit = computed(() => {
  const swr = installation.data.value?.ruleLimitSwr ?? 2
  return { swr, label: words.value.text('tuning.RULE', { limitSwr: swr }) }
})
/** Of one visit with one trace there is nothing to compare, and no colour to explain. */
const isDrawn = computed(() => visits.value.length > 1 || traces.value.length > 1)
</script>

<template>
  <PageFrame>
    <h1 v-if="installation.data.value">
      {{ words.text('history.TITLE', { title: installation.data.value.title }) }}
    </h1>
    <p v-if="history.error.value" class="wrong" role="alert">{{ history.error.value.message }}</p>
    <template v-if="installation.data.value && history.data.value">
      <p class="soft">{{ words.text('history.WHY') }}</p>
      <section v-if="isDrawn" class="card stack">
        <VisitsLine :visits="visits" />
        <div v-if="traces.length" class="plot">
          <SweepPlot
            :traces="traces"
            :pegs="pegs"
            :limit="limit"
            :caption="words.text('history.CAPTION', { title: installation.data.value.title })"
          />
        </div>
      </section>
      <section v-for="g in groups" :key="g.visit.id" class="card stack">
        <h2>
          <span v-if="isDrawn" class="tone" :style="{ background: `var(--tone-${toneOfVisit(g.visit)})` }" />
          {{ named(g.visit) }}
        </h2>
        <ol class="bare">
          <li v-for="(h, i) in g.happenings" :key="h.at + i">
            <span class="when">{{ formatTime(h.at) }}</span>
            <span class="who">{{ h.by ?? words.text('history.NOBODY') }}</span>
            <ul class="bare said">
              <li v-for="(s, n) in h.says" :key="n">{{ words.sentence(s) }}</li>
            </ul>
          </li>
        </ol>
      </section>
    </template>
  </PageFrame>
</template>

<style scoped>
.plot {
  min-height: 380px;
}

.tone {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-inline-end: 6px;
  border-radius: 3px;
}

ol > li {
  display: grid;
  grid-template-columns: 180px 140px minmax(0, 1fr);
  gap: 2px 16px;
  padding: 7px 0;
  border-top: 1px solid var(--line);
  overflow-wrap: anywhere;
}

.when {
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}

@media (max-width: 1020px) {
  ol > li {
    grid-template-columns: auto minmax(0, 1fr);
  }

  .said {
    grid-column: 1 / -1;
  }
}
</style>
