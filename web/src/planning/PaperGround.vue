<script setup lang="ts">
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
  <section v-if="variant" class="card">
    <h2>Ground below the whip: {{ variant.name }}</h2>
    <p v-if="typeof whip === 'string'" class="wrong" role="alert">{{ whip }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="typeof whip !== 'string'" class="sides">
      <dl>
        <template v-for="(r, i) in variant.kind === 'RADIALS' ? variant.radials : []" :key="i">
          <dt>Radial {{ i + 1 }}</dt>
          <dd>{{ length(r.lengthM) }}, toward {{ r.azimuthDeg }}°, drooping {{ r.droopDeg }}°</dd>
        </template>
        <template v-if="variant.kind === 'MESH' || variant.kind === 'SHEET'">
          <dt>Size</dt>
          <dd>{{ length(variant.lengthM) }} along the slope × {{ length(variant.widthM) }}</dd>
        </template>
        <template v-if="variant.kind === 'MESH'">
          <dt>Openings</dt>
          <dd>{{ length(variant.openingM) }}</dd>
        </template>
        <template v-if="solved">
          <dt>Whip</dt>
          <dd>{{ length(solved.whipM) }}, sloped {{ whip.slopeDeg }}° from vertical</dd>
          <dt>Worst SWR</dt>
          <dd>
            {{ formatSwr(solved.worstSwr) }}, {{ solved.holds ? 'met' : 'missed' }}, limit
            {{ whip.limitSwr }} from {{ formatMhz(whip.lowHz, 3) }} to {{ formatMhz(whip.highHz, 3) }} MHz
          </dd>
          <dt>Weight, area</dt>
          <dd>{{ formatKg(solved.massKg) }}, {{ solved.areaM2.toFixed(2) }} m²</dd>
        </template>
        <dt>Bonding</dt>
        <dd>Bare metal to bare metal at every joint and at the mount; sealed afterwards.</dd>
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
.card {
  padding: 14px 18px;
  display: grid;
  gap: 10px;
}

.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 260px;
  gap: 16px;
}

dl {
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 4px 14px;
  margin: 0;
  align-content: start;
}

dt {
  color: var(--soft);
}

dd {
  margin: 0;
}

@media print {
  .card {
    break-inside: avoid;
    border: 0;
    padding: 6px 0;
  }
}
</style>
