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
  const metal = parts.map((p) =>
    words.text(p.tube ? 'paper.TUBE' : 'paper.ROD', {
      length: `${pieces(p.count)}${length(p.lengthM)}`,
      thick: (p.diameterM * 1000).toFixed(1),
      material: words.phrase(p.material),
    }),
  )
  if (!way) return metal
  const line = (id: string) => feedlines.get(id) ?? id
  const feed = [
    words.text('paper.OF_LINE', { length: length(way.lineM), line: line(way.line) }),
    ...(way.jumperM > 0
      ? [words.text('paper.JUMPER', { length: length(way.jumperM), line: line(way.jumper) })]
      : []),
    words.text('paper.CONNECTORS', { count: way.connectors }),
    words.text('paper.RADIO', { power: String(way.ratedW), limit: String(way.ceilingSwr) }),
    ...(way.tunerLossDb === undefined ? [] : [words.text('paper.TUNER')]),
  ]
  return [...metal, ...feed]
}
