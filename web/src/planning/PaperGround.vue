<script setup lang="ts">
import { useWords } from '@/words/words'
import { computed, onMounted, ref } from 'vue'
import { useSolving } from '@/antenna/useSolving'
import { answer, api } from '@/api/client'
import { usePreferences } from '@/preferences'
import { formatMhz } from '@/units/frequency'
import { formatBoth } from '@/units/length'
import { formatSwr } from '@/units/swr'
import { quarterWaveM } from './band'
import { formatKg } from '@/units/weight'
import { readWhip, requestOf, type GroundAnswer, type GroundDraft } from './ground'
import GroundView from './GroundView.vue'

const words = useWords()

/** The made ground of the plan on paper: seen from above, what it is of, and what it does. */
const props = defineProps<{ draft: GroundDraft }>()
const emit = defineEmits<{ ready: [] }>()
const preferences = usePreferences()
const whip = computed(() => readWhip(props.draft, preferences.unit))
const variant = computed(() => props.draft.variants[props.draft.chosen ?? 1])
const solved = ref<GroundAnswer>()
const { trouble, run } = useSolving<GroundAnswer>()

onMounted(async () => {
  const w = whip.value
  const v = variant.value
  if (typeof w !== 'string' && v)
    await run([
      {
        name: v.name,
        start: () =>
          answer(
            api.POST('/api/planning/ground', {
              body: requestOf(w, v),
              headers: { Prefer: 'respond-async' },
            }),
          ),
        done: (result) => (solved.value = result),
      },
    ])
  emit('ready')
})
const length = (m: number) => formatBoth(m, preferences.unit)
</script>

<template>
  <section v-if="variant" class="card stack">
    <h2>{{ words.text('paper.GROUND', { name: variant.name }) }}</h2>
    <p v-if="typeof whip === 'string'" class="wrong" role="alert">{{ whip }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="typeof whip !== 'string'" class="sides">
      <dl>
        <template v-for="(r, i) in variant.kind === 'RADIALS' ? variant.radials : []" :key="i">
          <dt>{{ words.text('paper.RADIAL', { count: i + 1 }) }}</dt>
          <dd>
            {{
              words.text('paper.RADIAL_IS', {
                length: length(r.lengthM),
                toward: String(r.azimuthDeg),
                droop: String(r.droopDeg),
              })
            }}
          </dd>
        </template>
        <template v-if="variant.kind === 'MESH' || variant.kind === 'SHEET'">
          <dt>{{ words.text('paper.SIZE') }}</dt>
          <dd>
            {{
              words.text('paper.SIZE_IS', { along: length(variant.lengthM), width: length(variant.widthM) })
            }}
          </dd>
        </template>
        <template v-if="variant.kind === 'MESH'">
          <dt>{{ words.text('paper.OPENINGS') }}</dt>
          <dd>{{ length(variant.openingM) }}</dd>
        </template>
        <template v-if="solved">
          <dt>{{ words.text('paper.WHIP') }}</dt>
          <dd>
            {{
              words.text('paper.WHIP_IS', { length: length(solved.whipM), degrees: String(whip.slopeDeg) })
            }}
          </dd>
          <dt>{{ words.text('paper.WORST_SWR') }}</dt>
          <dd>
            {{
              words.text('paper.SWR_IS', {
                swr: formatSwr(solved.worstSwr),
                met: words.text(solved.holds ? 'planPage.HOLDS' : 'planPage.MISSES'),
                limit: String(whip.limitSwr),
                low: formatMhz(whip.lowHz, 3),
                high: formatMhz(whip.highHz, 3),
              })
            }}
          </dd>
          <dt>{{ words.text('paper.WEIGHT') }}</dt>
          <dd>{{ formatKg(solved.massKg) }}, {{ solved.areaM2.toFixed(2) }} m²</dd>
        </template>
        <dt>{{ words.text('paper.BONDING') }}</dt>
        <dd>{{ words.text('paper.BOND') }}</dd>
      </dl>
      <GroundView
        :variant="variant"
        :quarter-m="quarterWaveM(whip.lowHz, whip.highHz)"
        :slope-deg="whip.slopeDeg"
      />
    </div>
  </section>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 16px;
}

@media print {
  .card {
    break-inside: avoid;
    border: 0;
    padding: 6px 0;
  }
}
</style>
