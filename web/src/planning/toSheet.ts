import type { LocationQueryRaw } from 'vue-router'
import { writeAddress, type Asked } from '@/cutting/sheet'
import type { Assessment, Need } from './choice'

type Ask = Pick<Asked, 'kind' | 'numbers' | 'choices'>

/** What the room leaves free at floor and ridge for a wire. */
const WALL_M = 0.1
/** Those numbers that were given. */
const given = (numbers: Record<string, number | undefined>): Record<string, number> =>
  Object.fromEntries(Object.entries(numbers).filter((n): n is [string, number] => Boolean(n[1])))
const ofRod = (need: Need) => given({ diameterM: 2 * (need.rodRadiusM ?? 0) })
const ofWire = (need: Need) =>
  given({ diameterM: 2 * (need.wireRadiusM ?? 0), insulationM: need.insulationM })

function sheetOf(candidate: Assessment['candidate'], need: Need): Ask {
  const rod = (kind: string, choices = {}): Ask => ({ kind, numbers: ofRod(need), choices })
  const wire = (kind: string, choices = {}): Ask => ({ kind, numbers: ofWire(need), choices })
  switch (candidate) {
    case 'QUARTER_WAVE':
      return rod(need.carrier === 'AIRCRAFT' ? 'airband-quarter-wave' : 'quarter-wave-whip')
    case 'FIVE_EIGHTHS':
      return rod('five-eighths-whip')
    case 'HALF_WAVE':
      return wire('end-fed-half-wave')
    case 'LOADED_WHIP':
      return rod('loaded-cb-whip')
    case 'RADIALS':
      return rod('rod-ground-plane')
    case 'J_POLE':
      return rod('tube-j-pole')
    case 'RIBBON_J_POLE':
      return { kind: 'ribbon-j-pole', numbers: {}, choices: {} }
    case 'DIPOLE':
      return need.carrier === 'INDOOR' ? wire('dipole') : rod('dipole', { of: 'tube' })
    case 'LOOP':
      return wire('full-wave-loop')
    case 'FOLDED_VERTICAL':
      return {
        kind: 'folded-top-vertical',
        // A wire on the wall has no insulation worth asking for here.
        numbers: given({
          diameterM: 2 * (need.wireRadiusM ?? 0),
          uprightM: need.roomHeightM ? need.roomHeightM - 2 * WALL_M : 0,
        }),
        choices: {},
      }
    case 'BEAM':
      return {
        kind: 'beam',
        numbers: { ...ofRod(need), ...given({ holesM: need.holesM }) },
        choices: { elements: '3' },
      }
    case 'HANDHELD_ROD':
      return rod('handheld-rod', { with: 'none' })
    case 'HANDHELD_COUNTERPOISE':
      return rod('handheld-rod', { with: 'bent' })
  }
}

/** The address of the cut sheet for a chosen candidate, in mid band, with the material on hand. */
export function sheetAddress(candidate: Assessment['candidate'], need: Need): LocationQueryRaw {
  return writeAddress({
    ...sheetOf(candidate, need),
    frequencyHz: Math.round((need.lowHz + need.highHz) / 2),
    uses: 'BEST',
    stockM: [],
    kerfM: 0,
  })
}
