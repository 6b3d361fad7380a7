import type { RouteLocationRaw } from 'vue-router'
import { MOST_ANTENNAS, writeAddress } from '@/cutting/sheet'
import { emptyNeed, type NeedForm } from '@/planning/choice'
import { emptyStation, type StationForm } from '@/planning/station/plan'
import { formatChannelMhz, formatMhz } from '@/units/frequency'
import type { Installation, Pass } from './sentence'

/** Of one channel alone a band is planned that is this much wider on both sides. */
const AROUND_ONE = 0.003

/** What is wanted of an antenna for this installation; of several bands the lowest. */
export function needOf(i: Installation): NeedForm {
  const band = i.bands[0] ?? { lowHz: 0, highHz: 0 }
  const around = band.lowHz === band.highHz ? band.lowHz * AROUND_ONE : 0
  return {
    ...emptyNeed(),
    carrier: i.carrier,
    low: formatChannelMhz(band.lowHz - around),
    high: formatChannelMhz(band.highHz + around),
    limit: String(i.ruleLimitSwr),
  }
}

/** The worst SWR where the antenna plugs in, if it was read or follows from the line; at the radio the line hides a part of it. */
function atTheAntenna(last: Pass | undefined): number | undefined {
  return last?.plane === 'ANTENNA' ? last.verdict.worstSwr : last?.otherEnd?.worstSwr
}

/** Its radio, its line and its SWR as the first way to the air; beside it the same with a better line, where the line is known. */
export function stationOf(i: Installation, last: Pass | undefined): StationForm {
  const atAntenna = atTheAntenna(last)
  // Without a known line what was read at the radio is taken for the antenna's, with no line between.
  const swr = atAntenna ?? (i.feedlineType ? undefined : last?.verdict.worstSwr)
  const usual = emptyStation()
  const main = i.channels.find((c) => c.primary) ?? i.channels[0]
  const way = {
    ...(usual.ways[0] ?? { name: 'A' }),
    watts: String(i.ratedPowerW),
    ceiling: String(i.swrCeiling),
    ...(i.feedlineType
      ? { line: i.feedlineType, lineLength: `${i.feedlineLengthM ?? 0} m` }
      : { lineLength: '0' }),
    ...(swr === undefined ? {} : { swr: swr.toFixed(2) }),
  } as StationForm['ways'][number]
  return {
    ...usual,
    mhz: main ? formatChannelMhz(main.frequencyHz) : usual.mhz,
    ways: i.feedlineType ? [way, { ...way, name: 'B', line: 'foam-10' }] : [way],
  }
}

/** A new sheet for this antenna on its main channel; for so many alike. */
export function sheetFor(i: Installation, antennas = 1): RouteLocationRaw {
  const main = i.channels.find((c) => c.primary) ?? i.channels[0]
  const query = writeAddress({
    kind: i.sheetKind,
    frequencyHz: main?.frequencyHz ?? 0,
    numbers: {},
    choices: {},
    uses: 'BEST',
    stockM: [],
    kerfM: 0,
    antennas: Math.min(antennas, MOST_ANTENNAS),
  })
  return { path: '/cutting', query: { ...query, installation: i.id } }
}

/** The shop's calibrations, with the span that this installation is swept over. */
export function calibrationFor(i: Installation): RouteLocationRaw {
  return {
    path: '/desk/calibrations',
    query: { from: formatMhz(i.sweepStartHz), to: formatMhz(i.sweepStopHz) },
  }
}
