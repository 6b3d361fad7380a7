<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useCoveringCalibrations } from '@/api/calibrations'
import { useInstallationChange, useReadySteps } from '@/api/installation'
import { useRadios } from '@/api/radios'
import { useForm } from '@/shell/useForm'
import BigAction from '@/ui/BigAction.vue'
import ActionButton from '@/ui/ActionButton.vue'
import SegmentField from '@/ui/SegmentField.vue'
import { formatTime } from '@/units/time'
import { useWords } from '@/words/words'
import { calibrationFor } from './elsewhere'
import { answersOf, METHODS, type Answer, type Method, type Step } from './ready'
import { visitOf } from './road'
import type { Installation } from './sentence'

/** What is looked at before the first reading of a visit. What is known already is filled in, with where it is from. */
const props = defineProps<{ installation: Installation; mayWrite: boolean }>()
const emit = defineEmits<{ read: [method: Method] }>()
const words = useWords()
const visit = computed(() => visitOf(props.installation))
const saved = computed(() => visit.value.ready)
const method = ref<Method>(saved.value?.method ?? 'ANALYSER')
const own = ref<Partial<Record<Step, Answer>>>({ ...saved.value?.answers })
const steps = useReadySteps(props.installation.id, method)
const hz = computed(() => props.installation.channels.map((c) => c.frequencyHz))
const calibrations = useCoveringCalibrations(
  computed(() => ({ lowHz: Math.min(...hz.value), highHz: Math.max(...hz.value) })),
)
const { radios } = useRadios()
const calibration = computed(() => calibrations.data.value?.[0])
const radio = computed(() => radios.data.value?.find((r) => r.id === props.installation.radioId))

const answers = computed(() => answersOf(steps.data.value ?? [], own.value))
const openCount = computed(() => (steps.data.value ?? []).filter((s) => !answers.value[s.step]).length)

function fact(step: Step): string {
  if (step === 'CALIBRATED_THERE') {
    const c = calibration.value
    return c
      ? words.value.text('getReady.FACT_CALIBRATION', {
          name: c.name,
          instrument: c.instrument,
          lowHz: c.startHz,
          highHz: c.stopHz,
          when: formatTime(c.madeAt),
        })
      : words.value.text('getReady.FACT_NO_CALIBRATION')
  }
  if (step === 'DUMMY_LOAD_FIRST') {
    const r = radio.value
    return r
      ? words.value.text('getReady.FACT_RADIO', {
          name: r.name,
          verdict: r.newest ? words.value.sentence(r.newest.verdict.says) : words.value.text('radios.NEVER'),
          when: r.newest ? formatTime(r.newest.checkedAt) : '',
        })
      : words.value.text('getReady.FACT_NO_RADIO')
  }
  return ''
}

const CHOICES: Answer[] = ['YES', 'NO', 'DOES_NOT_APPLY']
const choices = computed(() => CHOICES.map((c) => ({ value: c, word: words.value.text(`getReady.${c}`) })))

const change = useInstallationChange((body: Schemas['ReadyRequest']) =>
  answer(
    api.PUT('/api/installations/{id}/visits/open/ready', {
      params: { path: { id: props.installation.id } },
      body,
    }),
  ),
)
const { busy, trouble, submit } = useForm()
async function save(goOn: boolean) {
  const done = await submit(async () => {
    await change.mutateAsync({ method: method.value, answers: answers.value as Record<Step, Answer> })
  })
  if (done && goOn && visitOf(props.installation).ready?.state !== 'FORBIDDEN') emit('read', method.value)
}
const says = computed(() => {
  const r = saved.value
  if (!r || r.state === 'OPEN') return words.value.text('getReady.SAYS_OPEN', { count: openCount.value })
  return words.value.text(`getReady.SAYS_${r.state}`, {
    circumstances: r.circumstances.map((c) => words.value.text(`circumstance.${c}`)).join(', '),
  })
})
</script>

<template>
  <section class="card stack ready">
    <div class="head">
      <h2>{{ words.text('getReady.TITLE') }}</h2>
      <SegmentField
        v-model="method"
        :name="words.text('getReady.METHOD')"
        :options="METHODS.map((m) => ({ value: m, word: words.text(`getReady.${m}`) }))"
      />
    </div>
    <p :class="saved?.state === 'FORBIDDEN' || saved?.state === 'VOID' ? 'wrong' : 'strong'" role="status">
      {{ says }}
    </p>
    <ul class="bare">
      <li v-for="s in steps.data.value ?? []" :key="s.step">
        <div>
          <span :id="`ready-${s.step}`">{{ words.text(`ready.${s.step}`) }}</span>
          <span v-if="fact(s.step)" class="soft fact">
            {{ fact(s.step) }}
            <RouterLink
              v-if="s.step === 'CALIBRATED_THERE' && !calibration"
              :to="calibrationFor(installation)"
              >{{ words.text('getReady.CALIBRATE') }}</RouterLink
            >
            <RouterLink
              v-if="s.step === 'DUMMY_LOAD_FIRST'"
              :to="radio ? `/radios/${radio.id}` : '/radios'"
              >{{ words.text('radios.CHECK_IT') }}</RouterLink
            >
          </span>
        </div>
        <SegmentField
          :model-value="answers[s.step] ?? ('' as Answer)"
          :name="words.text(`ready.${s.step}`)"
          :options="choices"
          :class="{ no: answers[s.step] === 'NO' }"
          @update:model-value="(a: Answer) => (own = { ...own, [s.step]: a })"
        />
      </li>
    </ul>
    <p class="hint">{{ words.text('getReady.WHY') }}</p>
    <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
    <div v-if="mayWrite && !installation.signOff" class="buttons">
      <BigAction class="fit" :disabled="busy" @click="save(true)">{{
        words.text('getReady.GO_ON')
      }}</BigAction>
      <ActionButton :disabled="busy" @click="save(false)">{{ words.text('getReady.SAVE') }}</ActionButton>
    </div>
    <p v-if="saved" class="soft">
      {{ words.text('getReady.SAVED_BY', { who: saved.by, when: formatTime(saved.at) }) }}
    </p>
  </section>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px 14px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--line);
}

.fact {
  display: block;
  font-size: 14px;
}

@media (max-width: 1100px) {
  li {
    grid-template-columns: 1fr;
  }
}
</style>
