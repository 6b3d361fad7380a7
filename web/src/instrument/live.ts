import { useWords, type Outcome, type Words } from '@/words/words'
import { onBeforeUnmount, ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import { answer, api, Problem, type Schemas } from '@/api/client'
import type { Curve } from '@/plots/sweepScale'
import { returnLossOfMagnitude } from '@/units/swr'

export type LiveSettings = Schemas['LiveRequest']

/** One sweep as the server streams it: reflection re 50 Ω at evenly spaced frequencies. */
export type LiveSweep = Schemas['LiveSweep']

/** The curve of a sweep: frequencies in Hz and return loss in dB. */
export function curveOf(sweep: LiveSweep): Curve {
  const last = sweep.re.length - 1
  return {
    frequencyHz: sweep.re.map((_, i) => sweep.startHz + ((sweep.stopHz - sweep.startHz) * i) / last),
    returnLossDb: sweep.re.map((re, i) => returnLossOfMagnitude(Math.hypot(re, sweep.im[i] ?? 0))),
  }
}

const POINTS = [51, 101, 201, 401, 801, 1601, 3201, 6401, 12801]

/** How many points a sweep may have, of an instrument that sweeps `most`; the fewest always. */
export const pointsUpTo = (most = 801) => POINTS.filter((p, i) => i === 0 || p <= most)

/** What a sweep says, in one sentence. */
export function sentenceOf(sweep: LiveSweep, words: Words): string {
  if (sweep.looking) return words.text('live.LOOKING')
  if (sweep.flatAndLow) return words.text('live.FLAT_AND_LOW')
  if (sweep.dipHz === undefined || sweep.dipSwr === undefined) return words.text('live.NO_DIP')
  const dip = { dipHz: sweep.dipHz }
  if (!sweep.dipAtEdge) return words.text('live.DIP', { ...dip, swr: sweep.dipSwr })
  const isBelow = sweep.dipHz < (sweep.startHz + sweep.stopHz) / 2
  return words.text(isBelow ? 'live.DIP_BELOW' : 'live.DIP_ABOVE', dip)
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
  const words = useWords()
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
        trouble.value = words.value.sentence(
          (JSON.parse((e as MessageEvent<string>).data) as { says: Outcome }).says,
        )
      })
      source.onerror = () => {
        if (source?.readyState === EventSource.CLOSED) {
          trouble.value = words.value.text('live.LOST')
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
