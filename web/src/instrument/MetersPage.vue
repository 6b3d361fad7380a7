<script setup lang="ts">
import PlainTable from '@/ui/PlainTable.vue'
import BigAction from '@/ui/BigAction.vue'
import ActionButton from '@/ui/ActionButton.vue'
import PickField from '@/ui/PickField.vue'
import { useWords } from '@/words/words'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { useMe } from '@/api/people'
import TextField from '@/ui/TextField.vue'
import { useForm } from '@/shell/useForm'
import CautionList from '@/safety/CautionList.vue'
import { formatMhz, parseFrequency } from '@/units/frequency'
import { formatNeedleSwr, formatSwr } from '@/units/swr'
import EdgeScale from './EdgeScale.vue'
import { agrees, SWR_MARKS, type Needle, watts, wattMarks, swrPlace } from './meters'
import PracticeDrawer from './PracticeDrawer.vue'

const POWERS = [1, 4, 5, 10, 25, 50]
const CEILINGS = [1.5, 2, 2.5, 3]
const RANGES = [10, 30, 100]

const words = useWords()
const me = useMe()
const mayWork = computed(() => me.data.value?.role !== 'VIEWER')
const plugs = useQuery({
  queryKey: ['plugs'],
  queryFn: () => answer(api.GET('/api/practice/meters/plugs')),
  staleTime: Infinity,
})
const { busy, wrong, trouble, submit } = useForm()
const channel = ref('155.000')
const dials = ref({ powerW: 5, ceilingSwr: 2, meterRangeW: 10, plugW: 5, plugBand: 1 })
const needle = ref<Needle>()
const readings = ref<{ hz: number; powerW: number; setFor?: Needle; read: Schemas['MeterReadingView'] }[]>([])
const last = computed(() => readings.value[0])
const band = computed(() => plugs.data.value?.bands[dials.value.plugBand] ?? { lowHz: 100e6, highHz: 250e6 })

const frequency = computed(() => parseFrequency(channel.value))
const isSet = computed(
  () =>
    needle.value !== undefined &&
    frequency.value.ok &&
    agrees(needle.value, {
      hz: frequency.value.value,
      powerW: dials.value.powerW,
      rangeW: dials.value.meterRangeW,
    }),
)
const sentence = computed(() => {
  if (!needle.value) return words.value.text('metersPage.SET_FIRST')
  if (!isSet.value) return words.value.text('metersPage.SET_AGAIN')
  if (last.value?.read.foldedBack) return words.value.text('metersPage.FOLDS_BACK')
  if (last.value?.read.meterSwr !== undefined)
    return words.value.text('metersPage.SHOWS', {
      swr: formatNeedleSwr(last.value.read.meterSwr),
      mhz: formatMhz(last.value.hz),
    })
  return words.value.text('metersPage.READ_REFLECTED')
})

// Whatever was read belongs to the antenna that was on then.
function another(choice: Schemas['InstallationChoice']) {
  channel.value = formatMhz((choice.lowHz + choice.highHz) / 2)
  const middle = (choice.lowHz + choice.highHz) / 2
  const fits = plugs.data.value?.bands.findIndex((b) => b.lowHz <= middle && middle <= b.highHz) ?? -1
  if (fits >= 0) dials.value.plugBand = fits
  readings.value = []
  needle.value = undefined
}

watch(
  () => dials.value.powerW,
  (power) => {
    const plug = plugs.data.value?.watts.find((w) => w >= power)
    if (plug !== undefined) dials.value.plugW = plug
  },
)

function body(hz: number): Schemas['Dials'] {
  const d = dials.value
  return {
    frequencyHz: hz,
    powerW: d.powerW,
    ceilingSwr: d.ceilingSwr,
    meterRangeW: d.meterRangeW,
    setFor: needle.value && { frequencyHz: needle.value.hz, forwardW: needle.value.forwardW },
    plugW: d.plugW,
    plugLowHz: band.value.lowHz,
    plugHighHz: band.value.highHz,
  }
}

async function withChannel(action: (hz: number) => Promise<void>) {
  const f = frequency.value
  if (!f.ok) wrong.value = { frequencyHz: f.why }
  else await submit(() => action(f.value))
}

const setNeedle = () =>
  withChannel(async (hz) => {
    const c = await answer(api.POST('/api/practice/meters/needle', { body: body(hz) }))
    needle.value = {
      hz,
      powerW: dials.value.powerW,
      rangeW: dials.value.meterRangeW,
      forwardW: c.forwardW,
    }
  })

const readThem = () =>
  withChannel(async (hz) => {
    const read = await answer(api.POST('/api/practice/meters/reading', { body: body(hz) }))
    readings.value = [{ hz, powerW: dials.value.powerW, setFor: needle.value, read }, ...readings.value]
  })

const swrNeedles = computed(() => {
  const swr = last.value?.read.meterSwr
  return swr === undefined
    ? []
    : [{ at: swrPlace(swr), word: words.value.text('metersPage.SWR', { swr: formatNeedleSwr(swr) }) }]
})
const wattNeedles = computed(() => {
  const r = last.value?.read
  if (r?.forwardW === undefined || r.reflectedW === undefined) return []
  return [
    {
      at: r.forwardW / dials.value.plugW,
      word: words.value.text('metersPage.FORWARD', { watts: watts(r.forwardW) }),
    },
    {
      at: r.reflectedW / dials.value.plugW,
      word: words.value.text('metersPage.REFLECTED', { watts: watts(r.reflectedW) }),
      quiet: true,
    },
  ]
})
</script>

<template>
  <div class="desk">
    <div class="work">
      <form class="bar card" @submit.prevent="readThem">
        <TextField v-model="channel" :name="words.text('metersPage.CHANNEL')" :wrong="wrong.frequencyHz" />
        <PickField
          v-model="dials.powerW"
          :name="words.text('metersPage.POWER')"
          :options="POWERS.map((p) => ({ value: p, word: `${p} W` }))"
        />
        <PickField
          v-model="dials.ceilingSwr"
          :name="words.text('metersPage.CEILING')"
          :options="CEILINGS.map((c) => ({ value: c, word: words.text('metersPage.SWR', { swr: `${c}` }) }))"
        />
        <PickField
          v-model="dials.meterRangeW"
          :name="words.text('metersPage.RANGE')"
          :options="RANGES.map((r) => ({ value: r, word: `${r} W` }))"
        />
        <PickField
          v-model="dials.plugW"
          :name="words.text('metersPage.PLUG')"
          :options="(plugs.data.value?.watts ?? []).map((w) => ({ value: w, word: `${w} W` }))"
        />
        <PickField
          v-model="dials.plugBand"
          :name="words.text('metersPage.BAND')"
          :options="
            (plugs.data.value?.bands ?? []).map((b, i) => ({
              value: i,
              word: `${formatMhz(b.lowHz, 0)}–${formatMhz(b.highHz, 0)}`,
            }))
          "
        />
      </form>

      <section class="card stack face" :aria-label="words.text('metersPage.INLINE')">
        <h2>{{ words.text('metersPage.INLINE_SIDE') }}</h2>
        <EdgeScale
          :name="words.text('metersPage.INLINE')"
          :marks="SWR_MARKS"
          :needles="swrNeedles"
          :red-from="0.5"
        />
        <p class="hint">
          <template v-if="needle">
            {{
              words.text('metersPage.NEEDLE_SET', {
                mhz: formatMhz(needle.hz),
                power: `${needle.powerW}`,
                range: `${needle.rangeW}`,
              })
            }}
          </template>
          <template v-else>{{ words.text('metersPage.NEEDLE_NOT_SET') }}</template>
        </p>
        <p v-if="last?.read.meterTrouble" class="wrong">{{ words.sentence(last.read.meterTrouble) }}</p>
      </section>

      <section class="card stack face" :aria-label="words.text('metersPage.WATTMETER')">
        <h2>{{ words.text('metersPage.WATTMETER_SIDES') }}</h2>
        <EdgeScale
          :name="words.text('metersPage.WATTMETER')"
          :marks="wattMarks(dials.plugW)"
          :needles="wattNeedles"
        />
        <p class="hint">
          <template v-if="last">
            {{ words.text('metersPage.DOUBT', { watts: watts(last.read.doubtW) }) }}
          </template>
          <template v-else>{{ words.text('metersPage.CHOOSE_PLUG') }}</template>
        </p>
        <p v-if="last?.read.wattmeterTrouble" class="wrong">
          {{ words.sentence(last.read.wattmeterTrouble) }}
        </p>
      </section>

      <section v-if="readings.length" class="card list">
        <PlainTable>
          <thead>
            <tr>
              <th>{{ words.text('metersPage.CHANNEL') }}</th>
              <th>{{ words.text('metersPage.METER_SWR') }}</th>
              <th>{{ words.text('metersPage.FORWARD_W') }}</th>
              <th>{{ words.text('metersPage.REFLECTED_W') }}</th>
              <th>{{ words.text('metersPage.SWR_FROM_WATTS') }}</th>
              <th>{{ words.text('metersPage.COUNTER') }}</th>
              <th>{{ words.text('metersPage.SPURIOUS') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(r, i) in readings" :key="readings.length - i">
              <td>{{ formatMhz(r.hz) }}</td>
              <td>{{ r.read.meterSwr === undefined ? '–' : formatNeedleSwr(r.read.meterSwr) }}</td>
              <td>{{ r.read.forwardW === undefined ? '–' : watts(r.read.forwardW) }}</td>
              <td>{{ r.read.reflectedW === undefined ? '–' : watts(r.read.reflectedW) }}</td>
              <td>{{ r.read.swrFromWatts === undefined ? '–' : formatSwr(r.read.swrFromWatts) }}</td>
              <td>{{ formatMhz(r.read.counterHz, 6) }}</td>
              <td>{{ r.read.spuriousDbc.toFixed(0).replace('-', '−') }} dBc</td>
            </tr>
          </tbody>
        </PlainTable>
      </section>
    </div>

    <aside class="side">
      <p class="sentence" role="status">{{ sentence }}</p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <template v-if="mayWork">
        <component :is="isSet ? ActionButton : BigAction" :disabled="busy" @click="setNeedle">
          {{ words.text('metersPage.SET') }}
        </component>
        <component :is="isSet ? BigAction : ActionButton" :disabled="busy" @click="readThem">
          {{ words.text('metersPage.READ') }}
        </component>
      </template>
      <p v-else class="soft">{{ words.text('metersPage.VIEWER') }}</p>
      <CautionList :cautions="last?.read.cautions ?? plugs.data.value?.cautions ?? []" />
      <PracticeDrawer @another="another" />
    </aside>
  </div>
</template>

<style scoped>
/* Names of one line and of two stand over fields in one row. */
.bar {
  align-items: end;
}

.list {
  padding: 4px 18px 10px;
  overflow-x: auto;
}

th,
td {
  text-align: right;
  white-space: nowrap;
}

.sentence {
  min-height: 56px;
}

@media (max-width: 1000px) {
  .bar {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
