import type { Schemas } from '@/api/client'

export type Role = Schemas['PersonView']['role']

/** What somebody may do, in the words of the page. */
export const ROLES: { value: Role; word: string }[] = [
  { value: 'TECHNICIAN', word: 'Technician' },
  { value: 'LEAD', word: 'Lead' },
  { value: 'VIEWER', word: 'Viewer' },
]
