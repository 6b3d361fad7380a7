import { select } from 'd3-selection'
import { zoom, zoomIdentity, type D3ZoomEvent, type ZoomTransform } from 'd3-zoom'
import { computed, watch, type ComputedRef, type Ref } from 'vue'
import { floorDb, sweepScale, type Curve, type SweepScale } from '../sweepScale'
import type { PlotSize } from '../useFrame'
import { newest, type Peg, type PlotTrace } from './trace'

/** What of a sweep is seen, and how: its scales, and as far as somebody has zoomed. */
export interface SweepView {
  inner: PlotSize
  /** Before anybody zooms; the curves are laid out once on it, and zooming only stretches them. */
  base: SweepScale
  scale: SweepScale
  stretch: string
  wholeSpan: [number, number]
  shownSpan: [number, number]
}

/** How deep a dip is that nobody has measured is not known; the picture need not show its bottom. */
const DEEPEST_GUESS_DB = 22
const MOST_ZOOM = 60

/** The newest sweep and every wanted channel: what must be in the picture before anybody zooms. */
export function wholeSpanOf(traces: PlotTrace[], pegs: Peg[]): [number, number] {
  const now = newest(traces)
  const curve = (now ?? traces[0])?.curve
  const wanted = pegs.map((p) => p.frequencyHz)
  const band = now?.band?.frequencyHz
  if (band) return [Math.min(band[0] ?? Infinity, ...wanted), Math.max(band.at(-1) ?? -Infinity, ...wanted)]
  // Where nothing was swept, all that was read.
  const read = curve?.frequencyHz.length ? [] : traces.flatMap((t) => (t.points ?? []).map((p) => p.hz))
  const low = Math.min(curve?.frequencyHz[0] ?? Infinity, ...wanted, ...read)
  const high = Math.max(curve?.frequencyHz.at(-1) ?? -Infinity, ...wanted, ...read)
  const isSwept = curve && low >= (curve.frequencyHz[0] ?? 0) && high <= (curve.frequencyHz.at(-1) ?? 0)
  const pad = isSwept ? 0 : (high - low || high * 0.02) * 0.02
  return [low - pad, high + pad]
}

const heightsOf = (t: PlotTrace, [low, high]: [number, number]): Curve => {
  const isSeen = (hz: number | undefined) => hz !== undefined && hz >= low && hz <= high
  return {
    frequencyHz: [],
    returnLossDb: [
      ...t.curve.returnLossDb.filter((_, i) => isSeen(t.curve.frequencyHz[i])),
      ...(t.points ?? []).filter((p) => isSeen(p.hz)).map((p) => Math.min(DEEPEST_GUESS_DB + 8, p.db + 2)),
      ...(t.band?.leastReturnLossDb ?? [])
        .filter((_, i) => isSeen(t.band?.frequencyHz[i]))
        .map((db) => Math.min(DEEPEST_GUESS_DB, db)),
    ],
  }
}

/**
 * Scales that follow the traces, the room there is and the zoom on `surface`.
 *
 * @param inner the picture within its margins
 * @param transform how far somebody has zoomed: theirs who lay out the margins by it
 */
export function useSweepView(
  of: { traces: PlotTrace[]; pegs: Peg[]; limit: { swr: number }; span?: [number, number] },
  inner: ComputedRef<PlotSize>,
  surface: Readonly<Ref<SVGRectElement | null>>,
  transform: Ref<ZoomTransform>,
) {
  const wholeSpan = computed(() => of.span ?? wholeSpanOf(of.traces, of.pegs))
  const base = computed(() =>
    sweepScale(
      wholeSpan.value,
      floorDb(
        of.traces.map((t) => heightsOf(t, wholeSpan.value)),
        of.limit.swr,
      ),
      inner.value,
    ),
  )
  const view = computed<SweepView>(() => {
    const scale = { ...base.value, x: transform.value.rescaleX(base.value.x) }
    return {
      inner: inner.value,
      base: base.value,
      scale,
      stretch: `translate(${transform.value.x} 0) scale(${transform.value.k} 1)`,
      wholeSpan: wholeSpan.value,
      shownSpan: scale.x.domain() as [number, number],
    }
  })
  const isZoomed = computed(() => transform.value.k !== 1)

  function behaviour() {
    const { width, height } = inner.value
    const all: [[number, number], [number, number]] = [
      [0, 0],
      [width, height],
    ]
    return zoom<SVGRectElement, unknown>()
      .scaleExtent([1, MOST_ZOOM])
      .extent(all)
      .translateExtent(all)
      .on('zoom', (event: D3ZoomEvent<SVGRectElement, unknown>) => {
        transform.value = event.transform
      })
  }
  const on = () => (surface.value ? select(surface.value) : undefined)

  function whole() {
    on()?.call(behaviour().transform, zoomIdentity)
    transform.value = zoomIdentity
  }
  const zoomBy = (factor: number) => on()?.call(behaviour().scaleBy, factor)

  watch([surface, () => inner.value.width, () => inner.value.height], () => on()?.call(behaviour()), {
    flush: 'post',
  })
  watch(wholeSpan, (a, b) => {
    if (a[0] !== b[0] || a[1] !== b[1]) whole()
  })
  return { view, isZoomed, whole, zoomBy }
}
