<script setup lang="ts">
import { MOST_ROWS, ROW, type PlacedPeg } from './pegs'
import type { SweepView } from './useSweepView'

/** Wanted channels hang from the top down to where the curve is; met or missed by shape and word. */
const props = defineProps<{ pegs: PlacedPeg[]; view: SweepView }>()

/** Where a peg starts above the picture; one without room for its name starts at the edge. */
const topOf = (row: number) => (row < MOST_ROWS ? -8 - ROW * row : -8)
const bottomOf = (db: number) => Math.min(props.view.scale.y(db), props.view.inner.height)
</script>

<template>
  <g>
    <template v-for="p in pegs" :key="p.peg.name + p.peg.frequencyHz">
      <g
        v-if="p.isInside"
        :class="['peg', { missed: !p.peg.met, fresh: p.peg.isFresh }]"
        :transform="`translate(${p.x} 0)`"
      >
        <line :y1="topOf(p.row)" :y2="p.peg.returnLossDb === undefined ? 14 : bottomOf(p.peg.returnLossDb)" />
        <g
          v-if="p.peg.returnLossDb !== undefined"
          :transform="`translate(0 ${bottomOf(p.peg.returnLossDb)})`"
        >
          <circle v-if="p.peg.met" r="5" />
          <path v-else d="M0 -7L7 0L0 7L-7 0Z" />
        </g>
        <g
          v-if="p.row < MOST_ROWS"
          :transform="`translate(${p.label - p.x} ${-ROW * p.row})`"
          text-anchor="middle"
        >
          <text class="peg-name halo" y="-29">{{ p.name }}</text>
          <text class="peg-word halo" y="-14">{{ p.word }}</text>
        </g>
      </g>
    </template>
  </g>
</template>

<style scoped>
line {
  stroke: var(--trace);
  stroke-width: 1.5;
}

circle {
  fill: var(--card);
  stroke: var(--trace);
  stroke-width: 2.2;
}

path {
  fill: var(--coral);
}

.peg-name {
  fill: var(--trace);
  font-weight: 640;
  font-size: 14px;
}

/* A channel that is met just now: seen from the ladder. */
.fresh circle {
  fill: var(--gold);
  animation: met 0.5s ease-out 4;
}

@keyframes met {
  from {
    stroke-width: 26;
    stroke-opacity: 0.6;
  }
}

@media (prefers-reduced-motion: reduce) {
  .fresh circle {
    animation: none;
  }
}

.missed line {
  stroke: var(--coral);
}

.missed .peg-word {
  fill: var(--coral);
  font-weight: 640;
}
</style>
