<script setup lang="ts">
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { answer, api } from '@/api/client'
import { useInstruments } from '@/api/instruments'
import { useMe } from '@/api/people'
import SameAs from '@/catalogue/SameAs.vue'
import { useMergeOf } from '@/catalogue/useTwice'
import ChoiceField from '@/ui/ChoiceField.vue'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import { useWords } from '@/words/words'
import { refusals, request, SERIAL, TEXTS, typed, type Instrument } from './instrumentForm'

/** Enters an analyser, or changes one. */
const { instrument = undefined, like } = defineProps<{
  /** Absent for a new one. */
  instrument?: Instrument
  /** Whose command texts a new one begins with. */
  like: Instrument
}>()
const emit = defineEmits<{ kept: []; left: [] }>()
const me = useMe()
const all = useInstruments()
const others = computed(() =>
  me.data.value?.role === 'LEAD' && instrument
    ? (all.data.value ?? [])
        .filter((i) => i.id !== instrument.id && !i.standIn)
        .map((i) => ({ id: i.id, word: i.name }))
    : [],
)

const words = useWords()
const form = ref(typed(instrument, like))
const ways = useQuery({
  queryKey: ['instruments', 'drivers'],
  queryFn: ({ signal }) => answer(api.GET('/api/instruments/drivers', { signal })),
})
const drivers = computed(() =>
  (ways.data.value?.drivers ?? []).map((d) => ({
    value: d.id,
    // Another driver than the program brings says its own.
    word: words.value.textOr(`instrumentPage.driver.${d.id}`, d.words),
  })),
)
const portsHere = computed(() => {
  const ports = ways.data.value?.serialPorts ?? []
  return ports.length
    ? words.value.text('instrumentPage.PORTS_HERE', { ports: ports.join(', ') })
    : words.value.text('instrumentPage.NO_PORTS')
})
const { busy, wrong, unplaced, submit } = useForm((field) =>
  field === 'lowestHz' ? 'lowest' : field === 'highestHz' ? 'highest' : field,
)

const { trouble, question, merge } = useMergeOf('instruments')
async function put(into: string) {
  if (instrument && (await merge(instrument.id, into))) emit('kept')
}

const sheet = useTemplateRef('sheet')

/** The button is below all fields: who pressed it sees what is wrong. */
async function showWrong() {
  await nextTick()
  sheet.value?.querySelector('.wrong')?.scrollIntoView({ block: 'center' })
}

async function save() {
  const refused = refusals(form.value, words.value)
  if (Object.keys(refused).length) {
    wrong.value = refused
    return showWrong()
  }
  const body = request(form.value)
  const { id } = form.value
  const done = await submit(async () => {
    await answer(
      id
        ? api.PUT('/api/instruments/{id}', { params: { path: { id } }, body })
        : api.POST('/api/instruments', { body }),
    )
  })
  if (!done) return showWrong()
  emit('kept')
}
</script>

<template>
  <form ref="sheet" class="card stack" @submit.prevent="save">
    <h2>{{ words.text(form.id ? 'instrumentPage.CHANGE_ONE' : 'instrumentPage.ADD') }}</h2>
    <ChoiceField
      v-model="form.driver"
      :name="words.text('instrumentPage.DRIVER')"
      :options="drivers"
      :wrong="wrong.driver"
    />
    <div class="three">
      <TextField
        v-model="form.name"
        :name="words.text('instrumentPage.NAME')"
        :wrong="wrong.name"
        :placeholder="words.text('instrumentPage.EXAMPLE')"
      />
      <template v-if="form.driver === SERIAL">
        <TextField
          v-model="form.serialPort"
          :name="words.text('instrumentPage.SERIAL_PORT')"
          :hint="portsHere"
          :wrong="wrong.serialPort"
          placeholder="/dev/ttyUSB0"
        />
        <TextField v-model="form.baud" :name="words.text('instrumentPage.BAUD')" :wrong="wrong.baud" />
      </template>
      <template v-else>
        <TextField v-model="form.host" :name="words.text('instrumentPage.HOST')" :wrong="wrong.host" />
        <TextField v-model="form.port" :name="words.text('instrumentPage.PORT')" :wrong="wrong.port" />
      </template>
    </div>
    <div class="three">
      <TextField
        v-model="form.lowest"
        :name="words.text('instrumentPage.LOWEST')"
        :hint="words.text('instrumentPage.LIMITS_HINT')"
        :wrong="wrong.lowest"
      />
      <TextField v-model="form.highest" :name="words.text('instrumentPage.HIGHEST')" :wrong="wrong.highest" />
      <TextField
        v-model="form.mostPoints"
        :name="words.text('instrumentPage.MOST_POINTS')"
        :wrong="wrong.mostPoints"
      />
    </div>
    <h3>{{ words.text('instrumentPage.UNDERSTANDS') }}</h3>
    <div class="texts">
      <TextField
        v-for="t in TEXTS"
        :key="t"
        v-model="form.profile[t]"
        :name="words.text(`instrumentPage.command.${t}`)"
      />
    </div>
    <SameAs :others="others" :question="(_, stays) => question(stays, instrument?.name ?? '')" @put="put" />
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <p v-if="unplaced" class="wrong" role="alert">{{ unplaced }}</p>
    <div class="buttons">
      <BigAction class="fit" submits :disabled="busy">{{ words.text('instrumentPage.SAVE') }}</BigAction>
      <ActionButton quiet @click="emit('left')">{{ words.text('instrumentPage.CANCEL') }}</ActionButton>
    </div>
  </form>
</template>

<style scoped>
h3 {
  margin: 6px 0 -6px;
}

.three {
  display: grid;
  grid-template-columns: 2fr 2fr 1fr;
  gap: 12px;
  align-items: start;
}

.texts {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 16px;
}

@media (max-width: 700px) {
  .three,
  .texts {
    grid-template-columns: 1fr;
  }
}
</style>
