<script setup lang="ts">
import CheckField from '@/ui/CheckField.vue'
import PickField from '@/ui/PickField.vue'
import TextField from '@/ui/TextField.vue'
import { useWords } from '@/words/words'
import { keepAway, type StationAnswer, type StationForm } from './plan'

/** How far people keep from the antenna. */
defineProps<{ wrong: Record<string, string>; ways: StationAnswer['ways'] }>()
const form = defineModel<StationForm>({ required: true })

const GROUNDS: { value: StationForm['ground']; word: string }[] = [
  { value: 'NONE', word: 'none' },
  { value: 'TYPICAL', word: 'typical, field × 1.6' },
  { value: 'WORST', word: 'worst, field × 2' },
]

const words = useWords()
const kept = (d: StationAnswer['ways'][number]['publicDistance']) =>
  d.distanceM === undefined ? undefined : keepAway(d.distanceM)
const told = (d: StationAnswer['ways'][number]['publicDistance']) =>
  d.reason ? words.value.sentence(d.reason) : ''
</script>

<template>
  <section class="card block">
    <h2>People near the antenna</h2>
    <div class="two">
      <TextField v-model="form.largest" name="Antenna’s size" :wrong="wrong.largestM" />
      <TextField v-model="form.duty" name="Transmits, % of the time" :wrong="wrong.duty" />
      <TextField v-model="form.totalHeight" name="Height of all that stands" :wrong="wrong.totalHeightM" />
      <PickField
        v-model="form.ground"
        name="Ground adds"
        :options="GROUNDS.map((g) => ({ value: g.value, word: g.word }))"
      />
    </div>
    <CheckField v-model="form.atBody">Handheld, or worn on the body</CheckField>
    <div v-for="w in ways" :key="w.name" class="distance">
      <b>{{ w.name }}</b>
      <p>
        Everybody:
        <template v-if="kept(w.publicDistance)"
          ><b>{{ kept(w.publicDistance) }}</b> or more</template
        >
        <template v-else>{{ told(w.publicDistance) }}</template>
      </p>
      <p>
        Crew:
        <template v-if="kept(w.occupationalDistance)"
          ><b>{{ kept(w.occupationalDistance) }}</b> or more</template
        >
        <template v-else>{{ told(w.occupationalDistance) }}</template>
      </p>
    </div>
    <p class="hint">Limits of 47 CFR 1.1310, formula of OET Bulletin 65. Local rules prevail.</p>
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
