import { onBeforeUnmount, ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import type { Curve } from '@/plots/sweepScale'
import { formatMhz } from '@/units/frequency'
import { formatSwr } from '@/units/swr'

export type LiveSettings = Schemas['LiveRequest']

/** One sweep as the server streams it: reflection re 50 Ω at evenly spaced frequencies. */
export interface LiveSweep {
  number: number
  startHz: number
  stopHz: number
  re: number[]
  im: number[]
  tookMs: number
  dipHz?: number
  dipSwr?: number
  dipAtEdge?: boolean
}

const LEAST_MAGNITUDE = 1e-4

/** The curve of a sweep: frequencies in Hz and return loss in dB. */
export function curveOf(sweep: LiveSweep): Curve {
  const last = sweep.re.length - 1
  return {
    frequencyHz: sweep.re.map((_, i) => sweep.startHz + ((sweep.stopHz - sweep.startHz) * i) / last),
    returnLossDb: sweep.re.map(
      (re, i) => -20 * Math.log10(Math.max(LEAST_MAGNITUDE, Math.hypot(re, sweep.im[i] ?? 0))),
    ),
  }
}

/** Too good to be true over so wide a span is loss: common practice, no source. */
const TOO_GOOD_MAGNITUDE = 0.06
const TOO_GOOD_WIDTH = 0.08

/** What a sweep says, in one sentence. */
export function sentenceOf(sweep: LiveSweep): string {
  const wide = sweep.stopHz - sweep.startHz > TOO_GOOD_WIDTH * sweep.startHz
  if (wide && sweep.re.every((re, i) => Math.hypot(re, sweep.im[i] ?? 0) < TOO_GOOD_MAGNITUDE)) {
    return 'Flat and low over the whole span: a dummy load or a lossy line, not an antenna.'
  }
  if (sweep.dipHz === undefined || sweep.dipSwr === undefined) {
    return 'No dip in this span. Find the dip, or sweep wider.'
  }
  if (sweep.dipAtEdge) {
    const low = sweep.dipHz < (sweep.startHz + sweep.stopHz) / 2
    return `Still falling at ${formatMhz(sweep.dipHz)} MHz: the dip lies ${low ? 'below' : 'above'} this span.`
  }
  return `Dip at ${formatMhz(sweep.dipHz)} MHz, SWR ${formatSwr(sweep.dipSwr)}.`
}

const WIDEST: [number, number] = [1e6, 1e9]

/** The span about the same centre, `factor` times as wide, kept inside what an analyser covers. */
export function widened(settings: LiveSettings, factor: number): LiveSettings {
  const centre = (settings.startHz + settings.stopHz) / 2
  const half = ((settings.stopHz - settings.startHz) / 2) * factor
  return {
    ...settings,
    startHz: Math.round(Math.max(WIDEST[0], centre - half)),
    stopHz: Math.round(Math.min(WIDEST[1], centre + half)),
  }
}

const NARROW_SHARE = 0.06

/**
 * The next step of looking for the dip: wider while there is none inside, then narrow about it.
 *
 * @returns the next settings and whether the dip was found
 */
export function nextLook(
  settings: LiveSettings,
  sweep: LiveSweep,
): { settings: LiveSettings; found: boolean } {
  if (sweep.dipHz === undefined || sweep.dipAtEdge) return { settings: widened(settings, 2), found: false }
  return {
    settings: {
      ...settings,
      startHz: Math.round(sweep.dipHz * (1 - NARROW_SHARE)),
      stopHz: Math.round(sweep.dipHz * (1 + NARROW_SHARE)),
    },
    found: true,
  }
}

/** A Touchstone 1.1 file of a sweep. */
export function touchstoneOf(sweep: LiveSweep, note: string): string {
  const { frequencyHz } = curveOf(sweep)
  const lines = frequencyHz.map((hz, i) => `${hz.toFixed(0)} ${sweep.re[i]} ${sweep.im[i]}`)
  return [`! ${note}`, '# Hz S RI R 50', ...lines, ''].join('\n')
}

export interface Live {
  running: Ref<boolean>
  sweep: ShallowRef<LiveSweep | undefined>
  trouble: Ref<string>
  start: (settings: LiveSettings) => Promise<void>
  change: (settings: LiveSettings) => Promise<void>
  stop: () => Promise<void>
}

/** Continuous sweeps from the server while this component lives. */
export function useLive(): Live {
  const running = ref(false)
  const sweep = shallowRef<LiveSweep>()
  const trouble = ref('')
  let id: string | undefined
  let source: EventSource | undefined

  async function guarded(action: () => Promise<void>) {
    trouble.value = ''
    try {
      await action()
    } catch (error) {
      if (!(error instanceof Problem)) throw error
      trouble.value = error.message
    }
  }

  const start = (settings: LiveSettings) =>
    guarded(async () => {
      const live = await answer(api.POST('/api/live', { body: settings }))
      id = live.id
      source = new EventSource(`/api/live/${live.id}/events`)
      source.addEventListener('sweep', (e) => {
        sweep.value = JSON.parse((e as MessageEvent<string>).data) as LiveSweep
        trouble.value = ''
      })
      source.addEventListener('trouble', (e) => {
        trouble.value = (JSON.parse((e as MessageEvent<string>).data) as { sentence: string }).sentence
      })
      source.onerror = () => {
        if (source?.readyState === EventSource.CLOSED) {
          trouble.value = 'The connection to the server was lost. Start again.'
          close()
        }
      }
      running.value = true
    })

  function close() {
    source?.close()
    source = undefined
    id = undefined
    running.value = false
  }

  const change = (settings: LiveSettings) =>
    guarded(async () => {
      if (id) await answer(api.PUT('/api/live/{id}', { params: { path: { id } }, body: settings }))
    })

  const stop = () =>
    guarded(async () => {
      const was = id
      close()
      if (was) await answer(api.DELETE('/api/live/{id}', { params: { path: { id: was } } }))
    })

  onBeforeUnmount(() => void stop())
  return { running, sweep, trouble, start, change, stop }
}
