<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import TextField from '@/ui/TextField.vue'
import { formatDistance } from '@/units/distance'
import { formatDb } from '@/units/watts'
import { emptyOther, type StationAnswer, type StationForm } from './plan'

/** The stations that are to be reached, and with what margin each way does. */
defineProps<{ wrong: Record<string, string>; ways: StationAnswer['ways'] }>()
const form = defineModel<StationForm>({ required: true })
</script>

<template>
  <section class="card block">
    <h2>Reach, in line of sight</h2>
    <TextField
      v-model="form.ownHeight"
      name="Own antenna above the ground around"
      :wrong="wrong.ownHeightM"
    />
    <div v-for="(s, i) in form.stations" :key="i" class="station">
      <TextField v-model="s.name" name="Station" :wrong="wrong[`stations[${i}].name`]" />
      <TextField v-model="s.km" name="Distance, km or mi" :wrong="wrong[`stations[${i}].distanceM`]" />
      <TextField v-model="s.height" name="Height" :wrong="wrong[`stations[${i}].heightM`]" />
      <TextField v-model="s.gain" name="Its gain, dBi" :wrong="wrong[`stations[${i}].gainDbi`]" />
      <TextField v-model="s.needed" name="Needs, dBm" :wrong="wrong[`stations[${i}].neededDbm`]" />
      <p v-for="w in ways" :key="w.name" class="link">
        <b>{{ w.name }}:</b>{{ ' ' }}
        <template v-if="w.links[i]">
          <template v-if="w.links[i].inSight">
            in sight (horizon {{ formatDistance(w.links[i].horizonM) }}),
            {{ w.links[i].receivedDbm.toFixed(0).replace('-', '−') }} dBm, margin
            {{ formatDb(w.links[i].marginDb) }}
          </template>
          <template v-else>
            beyond the horizon, which is {{ formatDistance(w.links[i].horizonM) }} away: no figure holds there
          </template>
        </template>
      </p>
    </div>
    <div class="buttons">
      <ActionButton @click="form.stations.push(emptyOther())">Add a station</ActionButton>
      <ActionButton v-if="form.stations.length" @click="form.stations.pop()">Remove</ActionButton>
    </div>
    <p class="hint">
      Free space (ITU-R P.525) over a 4/3 earth. A receiver needs some −110 to −119 dBm. Neither a promise nor
      a limit: hills take away; the troposphere, aircraft and skip exceed it.
    </p>
  </section>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 1.4fr 0.8fr 1fr;
  gap: 6px;
}

.link {
  grid-column: 1 / -1;
  font-size: 14px;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}

.buttons .other {
  width: auto;
}

@media print {
  .buttons {
    display: none;
  }
}
</style>
