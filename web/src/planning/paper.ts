import type { Words } from '@/words/words'
import type { Schemas } from '@/api/client'

type Part = Schemas['PartView']
type Way = Schemas['Way']

const pieces = (n: number) => (n === 1 ? '' : `${n} × `)

/** What to buy or cut, line by line: the antenna's metal, then the line of the first way with its connectors. */
export function partLines(
  parts: Part[],
  way: Way | undefined,
  feedlines: Map<string, string>,
  length: (m: number) => string,
  words: Words,
): string[] {
  const metal = parts.map(
    (p) =>
      `${pieces(p.count)}${length(p.lengthM)} of ${(p.diameterM * 1000).toFixed(1)} mm ${words.phrase(p.material)} ${p.tube ? 'tube' : 'rod or wire'}, plus allowance`,
  )
  if (!way) return metal
  const line = (id: string) => feedlines.get(id) ?? id
  const feed = [
    `${length(way.lineM)} of ${line(way.line)}`,
    ...(way.jumperM > 0 ? [`jumper: ${length(way.jumperM)} of ${line(way.jumper)}`] : []),
    `${way.connectors} connectors to suit`,
    `radio: ${way.ratedW} W, rated for SWR up to ${way.ceilingSwr}`,
    ...(way.tunerLossDb === undefined ? [] : ['tuner at the radio']),
  ]
  return [...metal, ...feed]
}
