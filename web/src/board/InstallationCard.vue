<script setup lang="ts">
import type { Schemas } from '@/api/client'
import MiniTrace from '@/plots/MiniTrace.vue'
import { spanAround } from '@/plots/sweep/bands'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'
import { useWords } from '@/words/words'

const words = useWords()
defineProps<{ card: Schemas['CardView'] }>()

function dipWords(newest: Schemas['NewestView']): string {
  if (newest.dipHz === undefined) return words.value.text('pass.NO_DIP')
  const dip = formatMhz(newest.dipHz, newest.dipAtEdge ? 1 : 2)
  return words.value.text(newest.dipAtEdge ? 'boardPage.DIP_BEYOND' : 'boardPage.DIP', { dip })
}
</script>

<template>
  <RouterLink :to="`/installations/${card.id}`" class="card" :data-state="card.state">
    <div class="head">
      <span class="number">{{ card.shopNumber }}</span>
      <span class="state"><i aria-hidden="true"></i>{{ words.text(`state.${card.state}`) }}</span>
    </div>
    <h2>{{ card.title }}</h2>
    <p class="soft who">
      {{ [card.customer, words.text(`fittedTo.${card.carrier}`)].filter(Boolean).join(' · ') }}
    </p>
    <div class="traces">
      <MiniTrace
        v-for="b in card.bands"
        :key="b.lowHz"
        :curve="card.newest?.trace"
        :band-hz="[b.lowHz, b.highHz]"
        :span="card.bands.length > 1 ? spanAround(b) : undefined"
        :beside="card.bands.length"
        :limit-swr="card.ruleLimitSwr"
      />
    </div>
    <p v-if="card.newest" class="numbers">
      <span>{{ dipWords(card.newest) }}</span>
      <span v-if="card.newest.isRead" :class="{ trouble: !card.newest.met }">{{
        words.text('tuning.WORST', { swr: formatSwr(card.newest.worstSwr) })
      }}</span>
      <span v-else class="trouble">{{ words.text('tuning.CHANNELS_NOT_READ') }}</span>
      <span class="soft">{{
        words.text('boardPage.BY_PASS', { by: card.newest.recordedBy, pass: `${card.newest.passNumber}` })
      }}</span>
    </p>
    <p v-else class="numbers soft">
      <span>{{
        words.text('boardPage.NO_SWEEP', {
          low: formatMhz(card.lowestHz, 2),
          high: formatMhz(card.highestHz, 2),
        })
      }}</span>
    </p>
  </RouterLink>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  padding: 14px;
  text-decoration: none;
  align-content: start;
  min-width: 0;
}

.card:hover {
  border-color: var(--trace-old);
}

.head {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  font-size: 14px;
}

.number {
  color: var(--soft);
}

.state {
  display: flex;
  gap: 6px;
  align-items: center;
  font-weight: 560;
}

.state i {
  width: 11px;
  height: 11px;
  border-radius: 50%;
  border: 2.5px solid var(--trace-old);
}

[data-state='TUNING'] .state i {
  background: var(--gold);
  border-color: var(--gold-ink);
}

[data-state='MET'] .state i {
  border-color: var(--trace);
}

[data-state='READY'] .state i {
  border-color: var(--trace);
  background: linear-gradient(90deg, var(--trace) 50%, transparent 50%);
}

[data-state^='SIGNED_OFF'] .state i {
  background: var(--trace);
  border-color: var(--trace);
}

[data-state='SIGNED_OFF_BY_JUDGEMENT'] .state i {
  border-radius: 2px;
}

h2,
.who {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.who {
  font-size: 14.5px;
  margin-bottom: 2px;
}

/* Bands far from each other side by side. */
.traces {
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  gap: 6px;
}

.numbers {
  display: flex;
  gap: 2px 14px;
  font-size: 14.5px;
}

.numbers span {
  white-space: nowrap;
}

.numbers span:nth-child(3) {
  margin-left: auto;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
