/** Whatever is read of installations and changes with any of them: the board, the book, numbers. */
export const BOARD = ['board'] as const

/** Changes are told as they come; this is for where telling fails. */
export const NOW_AND_THEN_MS = 60_000
