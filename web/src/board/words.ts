import type { Schemas } from '@/api/client'

export type CardState = Schemas['CardView']['state']
export type Carrier = Schemas['CardView']['carrier']

export const STATES: Record<CardState, string> = {
  PLANNED: 'Planned',
  TUNING: 'Tuning',
  MET: 'Met, not yet tight',
  READY: 'Ready to sign off',
  SIGNED_OFF: 'Signed off',
  SIGNED_OFF_BY_JUDGEMENT: 'Signed off by judgement',
}

export const CARRIERS: Record<Carrier, string> = {
  VEHICLE: 'Vehicle',
  HANDHELD: 'Handheld',
  AIRCRAFT: 'Aircraft',
  MAST: 'Mast or roof',
  INDOOR: 'Indoor',
  PORTABLE: 'Field kit',
}
