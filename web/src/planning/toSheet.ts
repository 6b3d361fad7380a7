import type { LocationQueryRaw } from 'vue-router'
import { writeAddress } from '@/cutting/sheet'
import type { Assessment, Computed, Need } from './choice'

/** The address of the cut sheet of what was planned, in mid band; with what was found where it is solved. */
export function sheetAddress(planned: Assessment | Computed, need: Need): LocationQueryRaw {
  return writeAddress({
    ...planned.sheet,
    frequencyHz: Math.round((need.lowHz + need.highHz) / 2),
    uses: 'BEST',
    stockM: [],
    kerfM: 0,
    antennas: 1,
  })
}
