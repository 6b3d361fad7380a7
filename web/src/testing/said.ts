import type { Outcome } from '@/words/words'

/** An outcome that no catalogue knows, so that it is said as it comes. */
export const said = (text: string): Outcome & { text: string } => ({ id: 'test.SAID', params: {}, text })
