/** Eight strokes for traces of equal standing: each its own colour and its own dashes, so that either alone tells them apart. */
const DASHES = ['', '10 4', '3 3', '14 4 3 4', '6 2', '1 4', '10 3 3 3 3 3', '18 5']

export const TONES = DASHES.length

export const toneStyle = (tone: number | undefined): Record<string, string> =>
  tone === undefined
    ? {}
    : { stroke: `var(--tone-${tone % TONES})`, strokeDasharray: DASHES[tone % TONES] ?? '' }

export const toneText = (tone: number | undefined): Record<string, string> =>
  tone === undefined ? {} : { fill: `var(--tone-${tone % TONES})` }
