import type { Schemas } from '@/api/client'
import { formatLength, parseLength, type LengthUnit } from '@/units/length'
import { capital, type Words } from '@/words/words'
import type { Installation, Pass } from './sentence'

/** One part of the antenna, as it is typed at the sign-off. */
export interface PartDraft {
  name: string
  partLength: string
  note: string
}

export const freshPart = (): PartDraft => ({ name: '', partLength: '', note: '' })

/** What is known of the antenna: the adjusted piece with its length as it was worked out, and the second piece. */
export function partsOf(installation: Installation, pass: Pass, unit: LengthUnit, words: Words): PartDraft[] {
  const first = {
    ...freshPart(),
    name: capital(words.phrase(installation.antennaPiece)),
    partLength: pass.lengthM === undefined ? '' : formatLength(pass.lengthM, unit, true),
  }
  const second = installation.second
  return second ? [first, { ...freshPart(), name: capital(words.text(`piece.${second.id}`)) }] : [first]
}

/** What is sent, and what cannot be used, named as the server names it. */
export function readParts(
  parts: PartDraft[],
  unit: LengthUnit,
): { parts: Schemas['SignedPart'][]; wrong: Record<string, string> } {
  const wrong: Record<string, string> = {}
  const read = parts.map((p, i) => {
    const length = p.partLength.trim() ? parseLength(p.partLength, unit) : undefined
    if (length && !length.ok) wrong[`parts[${i}].lengthM`] = length.why
    return { name: p.name, note: p.note, ...(length?.ok ? { lengthM: length.value } : {}) }
  })
  return { parts: read, wrong }
}
