<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed, useTemplateRef } from 'vue'
import { useFrame } from '@/plots/useFrame'
import { usePreferences } from '@/preferences'
import { formatLength } from '@/units/length'
import { dimensionLine, linesOf, place, scaleBarM, sizes, thickness, wordsApart, type View } from './drawing'

/** The drawing of a sheet, to scale: from the side, from above, enlarged; dimension lines in both units. */
const props = defineProps<{ views: View[] }>()

const preferences = usePreferences()
const words = useWords()
const other = computed(() => (preferences.unit === 'mm' ? 'inch' : 'mm'))
const { width } = useFrame(useTemplateRef<HTMLElement>('frame'), 820, 300)

const drawn = computed(() => {
  const all = sizes(props.views, width.value)
  return props.views.map((view, i) => {
    const placed = place(view, all[i]?.width ?? 300, all[i]?.height ?? 300)
    const bar = scaleBarM(placed, Math.max(view.highX - view.lowX, view.highY - view.lowY))
    const measures = view.measures.map((m) => ({
      ...dimensionLine(m, placed),
      mark: m.mark,
      // Without a letter it is only said how long it is.
      here: formatLength(m.lengthM, preferences.unit, true),
      there: formatLength(m.lengthM, other.value, true),
    }))
    const labels = view.labels.map((l) => ({
      ...l,
      ...placed.at(l.x, l.y),
      text: l.words ? words.value.phrase(l.words) : '',
    }))
    const said = labels.filter((l) => l.text !== '')
    const spots = wordsApart(
      said,
      measures.flatMap((m) => linesOf(m, `${m.mark} ${m.here}`, m.there)),
      placed,
    )
    return {
      view,
      placed,
      bar,
      strokes: view.strokes.map((s) => {
        const a = placed.at(s.x1, s.y1)
        const b = placed.at(s.x2, s.y2)
        return { a, b, style: s.style.toLowerCase(), px: thickness(s.widthM, placed, view.enlarged) }
      }),
      measures,
      labels: labels.map((l) => ({ ...l, ...spots[said.indexOf(l)] })),
    }
  })
})
</script>

<template>
  <div ref="frame" class="views" :class="{ wide: (drawn[0]?.placed.width ?? 0) > width - 20 }">
    <figure v-for="(d, i) in drawn" :key="i" :class="{ first: i === 0 }">
      <svg
        :width="d.placed.width"
        :height="d.placed.height"
        :viewBox="`0 0 ${d.placed.width} ${d.placed.height}`"
        role="img"
        :aria-label="`${words.phrase(d.view.title)}: ${d.measures.map((m) => `${m.mark} ${m.here}`).join(', ')}`"
      >
        <defs>
          <marker
            :id="`tip-${i}`"
            viewBox="0 0 10 10"
            refX="9.5"
            refY="5"
            markerWidth="8"
            markerHeight="8"
            orient="auto-start-reverse"
          >
            <path d="M0 2 L10 5 L0 8 z" class="tip" />
          </marker>
        </defs>
        <line
          v-for="(s, n) in d.strokes"
          :key="`s${n}`"
          :x1="s.a.x"
          :y1="s.a.y"
          :x2="s.b.x"
          :y2="s.b.y"
          :class="s.style"
          :stroke-width="s.style === 'ground' ? 2 : s.px"
        />
        <g v-for="(m, n) in d.measures" :key="`m${n}`" class="measure">
          <line
            v-for="(w, k) in m.witness"
            :key="k"
            :x1="w[0].x"
            :y1="w[0].y"
            :x2="w[1].x"
            :y2="w[1].y"
            class="witness"
          />
          <line
            :x1="m.from.x"
            :y1="m.from.y"
            :x2="m.to.x"
            :y2="m.to.y"
            :marker-start="m.isShort ? undefined : `url(#tip-${i})`"
            :marker-end="m.isShort ? undefined : `url(#tip-${i})`"
          />
          <text :x="m.words.x" :y="m.words.y - 2" :text-anchor="m.anchor">
            <tspan class="mark">{{ m.mark }}</tspan>
            {{ m.here }}
          </text>
          <text :x="m.words.x" :y="m.words.y + 12" :text-anchor="m.anchor" class="other-unit">
            {{ m.there }}
          </text>
        </g>
        <template v-for="(l, n) in d.labels" :key="`l${n}`">
          <g v-if="l.sort === 'PIECE'">
            <circle :cx="l.x" :cy="l.y" r="10" class="piece" />
            <text :x="l.x" :y="l.y + 4.5" text-anchor="middle" class="number">{{ l.piece }}</text>
          </g>
          <circle v-else-if="l.sort === 'FEED'" :cx="l.x" :cy="l.y" r="5" class="feed" />
          <text v-else :x="l.x" :y="l.y" class="words">{{ l.text }}</text>
        </template>
        <g v-if="d.bar > 0 && !d.view.enlarged" :transform="`translate(12 ${d.placed.height - 10})`">
          <path :d="`M0 -5 V0 H${d.bar * d.placed.pxPerM} V-5`" class="bar" />
          <text :x="d.bar * d.placed.pxPerM + 6" y="0" class="other-unit">
            {{ formatLength(d.bar, preferences.unit) }}
          </text>
        </g>
      </svg>
      <figcaption>{{ words.phrase(d.view.title) }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.views {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 6px 12px;
}

.views.wide {
  grid-template-columns: repeat(2, max-content);
}

figure {
  min-width: 0;
}

.first {
  grid-row: 1 / span 4;
}

.wide .first {
  grid-row: auto;
  grid-column: 1 / -1;
}

svg {
  display: block;
  max-width: 100%;
  height: auto;
  background: var(--shallow);
  border-radius: 4px;
}

figcaption {
  font-size: 13.5px;
  color: var(--soft);
  padding: 3px 2px;
}

.metal {
  stroke: var(--trace);
}

.coax {
  stroke: var(--soft);
}

.ground {
  stroke: var(--trace-old);
  stroke-dasharray: 10 4;
}

.boom {
  stroke: var(--line);
}

.enclosure {
  stroke: var(--trace-old);
  stroke-dasharray: 3 3;
}

.insulator {
  stroke: var(--gold);
  opacity: 0.55;
}

.measure line {
  stroke: var(--ink);
  stroke-width: 0.9;
}

.measure .witness {
  stroke-width: 0.6;
  opacity: 0.6;
}

.tip {
  fill: var(--ink);
}

text {
  fill: var(--ink);
  font-size: 13px;
  paint-order: stroke;
  stroke: var(--shallow);
  stroke-width: 3px;
  stroke-linejoin: round;
}

.mark {
  font-weight: 700;
}

.other-unit,
.words {
  font-size: 12px;
}

.piece {
  fill: var(--card);
  stroke: var(--ink);
  stroke-width: 1.2;
}

.number {
  font-weight: 640;
  stroke: none;
}

.feed {
  fill: var(--gold);
  stroke: var(--ink);
  stroke-width: 1;
}

.bar {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1;
}

@media print {
  svg {
    background: none;
  }

  .metal {
    stroke: #000;
  }

  figure {
    break-inside: avoid;
  }
}
</style>
