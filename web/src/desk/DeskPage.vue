<script setup lang="ts">
import { limitLine } from '@/plots/sweep/limitLine'
import MenuButton from '@/ui/MenuButton.vue'
import SegmentField from '@/ui/SegmentField.vue'
import ActionButton from '@/ui/ActionButton.vue'
import { useWords } from '@/words/words'
import { computed, nextTick, onMounted, ref, useTemplateRef } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api, Problem } from '@/api/client'
import { useCalibrations } from '@/api/calibrations'
import type { ComplexTrace } from '@/plots/complexTrace'
import { savePng, saveSvg, saveText } from '@/plots/download'
import EchoPlot from '@/plots/EchoPlot.vue'
import ReactancePlot from '@/plots/ReactancePlot.vue'
import SmithPlot from '@/plots/SmithPlot.vue'
import BandedSweep from '@/plots/BandedSweep.vue'
import type { PlotTrace } from '@/plots/sweep/trace'
import { formatMetres } from '@/units/length'
import { returnLossOfSwr } from '@/units/swr'
import { calibrationOptions } from './calibration'
import { hiddenDb, readLimit } from './desk'
import DeskFields from './DeskFields.vue'
import DeskTables from './DeskTables.vue'
import KeepTrace from './KeepTrace.vue'
import LineFinder from './LineFinder.vue'
import TraceList from './TraceList.vue'
import { useDesk } from './useDesk'

/** Traces from anywhere, with no installation: read, looked at in every way, compared. */
const words = useWords()
const desk = useDesk()
const {
  traces,
  settings,
  chosen,
  look,
  looks,
  comparison,
  wanted,
  trouble,
  line,
  lineLength,
  isTooMuchToKeep,
} = desk
const { calibrations } = useCalibrations()
const route = useRoute()
const VIEWS = ['sweep', 'smith', 'ohms', 'distance'] as const
const views = computed(() =>
  VIEWS.map((value) => ({ value, word: words.value.text(`deskPage.view.${value}`) })),
)
const picture = ref<(typeof VIEWS)[number]>('sweep')
const markers = ref<number[]>([])
const stage = useTemplateRef<HTMLElement>('stage')
const limitSwr = computed(() => readLimit(settings.value.limit))

const seen = (id: string) => looks.value.get(id)?.trace
const returnLoss = (re: number[], im: number[]) =>
  re.map((r, i) => -20 * Math.log10(Math.max(1e-3, Math.hypot(r, im[i] ?? 0))))
const curves = computed<PlotTrace[]>(() =>
  traces.value
    .flatMap((t) => {
      const s = seen(t.id)
      return s
        ? [
            {
              id: t.id,
              label: t.name,
              kind: t.id === chosen.value?.id ? ('now' as const) : ('earlier' as const),
              tone: t.tone,
              curve: { frequencyHz: s.frequencyHz, returnLossDb: returnLoss(s.re, s.im) },
            },
          ]
        : []
    })
    .sort((a, b) => Number(a.kind === 'now') - Number(b.kind === 'now')),
)
const complex = computed<ComplexTrace[]>(() =>
  traces.value.flatMap((t) => {
    const s = seen(t.id)
    return s?.hasPhase
      ? [{ id: t.id, label: t.name, tone: t.tone, isChosen: t.id === chosen.value?.id, ...s }]
      : []
  }),
)
const chosenComplex = computed(() => complex.value.find((t) => t.isChosen))
const pegs = computed(() =>
  (look.value?.analysis.wanted ?? []).map((w) => ({
    name: (w.frequencyHz / 1e6).toFixed(3).replace(/0{1,2}$/, ''),
    frequencyHz: w.frequencyHz,
    ...(w.swr === undefined ? {} : { swr: w.swr, returnLossDb: returnLossOfSwr(w.swr) }),
    met: look.value?.metHz.includes(w.frequencyHz) ?? false,
    outside: w.outside,
  })),
)
/** Those that are compared: each in its band. */
const dips = computed(() =>
  (comparison.value?.bands ?? []).flatMap((b) => b.shifts.flatMap((s) => s.dip?.frequencyHz ?? [])),
)
const limit = computed(() => limitLine(limitSwr.value, words.value))
const cannot = computed(() => {
  if (!look.value) return ''
  if (picture.value !== 'sweep' && !look.value.trace.hasPhase) return words.value.text('deskPage.NEEDS_PHASE')
  if (picture.value === 'distance' && !look.value.profile) return words.value.text('deskPage.NEEDS_LINE')
  return ''
})
const says = computed(() => {
  const t = chosen.value
  if (!t || !look.value) return words.value.text('deskPage.DROP_ONE')
  return picture.value === 'distance' && look.value.faults
    ? words.value.sentence(look.value.faults.says)
    : words.value.sentence(look.value.says)
})

async function fromInstallation(id: string) {
  try {
    const passes = await answer(api.GET('/api/installations/{id}/passes', { params: { path: { id } } }))
    const last = passes.at(-1)
    if (last) await desk.addPass(last.id)
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
  }
}
onMounted(() => {
  const pass = route.query.pass
  if (typeof pass === 'string') void desk.addPass(pass)
})

async function correct(id: string) {
  const t = chosen.value
  const used = calibrations.data.value?.find((c) => c.id === id)
  if (!t || !used) return
  if (t.correctedWith) {
    trouble.value = words.value.text('deskPage.CORRECTED_ALREADY', {
      name: t.name,
      calibration: t.correctedWith,
    })
    return
  }
  try {
    const corrected = await answer(
      api.POST('/api/calibrations/{id}/correct', {
        params: { path: { id: used.id } },
        body: { trace: t.trace },
      }),
    )
    traces.value = traces.value.map((other) =>
      other.id === t.id
        ? {
            ...other,
            name: words.value.text('deskPage.CORRECTED', { name: t.name }),
            trace: corrected.trace,
            correctedWith: used.name,
            warnings: [
              ...t.warnings,
              { id: 'desk.CORRECTED_WITH', params: { name: used.name } },
              ...corrected.warnings,
            ],
          }
        : other,
    )
  } catch (error) {
    if (!(error instanceof Problem)) throw error
    trouble.value = error.message
  }
}

async function save(form: string) {
  await nextTick()
  const svg = stage.value?.querySelector('svg')
  const name = chosen.value?.name ?? 'trace'
  if (form === 'svg' && svg) saveSvg(svg, name)
  else if (form === 'png' && svg) await savePng(svg, name)
  else if (look.value) {
    try {
      const text = await answer(
        api.POST('/api/traces/write', {
          body: {
            trace: look.value.trace,
            note: name,
            form: form as 'CSV' | 'TOUCHSTONE_1' | 'TOUCHSTONE_2',
          },
          parseAs: 'text',
        }),
      )
      saveText(text, `${name}.${form === 'CSV' ? 'csv' : 's1p'}`, 'text/plain')
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      trouble.value = error.message
    }
  }
}
</script>

<template>
  <div class="desk">
    <div class="work">
      <TraceList
        :traces="traces"
        :chosen="chosen?.id"
        @files="desk.addFiles"
        @installation="fromInstallation"
        @choose="(id) => (desk.chosenId.value = id)"
        @remove="desk.remove"
        @port="desk.takePort"
      />
      <section class="card picture">
        <div class="buttons">
          <SegmentField v-model="picture" :name="words.text('deskPage.PICTURE')" :options="views" />
          <MenuButton
            v-if="traces.length"
            class="save"
            :word="words.text('deskPage.SAVE_AS')"
            :options="[
              { value: 'png', word: words.text('deskPage.PNG') },
              { value: 'svg', word: words.text('deskPage.SVG') },
              { value: 'TOUCHSTONE_1', word: words.text('deskPage.TOUCHSTONE_1') },
              { value: 'TOUCHSTONE_2', word: words.text('deskPage.TOUCHSTONE_2') },
              { value: 'CSV', word: words.text('deskPage.CSV') },
            ]"
            @chosen="save"
          />
        </div>
        <div ref="stage" class="stage" :class="{ several: (comparison?.bands.length ?? 0) > 1 }">
          <p v-if="!traces.length" class="soft empty">
            {{ words.text('deskPage.NO_TRACES') }}
          </p>
          <p v-else-if="cannot" class="soft empty">{{ cannot }}</p>
          <BandedSweep
            v-else-if="picture === 'sweep' && curves.length"
            v-model:markers="markers"
            :traces="curves"
            :pegs="pegs"
            :limit="limit"
            :bands="comparison?.bands ?? []"
            :dips="dips"
            :caption="words.text('deskPage.CAPTION_SWEEP')"
          />
          <SmithPlot
            v-else-if="picture === 'smith'"
            :traces="complex"
            :markers="markers"
            :pegs="pegs"
            :swr="limitSwr"
            :caption="words.text('deskPage.CAPTION_SMITH')"
          />
          <ReactancePlot
            v-else-if="picture === 'ohms' && chosenComplex"
            :trace="chosenComplex"
            :markers="markers"
            :pegs="pegs"
            :caption="words.text('deskPage.CAPTION_OHMS', { name: chosen?.name ?? '' })"
          />
          <EchoPlot
            v-else-if="picture === 'distance' && look?.profile && look.faults"
            :profile="look.profile"
            :faults="look.faults"
            :length-m="line?.lengthM ?? 0"
            :caption="words.text('deskPage.CAPTION_ECHOES', { says: words.sentence(look.faults.says) })"
          />
        </div>
        <p v-if="picture === 'sweep' && traces.length" class="hint">
          {{ words.text('deskPage.MARKERS') }}
        </p>
      </section>
      <DeskTables
        v-if="traces.length"
        :traces="traces"
        :looks="looks"
        :comparison="comparison"
        :chosen="chosen"
        :markers="markers"
      />
    </div>

    <aside class="side">
      <p class="sentence" role="status">{{ says }}</p>
      <p v-if="trouble" class="wrong" role="alert">{{ trouble }}</p>
      <p v-if="isTooMuchToKeep" class="caution">
        {{ words.text('deskPage.TOO_MUCH') }}
      </p>
      <template v-if="look">
        <template v-if="picture === 'distance' && look.faults">
          <p class="soft">
            {{
              words.text('deskPage.RESOLVES', {
                resolution: formatMetres(look.faults.resolutionM),
                reach: formatMetres(look.faults.reachM),
              })
            }}
            {{ look.faults.sweepNext ? words.sentence(look.faults.sweepNext) : '' }}
          </p>
          <ul v-if="look.faults.events.length" class="found">
            <li v-for="e in look.faults.events" :key="e.distanceM">
              <b>{{ formatMetres(e.distanceM) }}</b> ± {{ e.doubtM.toFixed(2) }} m: {{ words.phrase(e.kind)
              }}{{ e.what === 'end' || e.sure ? '' : `, ${words.text('deskPage.BY_ITS_SIZE')}` }},
              {{ e.returnLossDb.toFixed(0) }} dB
            </li>
          </ul>
        </template>
        <p v-for="d in look.doubts" :key="d.id" class="caution">{{ words.sentence(d) }}</p>
        <p v-if="comparison?.steadiness" :class="comparison.steadiness.steady ? 'soft' : 'caution'">
          {{ words.text('deskPage.AS_REPEATED', { says: words.sentence(comparison.steadiness.says) }) }}
          <ActionButton
            v-if="traces.length < 8"
            quiet
            @click="desk.addTrace(words.text('deskPage.AVERAGE'), comparison.steadiness.mean)"
          >
            {{ words.text('deskPage.ADD_AVERAGE') }}
          </ActionButton>
        </p>
        <p v-for="e in look.lineEffects" :key="e.frequencyHz" class="effect">
          <b>{{ (e.frequencyHz / 1e6).toFixed(3) }}</b> {{ words.sentence(e.says) }}
        </p>
        <p v-if="look.noise !== undefined" class="soft">
          {{ words.text('trace.NOISE_HIDES', { deepestDb: hiddenDb(look.noise) }) }}
        </p>
      </template>
      <KeepTrace v-if="chosen" :trace="chosen" />
      <DeskFields
        v-model="settings"
        :feedlines="desk.feedlines.value"
        :wrong-wanted="wanted.why"
        :wrong-length="lineLength.ok ? '' : lineLength.why"
        :may-move="look?.trace.hasPhase ?? true"
      />
      <MenuButton
        v-if="chosen?.trace.hasPhase && calibrations.data.value?.length"
        :word="words.text('deskPage.CORRECT_WITH')"
        :options="calibrationOptions(calibrations.data.value, words)"
        @chosen="correct"
      />
      <LineFinder
        v-if="chosen?.trace.hasPhase"
        :trace="chosen.trace"
        @found="
          (m) => {
            settings.lineLength = `${m.toFixed(2)} m`
          }
        "
      />
      <RouterLink class="other" to="/desk/calibrations">{{ words.text('deskPage.CALIBRATIONS') }}</RouterLink>
    </aside>
  </div>
</template>

<style scoped>
.picture {
  padding: 8px 10px;
}

.save {
  margin-left: auto;
}

.stage {
  height: clamp(380px, calc(100vh - 360px), 640px);
  padding-top: 6px;
}

.stage.several {
  height: auto;
  min-height: 380px;
}

.empty {
  padding: 60px 20px;
}

.found {
  margin: 0;
  padding-left: 18px;
}

.effect {
  font-size: 15px;
}
</style>
