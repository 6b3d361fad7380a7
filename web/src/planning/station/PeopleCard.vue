<script setup lang="ts">
import { computed } from 'vue'
import CheckField from '@/ui/CheckField.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import { keepAway, type StationAnswer, type StationForm } from './plan'

/** How far people keep from the antenna. */
defineProps<{ wrong: Record<string, string>; ways: StationAnswer['ways'] }>()
const form = defineModel<StationForm>({ required: true })

const words = useWords()
const grounds = computed(() =>
  (['NONE', 'TYPICAL', 'WORST'] as const).map((value) => ({
    value,
    word: words.value.text(`stationPage.GROUND_${value}`),
  })),
)
const kept = (d: StationAnswer['ways'][number]['publicDistance']) =>
  d.distanceM === undefined ? undefined : keepAway(d.distanceM)
const told = (d: StationAnswer['ways'][number]['publicDistance']) =>
  d.reason ? words.value.sentence(d.reason) : ''
</script>

<template>
  <section class="card block">
    <h2>{{ words.text('stationPage.PEOPLE') }}</h2>
    <div class="two">
      <TextField v-model="form.largest" :name="words.text('stationPage.SIZE')" :wrong="wrong.largestM" />
      <TextField v-model="form.duty" :name="words.text('stationPage.DUTY')" :wrong="wrong.duty" />
      <TextField
        v-model="form.totalHeight"
        :name="words.text('stationPage.TOTAL_HEIGHT')"
        :wrong="wrong.totalHeightM"
      />
      <PickField v-model="form.ground" :name="words.text('stationPage.GROUND_ADDS')" :options="grounds" />
    </div>
    <CheckField v-model="form.atBody">{{ words.text('stationPage.AT_BODY') }}</CheckField>
    <div v-for="w in ways" :key="w.name" class="distance">
      <b>{{ w.name }}</b>
      <p>
        {{ words.text('stationPage.EVERYBODY') }}
        <b v-if="kept(w.publicDistance)">{{
          words.text('stationPage.OR_MORE', { distance: kept(w.publicDistance) })
        }}</b>
        <template v-else>{{ told(w.publicDistance) }}</template>
      </p>
      <p>
        {{ words.text('stationPage.CREW') }}
        <b v-if="kept(w.occupationalDistance)">{{
          words.text('stationPage.OR_MORE', { distance: kept(w.occupationalDistance) })
        }}</b>
        <template v-else>{{ told(w.occupationalDistance) }}</template>
      </p>
    </div>
    <p class="hint">{{ words.text('stationPage.LIMITS_OF') }}</p>
  </section>
</template>

<style scoped>
.distance {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 10px;
  font-size: 15px;
}

.distance > b {
  grid-row: span 2;
}
</style>
