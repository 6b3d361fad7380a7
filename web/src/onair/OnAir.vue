<script setup lang="ts">
import { computed, ref } from 'vue'
import { useForm } from '@/shell/useForm'
import ActionButton from '@/ui/ActionButton.vue'
import FoldOut from '@/ui/FoldOut.vue'
import TextField from '@/ui/TextField.vue'
import { formatChannelMhz, parseFrequency } from '@/units/frequency'
import { parseDecimal } from '@/units/number'
import { useWords } from '@/words/words'
import CallLog from './CallLog.vue'
import FairTrial from './FairTrial.vue'
import { useAir } from './useAir'

/** Proof on the air: calls, and antennas heard one after the other. */
const props = defineProps<{ installationId: string; mainHz: number | undefined; mayWrite: boolean }>()
const words = useWords()
const { air, begin } = useAir(computed(() => props.installationId))
const isOpen = ref(false)
const form = ref({
  antennas: '',
  rounds: '4',
  place: '',
  powerW: '',
  mhz: props.mainHz === undefined ? '' : formatChannelMhz(props.mainHz),
})
const { busy, wrong, unplaced, submit } = useForm((field) =>
  field.startsWith('antennas') ? 'antennas' : field,
)

async function draw() {
  const rounds = parseDecimal(form.value.rounds)
  const watts = parseDecimal(form.value.powerW)
  const hz = parseFrequency(form.value.mhz)
  wrong.value = {
    ...(rounds.ok ? {} : { rounds: rounds.why }),
    ...(watts.ok ? {} : { powerW: watts.why }),
    ...(hz.ok ? {} : { frequencyHz: hz.why }),
  }
  if (!rounds.ok || !watts.ok || !hz.ok) return
  const done = await submit(async () => {
    await begin.mutateAsync({
      antennas: form.value.antennas
        .split('\n')
        .map((a) => a.trim())
        .filter((a) => a !== ''),
      rounds: Math.round(rounds.value),
      place: form.value.place,
      powerW: watts.value,
      frequencyHz: hz.value,
    })
  })
  if (done) isOpen.value = false
}
</script>

<template>
  <div class="stack">
    <CallLog :installation-id="installationId" :main-hz="mainHz" :may-write="mayWrite" />
    <section v-if="mayWrite" class="card begin">
      <FoldOut v-model:open="isOpen" :title="words.text('air.COMPARE')">
        <form novalidate @submit.prevent="draw">
          <p class="hint">{{ words.text('air.COMPARE_WHY') }}</p>
          <TextField
            v-model="form.antennas"
            type="textarea"
            :name="words.text('air.ANTENNAS')"
            :wrong="wrong.antennas"
          />
          <div class="fields">
            <TextField
              v-model="form.rounds"
              :name="words.text('air.ROUNDS')"
              inputmode="decimal"
              :wrong="wrong.rounds"
            />
            <TextField
              v-model="form.powerW"
              :name="words.text('air.POWER')"
              inputmode="decimal"
              :wrong="wrong.powerW"
            />
            <TextField
              v-model="form.mhz"
              :name="words.text('air.FREQUENCY')"
              inputmode="decimal"
              :wrong="wrong.frequencyHz"
            />
          </div>
          <TextField v-model="form.place" :name="words.text('air.PLACE')" :wrong="wrong.place" />
          <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
          <ActionButton submits :disabled="busy">{{ words.text('air.BEGIN') }}</ActionButton>
        </form>
      </FoldOut>
    </section>
    <FairTrial
      v-for="c in air.data.value?.comparisons ?? []"
      :key="c.id"
      :installation-id="installationId"
      :comparison="c"
      :may-write="mayWrite"
    />
  </div>
</template>

<style scoped>
.begin {
  padding: 4px 20px;
}

.fields {
  grid-template-columns: repeat(3, minmax(0, 1fr));
}
</style>
