<script setup lang="ts">
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { NInput, NRadio } from 'naive-ui'
import { computed, ref } from 'vue'
import { useWords } from '@/words/words'
import type { PickedChannel } from './channels'
import ChannelPicker from './ChannelPicker.vue'
import { channelForm, type PlanForm } from './planForm'

/** The wanted channels: free entry, or a service's list. */
const emit = defineEmits<{ evenEnds: [] }>()
const channels = defineModel<PlanForm['channels']>({ required: true })
defineProps<{ wrong: Record<string, string>; radios: PlanForm['otherRadios'] }>()

const words = useWords()
const uses = computed(() =>
  (['BOTH', 'TRANSMIT', 'RECEIVE'] as const).map((u) => ({
    value: u,
    word: words.value.text(`planForm.use.${u}`),
  })),
)
/** What is said of the channel in row `i`. */
const of = (key: string, i: number) => words.value.text(`planForm.${key}`, { number: `${i + 1}` })
const WEIGHTS = ['0.5', '1', '2', '3', '5']
const isPicking = ref(false)

function add() {
  channels.value = [...channels.value, channelForm('', '', channels.value.length === 0)]
}

function remove(index: number) {
  channels.value = channels.value.filter((_, i) => i !== index)
}

function choosePrimary(index: number) {
  channels.value = channels.value.map((c, i) => ({ ...c, primary: i === index }))
}

/** Rows that hold nothing yet give way to what was picked; a main channel that was chosen stays. */
function take(picked: PickedChannel[]) {
  const typed = channels.value.filter((c) => c.name || c.mhz)
  const fresh = picked.filter((p) => !typed.some((t) => t.name === p.name))
  const all = [...typed, ...fresh.map((p) => channelForm(p.name, p.mhz, false, p.use))]
  if (!all.some((c) => c.primary)) {
    const middle = all[Math.floor((all.length - 1) / 2)]
    if (middle) middle.primary = true
  }
  channels.value = all
}

/** A weight that was set elsewhere stays among the choices. */
const weights = (now: string) => (WEIGHTS.includes(now) ? WEIGHTS : [...WEIGHTS, now])
</script>

<template>
  <fieldset>
    <legend>{{ words.text('planForm.CHANNELS') }}</legend>
    <div class="stack">
      <div v-for="(c, i) in channels" :key="i" class="row">
        <NInput
          v-model:value="c.name"
          :placeholder="words.text('planForm.NAME')"
          :status="wrong[`channels[${i}].name`] ? 'error' : undefined"
          :input-props="{ 'aria-label': of('NAME_OF', i) }"
        />
        <NInput
          v-model:value="c.mhz"
          :status="wrong[`channels[${i}].frequencyHz`] ? 'error' : undefined"
          :input-props="{ 'aria-label': of('FREQUENCY_OF', i), inputmode: 'decimal' }"
        >
          <template #suffix><span class="soft">MHz</span></template>
        </NInput>
        <PickField v-model="c.use" :name="of('USE_OF', i)" bare :options="uses" />
        <PickField
          v-model="c.weight"
          :name="of('WEIGHT_OF', i)"
          bare
          :options="
            weights(c.weight).map((w) => ({ value: w, word: words.text('planForm.WEIGHT', { weight: w }) }))
          "
        />
        <NRadio
          class="main"
          name="primary"
          :value="i"
          :checked="c.primary"
          :aria-label="of('IS_MAIN', i)"
          @update:checked="choosePrimary(i)"
          >{{ words.text('planForm.MAIN') }}</NRadio
        >
        <ActionButton quiet :aria-label="of('REMOVE_CHANNEL', i)" @click="remove(i)">{{
          words.text('planForm.REMOVE')
        }}</ActionButton>
        <PickField
          v-if="radios.length"
          v-model="c.radio"
          class="of"
          :name="of('RADIO_OF', i)"
          bare
          :options="[
            { value: '', word: words.text('planForm.OF_FIRST') },
            ...radios.map((r) => ({
              value: r.name.trim(),
              word: words.text('planForm.OF_RADIO', { name: r.name }),
            })),
          ]"
        />
        <p
          v-if="wrong[`channels[${i}].name`] || wrong[`channels[${i}].frequencyHz`]"
          class="wrong"
          role="alert"
        >
          {{ wrong[`channels[${i}].name`] ?? wrong[`channels[${i}].frequencyHz`] }}
        </p>
      </div>
    </div>
    <p v-if="wrong.channels" class="wrong" role="alert">{{ wrong.channels }}</p>
    <p class="hint">
      {{ words.text('planForm.CHANNELS_HINT') }}
    </p>
    <div class="buttons">
      <ActionButton @click="add">{{ words.text('planForm.ADD_CHANNEL') }}</ActionButton>
      <ActionButton :aria-expanded="isPicking" @click="isPicking = !isPicking">
        {{ words.text('planForm.FROM_LIST') }}
      </ActionButton>
    </div>
    <ChannelPicker v-if="isPicking" @even-ends="emit('evenEnds')" @take="take" @close="isPicking = false" />
  </fieldset>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(100px, 1fr) 136px 188px 108px auto auto;
  gap: 4px 8px;
  align-items: center;
}

.row .wrong,
.row .of {
  grid-column: 1 / -1;
}

.row .of {
  width: 220px;
}

.main {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}

@media (max-width: 860px) {
  .row {
    grid-template-columns: minmax(0, 1fr) 150px auto auto;
  }
}
</style>
