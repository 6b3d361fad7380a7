<script setup lang="ts">
import { useWords } from '@/words/words'
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { formatDb } from '@/units/watts'
import { emptyOther, type StationAnswer, type StationForm } from './plan'

const words = useWords()

/** The stations that are to be reached, and with what margin each way does. */
defineProps<{ wrong: Record<string, string>; ways: StationAnswer['ways'] }>()
const form = defineModel<StationForm>({ required: true })
const reaches = (l: StationAnswer['ways'][number]['links'][number]) =>
  l.inSight
    ? words.value.text('stationPage.IN_SIGHT', {
        horizonAwayM: l.horizonM,
        received: l.receivedDbm.toFixed(0).replace('-', '−'),
        margin: formatDb(l.marginDb),
      })
    : words.value.text('stationPage.BEYOND', { horizonAwayM: l.horizonM })
</script>

<template>
  <section class="card block">
    <h2>{{ words.text('stationPage.REACH') }}</h2>
    <TextField
      v-model="form.ownHeight"
      :name="words.text('stationPage.OWN_HEIGHT')"
      :wrong="wrong.ownHeightM"
    />
    <div v-for="(s, i) in form.stations" :key="i" class="fields station">
      <TextField
        v-model="s.name"
        :name="words.text('stationPage.STATION')"
        :wrong="wrong[`stations[${i}].name`]"
      />
      <TextField
        v-model="s.km"
        :name="words.text('stationPage.DISTANCE')"
        :wrong="wrong[`stations[${i}].distanceM`]"
      />
      <TextField
        v-model="s.height"
        :name="words.text('stationPage.HEIGHT')"
        :wrong="wrong[`stations[${i}].heightM`]"
      />
      <TextField
        v-model="s.gain"
        :name="words.text('stationPage.ITS_GAIN')"
        :wrong="wrong[`stations[${i}].gainDbi`]"
      />
      <TextField
        v-model="s.needed"
        :name="words.text('stationPage.NEEDS')"
        :wrong="wrong[`stations[${i}].neededDbm`]"
      />
      <p v-for="w in ways" :key="w.name" class="link">
        <b>{{ w.name }}:</b>{{ ' ' }}
        <template v-if="w.links[i]">
          {{ reaches(w.links[i]) }}
        </template>
      </p>
    </div>
    <div class="buttons">
      <ActionButton @click="form.stations.push(emptyOther())">{{
        words.text('stationPage.ADD_STATION')
      }}</ActionButton>
      <ActionButton v-if="form.stations.length" @click="form.stations.pop()">{{
        words.text('stationPage.REMOVE')
      }}</ActionButton>
    </div>
    <p class="hint">
      {{ words.text('stationPage.FREE_SPACE') }}
    </p>
  </section>
</template>

<style scoped>
.station {
  grid-template-columns: 1.4fr 0.8fr 1fr;
  column-gap: 6px;
}

.link {
  grid-column: 1 / -1;
  font-size: 14px;
}

.buttons {
  margin-top: 10px;
}

@media print {
  .buttons {
    display: none;
  }
}
</style>
