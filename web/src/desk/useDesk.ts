import { useDebounceFn } from '@vueuse/core'
import * as v from 'valibot'
import { keep, like, readKept, type Shape } from '@/kept'
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import { useLatest } from '@/api/latest'
import { readTraceFile } from '@/api/files'
import { useFeedlines } from '@/api/plans'
import { usePreferences } from '@/preferences'
import { parseLength } from '@/units/length'
import { useTypedLengths } from '@/units/typed'
import { parseDecimal } from '@/units/number'
import {
  freeTone,
  MOST_TRACES,
  readLine,
  readWanted,
  usualSettings,
  type DeskSettings,
  type DeskTrace,
  type Feedline,
  type Look,
  readLimit,
} from './desk'

const KEPT = 'dorada.trace-desk'
/** As {@link remember} leaves it; a desk of an older page is not laid out. */
const DESK = v.object({
  settings: like(usualSettings(), {}, { adapterFile: v.optional(v.looseObject({ name: v.string() })) }),
  traces: v.array(
    v.looseObject({
      id: v.string(),
      name: v.string(),
      tone: v.number(),
      trace: v.looseObject({
        frequencyHz: v.array(v.number()),
        re: v.array(v.number()),
        im: v.array(v.number()),
      }),
      warnings: v.array(v.looseObject({ id: v.string() })),
    }),
  ),
}) as unknown as Shape<{ settings: DeskSettings; traces: DeskTrace[] }>
const SETTLE_MS = 250
/** Browsers keep some five million letters; a desk that is larger is not there after a reload. */
const MOST_KEPT_LETTERS = 4_000_000

/** The traces on the desk, how they are looked at, and what comes of it. */
export function useDesk() {
  const preferences = usePreferences()
  /** Replaced, never changed in place: to watch each of a few hundred thousand numbers takes seconds. */
  const traces = shallowRef<DeskTrace[]>([])
  const settings = ref<DeskSettings>(usualSettings())
  const typed = useTypedLengths(settings)
  const chosenId = ref('')
  const looks = shallowRef(new Map<string, Look>())
  const comparison = ref<Schemas['CompareView']>()
  const lines = useFeedlines()
  const feedlines = computed<Feedline[]>(() => lines.data.value ?? [])
  const trouble = ref('')
  const isTooMuchToKeep = ref(false)
  const chosen = computed(() => traces.value.find((t) => t.id === chosenId.value) ?? traces.value[0])
  const look = computed(() => (chosen.value ? looks.value.get(chosen.value.id) : undefined))
  const wanted = computed(() => readWanted(settings.value.wanted))
  const lineLength = computed(() => parseLength(settings.value.lineLength, preferences.unit))
  const line = computed(() =>
    readLine(
      feedlines.value,
      settings.value.feedline,
      lineLength.value.ok ? lineLength.value.value : undefined,
    ),
  )
  const extension = computed(() => {
    const s = settings.value
    if (s.adapter.trim() === '' && s.adapterLoss.trim() === '') return undefined
    const length = s.adapter.trim() === '' ? 0 : parseLength(s.adapter, preferences.unit)
    const loss = s.adapterLoss.trim() === '' ? 0 : parseDecimal(s.adapterLoss)
    const electricalLengthM = typeof length === 'number' ? length : length.ok ? length.value : NaN
    const lossDbAt1GHz = typeof loss === 'number' ? loss : loss.ok ? loss.value : NaN
    return Number.isNaN(electricalLengthM) || Number.isNaN(lossDbAt1GHz)
      ? undefined
      : { electricalLengthM, lossDbAt1GHz }
  })

  function add(found: Omit<DeskTrace, 'id' | 'tone'>): boolean {
    if (traces.value.length >= MOST_TRACES) {
      trouble.value = `${MOST_TRACES} traces are in this comparison; remove one first.`
      return false
    }
    const trace: DeskTrace = { ...found, id: crypto.randomUUID(), tone: freeTone(traces.value) }
    traces.value = [...traces.value, trace]
    chosenId.value = trace.id
    return true
  }

  const asTrace = (read: Schemas['ReadFileView'], file: File, port: number) => ({
    name: file.name.replace(/\.[^.]+$/, ''),
    trace: read.trace,
    ...(read.lacks ? { lacks: read.lacks } : {}),
    warnings: read.warnings,
    file,
    port,
    ports: read.ports,
    columns: read.columns,
    firstRows: read.firstRows,
  })

  /** Several files at once; one that cannot be read does not keep the others off the desk. */
  async function addFiles(files: Iterable<File>) {
    const bad: string[] = []
    trouble.value = ''
    for (const file of files) {
      try {
        if (!add(asTrace(await readTraceFile(file), file, 1))) break
      } catch (error) {
        if (!(error instanceof Problem)) throw error
        bad.push(`${file.name}: ${error.message}`)
      }
    }
    if (bad.length) trouble.value = bad.join(' ')
  }

  async function takePort(id: string, port: number) {
    const there = traces.value.find((t) => t.id === id)
    if (!there?.file) return
    try {
      const read = await readTraceFile(there.file, port)
      traces.value = traces.value.map((t) =>
        t.id === id ? { ...t, ...asTrace(read, there.file as File, port) } : t,
      )
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      trouble.value = error.message
    }
  }

  async function addPass(passId: string) {
    const pass = await answer(api.GET('/api/passes/{id}/trace', { params: { path: { id: passId } } }))
    addTrace(pass.name, pass.trace)
  }

  function addTrace(name: string, trace: Schemas['TraceData']) {
    add({ name, trace, warnings: [], port: 1, ports: 1, columns: [], firstRows: [] })
  }

  function remove(id: string) {
    traces.value = traces.value.filter((t) => t.id !== id)
  }

  const latest = useLatest()
  async function refresh() {
    const signal = latest()
    const s = settings.value
    const found = new Map<string, Look>()
    try {
      for (const t of traces.value) {
        const result = await answer(
          api.POST('/api/traces/look', {
            signal,
            body: {
              trace: t.trace,
              ...(extension.value && t.trace.hasPhase ? { extension: extension.value } : {}),
              ...(settings.value.adapterFile && t.trace.hasPhase
                ? { adapter: settings.value.adapterFile.data }
                : {}),
              ...(line.value ? { line: line.value } : {}),
              view: t.trace.hasPhase && line.value ? s.view : 'AS_MEASURED',
              window: s.window,
              wantedHz: wanted.value.hz,
              limitSwr: readLimit(s.limit),
            },
          }),
        )
        if (signal.aborted) return
        found.set(t.id, result)
      }
      looks.value = found
      comparison.value =
        traces.value.length > 1
          ? await answer(
              api.POST('/api/traces/compare', {
                signal,
                body: {
                  traces: traces.value.map((t) => found.get(t.id)?.trace ?? t.trace),
                  wantedHz: wanted.value.hz,
                },
              }),
            )
          : undefined
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      if (!signal.aborted) trouble.value = error.message
    }
  }

  const settled = useDebounceFn(refresh, SETTLE_MS)
  function changed() {
    void settled()
    remember()
  }
  watch([traces, line], changed)
  watch(settings, changed, { deep: true })

  function remember() {
    const onTheDesk = { settings: typed(), traces: traces.value.map((t) => ({ ...t, file: undefined })) }
    isTooMuchToKeep.value = JSON.stringify(onTheDesk).length >= MOST_KEPT_LETTERS
    keep(KEPT, isTooMuchToKeep.value ? undefined : onTheDesk, sessionStorage)
  }

  watch(lines.error, (error) => {
    if (error) trouble.value = error.message
  })

  onMounted(() => {
    const kept = readKept(KEPT, DESK, sessionStorage)
    if (kept) {
      settings.value = kept.settings
      traces.value = kept.traces
    }
  })

  return {
    traces,
    settings,
    chosen,
    chosenId,
    look,
    looks,
    comparison,
    feedlines,
    line,
    lineLength,
    wanted,
    trouble,
    isTooMuchToKeep,
    addFiles,
    addPass,
    addTrace,
    takePort,
    remove,
  }
}
