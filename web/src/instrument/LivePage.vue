<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import CautionsAt from '@/safety/CautionsAt.vue'
import PickField from '@/ui/PickField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import BigAction from '@/ui/BigAction.vue'
import { useEventListener } from '@vueuse/core'
import { useWords } from '@/words/words'
import { computed, ref, shallowRef, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useCalibrations } from '@/api/calibrations'
import { useInstruments } from '@/api/instruments'
import { useMe } from '@/api/people'
import { calibrationOptions } from '@/desk/calibration'
import SweepPlot from '@/plots/SweepPlot.vue'
import type { PlotTrace } from '@/plots/sweep/trace'
import { isTyping } from '@/shell/keys'
import TextField from '@/ui/TextField.vue'
import { formatMhz, parseFrequency } from '@/units/frequency'
import { curveOf, pointsUpTo, sentenceOf, useLive, type LiveSettings, type LiveSweep } from './live'
import { covers, where } from './instrumentForm'
import PracticeDrawer from './PracticeDrawer.vue'

const LIMIT_SWR = 2
const STAND_IN = 'stand-in'
const AVERAGES = [1, 4, 16, 64]

const props = defineProps<{ practice?: boolean }>()

const words = useWords()
const me = useMe()
const instruments = useInstruments()
const { calibrations } = useCalibrations()
const settings = ref<LiveSettings>({
  instrument: STAND_IN,
  startHz: 140e6,
  stopHz: 172e6,
  points: 201,
  averages: 1,
  hold: false,
  find: false,
})
const startText = ref(formatMhz(settings.value.startHz))
const stopText = ref(formatMhz(settings.value.stopHz))
const wrong = ref<Record<string, string>>({})
const { running, sweep, trouble, start, change, stop } = useLive()
const kept = shallowRef<LiveSweep>()

const chosen = computed(() => instruments.data.value?.find((i) => i.id === settings.value.instrument))
/** No more than the instrument has. */
const pointChoices = computed(() => pointsUpTo(chosen.value?.mostPoints))
watch(pointChoices, (choices) => {
  if (!choices.includes(settings.value.points)) apply({ points: choices.at(-1) ?? settings.value.points })
})
/** The shop's own analyser, where it has one; the virtual bench has its stand-in. */
const usual = computed(() => {
  const own = props.practice ? undefined : instruments.data.value?.find((i) => !i.standIn)
  return own?.id ?? STAND_IN
})
watch(
  usual,
  async (instrument) => {
    if (running.value) await stop()
    apply({ instrument })
  },
  { immediate: true },
)
const mayWork = computed(() => me.data.value?.role !== 'VIEWER')
const traces = computed<PlotTrace[]>(() => {
  const all: PlotTrace[] = []
  if (kept.value)
    all.push({
      id: 'kept',
      label: words.value.text('livePage.SAVED'),
      kind: 'earlier',
      curve: curveOf(kept.value),
    })
  if (sweep.value)
    all.push({ id: 'now', label: words.value.text('livePage.NOW'), kind: 'now', curve: curveOf(sweep.value) })
  return all
})
const sentence = computed(() => {
  if (!sweep.value) return words.value.text(running.value ? 'livePage.SWEEPING' : 'livePage.READY')
  return sentenceOf(sweep.value, words.value)
})

function apply(next: Partial<LiveSettings>) {
  settings.value = { ...settings.value, ...next }
  startText.value = formatMhz(settings.value.startHz)
  stopText.value = formatMhz(settings.value.stopHz)
  if (running.value) void change(settings.value)
}

function setSpan() {
  const low = parseFrequency(startText.value)
  const high = parseFrequency(stopText.value)
  wrong.value = {}
  if (!low.ok) wrong.value.start = low.why
  if (!high.ok) wrong.value.stop = high.why
  if (!low.ok || !high.ok) return
  if (high.value <= low.value) {
    wrong.value.stop = words.value.text('livePage.ORDER')
    return
  }
  apply({ startHz: low.value, stopHz: high.value })
}

async function startOrStop() {
  if (running.value) await stop()
  else {
    settings.value = { ...settings.value, hold: false }
    await start(settings.value)
  }
}

function hold() {
  apply({ hold: !settings.value.hold })
}

async function findDip() {
  apply({ find: true, hold: false })
  if (!running.value) await start(settings.value)
}

// The search moves the span; once it is over, the fields take on where it ended.
watch(sweep, (fresh) => {
  if (!fresh || !settings.value.find || fresh.looking) return
  settings.value = { ...settings.value, find: false, startHz: fresh.startHz, stopHz: fresh.stopHz }
  startText.value = formatMhz(fresh.startHz)
  stopText.value = formatMhz(fresh.stopHz)
})

/** Another antenna has another band: the span follows. */
function follow(choice: Schemas['InstallationChoice']) {
  const middle = (choice.lowHz + choice.highHz) / 2
  const half = Math.max(choice.highHz - choice.lowHz, middle * 0.16) / 2
  kept.value = undefined
  apply({ startHz: Math.round((middle - half) / 1e4) * 1e4, stopHz: Math.round((middle + half) / 1e4) * 1e4 })
}

async function saveFile() {
  const now = sweep.value
  if (!now) return
  const text = await answer(
    api.POST('/api/touchstone', {
      body: {
        note: `${chosen.value?.name ?? 'analyser'}, ${new Date().toISOString()}, live sweep`,
        startHz: now.startHz,
        stopHz: now.stopHz,
        re: now.re,
        im: now.im,
      },
      parseAs: 'text',
    }),
  )
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }))
  link.download = `sweep-${formatMhz(now.startHz, 0)}-${formatMhz(now.stopHz, 0)}-MHz.s1p`
  link.click()
  URL.revokeObjectURL(link.href)
}

function key(event: KeyboardEvent) {
  if (isTyping(event) || !mayWork.value) return
  if (event.key === 's') void startOrStop()
  else if (event.key === 'f') void findDip()
  else if (event.key === 'h' && running.value) hold()
  else if (event.key === 'k') kept.value = sweep.value
}
useEventListener(window, 'keydown', key)
</script>

<template>
  <div class="desk">
    <div class="work">
      <form class="bar card" @submit.prevent="setSpan">
        <TextField
          v-model="startText"
          :name="words.text('livePage.START')"
          :wrong="wrong.start"
          @change="setSpan"
        />
        <TextField
          v-model="stopText"
          :name="words.text('livePage.STOP')"
          :wrong="wrong.stop"
          @change="setSpan"
        />
        <PickField
          :model-value="settings.points"
          :name="words.text('livePage.POINTS')"
          :options="pointChoices.map((p) => ({ value: p, word: `${p}` }))"
          @update:model-value="apply({ points: $event })"
        />
        <PickField
          :model-value="settings.averages"
          :name="words.text('livePage.AVERAGE')"
          :options="
            AVERAGES.map((a) => ({
              value: a,
              word: a === 1 ? words.text('livePage.NONE') : words.text('livePage.SWEEPS', { count: a }),
            }))
          "
          @update:model-value="apply({ averages: $event })"
        />
        <ActionButton class="beside" submits>{{ words.text('livePage.SET') }}</ActionButton>
      </form>
      <div class="plot card">
        <SweepPlot
          v-if="traces.length"
          :traces="traces"
          :pegs="[]"
          :limit="limitLine(LIMIT_SWR, words)"
          :caption="words.text('livePage.CAPTION')"
        />
        <p v-else class="empty soft">
          {{ words.text('livePage.EMPTY') }}
        </p>
      </div>
    </div>

    <aside class="side">
      <p class="sentence" role="status" :class="{ rest: settings.hold }">
        {{ sentence }}<span v-if="settings.hold && running"> {{ words.text('livePage.ON_HOLD') }}</span>
      </p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <PickField
        :name="words.text('livePage.ANALYSER')"
        :model-value="settings.instrument"
        :disabled="running"
        :options="(instruments.data.value ?? []).map((i) => ({ value: i.id, word: i.name }))"
        :hint="
          chosen
            ? words.text('livePage.IS_AT', { where: where(chosen, words), covers: covers(chosen, words) })
            : undefined
        "
        @update:model-value="apply({ instrument: $event })"
      />
      <RouterLink to="/instruments" class="plain">{{ words.text('livePage.INSTRUMENTS') }}</RouterLink>
      <PickField
        :model-value="settings.calibrationId ?? ''"
        :name="words.text('livePage.CORRECTED_BY')"
        :options="[
          { value: '', word: words.text('livePage.ITSELF') },
          ...calibrationOptions(calibrations.data.value, words),
        ]"
        @update:model-value="apply({ calibrationId: $event || undefined })"
      />
      <p v-for="w in sweep?.warnings ?? []" :key="w.id" class="caution">{{ words.sentence(w) }}</p>
      <template v-if="mayWork">
        <BigAction lasting @click="startOrStop"
          >{{ words.text(running ? 'livePage.STOP_IT' : 'livePage.START_IT') }}<kbd>S</kbd></BigAction
        >
        <div class="two">
          <ActionButton @click="findDip">{{ words.text('livePage.FIND') }}<kbd>F</kbd></ActionButton>
          <ActionButton :disabled="!running" :aria-pressed="settings.hold" @click="hold">
            {{ words.text(settings.hold ? 'livePage.GO_ON' : 'livePage.HOLD') }}<kbd>H</kbd>
          </ActionButton>
          <ActionButton :disabled="!sweep" @click="kept = sweep"
            >{{ words.text('livePage.KEEP') }}<kbd>K</kbd></ActionButton
          >
          <ActionButton :disabled="!sweep" @click="saveFile">{{ words.text('livePage.FILE') }}</ActionButton>
        </div>
      </template>
      <p v-else class="soft">{{ words.text('livePage.ONLY_READS') }}</p>
      <p v-if="sweep" class="hint">
        {{
          words.text('livePage.SWEEP_IS', {
            number: `${sweep.number}`,
            count: `${sweep.re.length}`,
            seconds: (sweep.tookMs / 1000).toFixed(2),
          })
        }}
      </p>
      <CautionsAt stage="TUNING" />
      <PracticeDrawer v-if="chosen?.standIn" @another="follow" />
    </aside>
  </div>
</template>

<style scoped>
.desk .bar {
  grid-template-columns: 1fr 1fr 110px 130px auto;
  gap: 4px 12px;
  padding: 10px 14px 12px;
}

.plot {
  min-height: 0;
  padding: 8px;
}

.desk .sentence {
  min-height: 56px;
}

.other[aria-pressed='true'] {
  background: var(--deep);
}

/* The picture stays in view, whatever is chosen beside it. */
@media (min-width: 1001px) {
  .desk > .work {
    position: sticky;
    top: 16px;
    height: calc(100vh - 84px);
    min-height: 480px;
    grid-template-rows: auto minmax(0, 1fr);
    align-content: stretch;
  }
}

@media (max-width: 1000px) {
  .plot {
    height: 480px;
  }

  .desk .bar {
    grid-template-columns: repeat(4, 1fr);
  }

  .desk .bar .other {
    margin-top: 0;
    grid-column: 1 / -1;
  }
}
</style>
