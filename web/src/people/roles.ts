import type { Schemas } from '@/api/client'
import type { Words } from '@/words/words'

export type Role = Schemas['PersonView']['role']

const ROLES: Role[] = ['TECHNICIAN', 'LEAD', 'VIEWER']

/** What somebody may do. */
export const roleOptions = (words: Words) =>
  ROLES.map((value) => ({ value, word: words.text(`peoplePage.role.${value}`) }))
