import { curveOf as curveOfLive, type LiveSweep } from '@/instrument/live'
import type { Peg, PlotTrace, ReadPoint } from '@/plots/sweep/trace'
import { returnLossOfSwr } from '@/units/swr'
import type { Words } from '@/words/words'
import { ownPasses } from './road'
import { adviceName, passName, type Installation, type Pass } from './sentence'

const EMPTY = { frequencyHz: [], returnLossDb: [] }

/** A curve is drawn where one was swept, and nowhere else. */
const curveOf = (p: Pass) => p.trace ?? EMPTY

/** What was read at single channels, with its doubt; a needle at its end has none above. */
function pointsOf(p: Pass): { points?: ReadPoint[] } {
  if (!p.estimate) return {}
  const points = p.verdict.channels.flatMap(({ reading: r }) =>
    r.swr === undefined || r.returnLossDb === undefined
      ? []
      : [
          {
            hz: r.frequencyHz,
            db: r.returnLossDb,
            lowDb:
              r.highSwr === undefined
                ? r.lowSwr === undefined
                  ? r.returnLossDb
                  : 0
                : returnLossOfSwr(r.highSwr),
            highDb: Math.min(60, returnLossOfSwr(r.lowSwr ?? r.swr)),
          },
        ],
  )
  return points.length ? { points } : {}
}

/** What is drawn of a pass: its curve, else its readings. */
export const drawnOf = (p: Pass) => ({ curve: curveOf(p), ...pointsOf(p) })

/** What is watched, the earlier passes, what is expected, and the pass `now`, if there is one yet. */
export function tracesOf(
  installation: Installation,
  passes: Pass[],
  now: Pass | undefined,
  live: LiveSweep | undefined,
  words: Words,
): PlotTrace[] {
  const watched: PlotTrace[] = live
    ? [{ id: 'live', label: words.text('tuning.LIVE'), kind: 'now', curve: curveOfLive(live) }]
    : []
  if (!now) return watched
  const own = ownPasses(passes)
  const name = (p: Pass) => passName(p, installation, words, p.id === own[0]?.id)
  const isLast = now.id === (own.at(-1) ?? now).id
  const earlier = passes
    .filter((p) => p.number < now.number || (p.oldAntenna && p.id !== now.id))
    .map<PlotTrace>((p) => ({ id: p.id, label: name(p), kind: 'earlier', ...drawnOf(p) }))
  return [
    ...watched,
    ...earlier,
    ...(isLast && !live ? expected(now, installation, words) : []),
    {
      id: now.id,
      label: now.estimate
        ? words.text('tuning.READ')
        : isLast && !live
          ? words.text('tuning.NOW')
          : name(now),
      kind: live ? 'earlier' : now.estimate ? 'guess' : 'now',
      ...drawnOf(now),
      ...(now.estimate && !live ? { band: now.estimate.band } : {}),
    },
  ]
}

function expected(now: Pass, installation: Installation, words: Words): PlotTrace[] {
  const a = now.advice
  if (!a?.expected) return []
  const label = words.text('tuning.EXPECTED', { change: adviceName(a, installation, words) })
  return [{ id: 'expected', label, kind: 'expected', curve: a.expected }]
}

/** The wanted channels in the sweep that is watched, else in `pass`; judged by the server, both alike. */
export function pegsOf(pass: Pass | undefined, live: LiveSweep | undefined): Peg[] {
  return (live?.verdict?.channels ?? pass?.verdict.channels ?? []).map((c) => ({
    name: c.name,
    frequencyHz: c.reading.frequencyHz,
    ...(c.reading.swr === undefined ? {} : { swr: c.reading.swr }),
    ...(c.reading.returnLossDb === undefined ? {} : { returnLossDb: c.reading.returnLossDb }),
    met: c.met,
    outside: c.reading.outside,
  }))
}
