import { Book, Briefcase, Compass, Flask, Tools, WaveSine } from '@vicons/tabler'
import { defineAsyncComponent, type Component } from 'vue'

/** A screen with an address of its own. Its words are `shell.page.<id>` of the catalogue. */
export interface PlacePage {
  id: string
  path: string
  /** Other addresses that belong to it. */
  also?: RegExp
  notForViewers?: boolean
}

/** One of the six places of the work; the first of its pages is where it begins. */
export interface Place {
  id: string
  icon: Component
  /** What all its pages share, beside their names. */
  tools?: Component
  pages: PlacePage[]
}

export const PLACES: Place[] = [
  {
    id: 'JOBS',
    icon: Briefcase,
    pages: [
      { id: 'BOARD', path: '/', also: /^\/installations\/(?!new)/ },
      { id: 'NEW', path: '/installations/new', notForViewers: true },
      { id: 'DUE', path: '/due' },
    ],
  },
  {
    id: 'PLAN',
    icon: Compass,
    tools: defineAsyncComponent(() => import('@/planning/PlanShelf.vue')),
    pages: [
      { id: 'ANTENNA', path: '/plan' },
      { id: 'GROUND', path: '/plan/ground' },
      { id: 'POWER', path: '/plan/watts' },
      { id: 'PAPER', path: '/plan/paper' },
    ],
  },
  { id: 'BUILD', icon: Tools, pages: [{ id: 'SHEETS', path: '/cutting' }] },
  {
    id: 'MEASURE',
    icon: WaveSine,
    pages: [
      { id: 'LIVE', path: '/live' },
      { id: 'METERS', path: '/live/meters' },
      { id: 'RADIOS', path: '/radios', also: /^\/radios\// },
      { id: 'FILES', path: '/files', notForViewers: true },
      { id: 'COMPARE', path: '/desk' },
      { id: 'CALIBRATIONS', path: '/desk/calibrations' },
      { id: 'INSTRUMENTS', path: '/instruments' },
    ],
  },
  {
    id: 'SHOP',
    icon: Book,
    pages: [
      { id: 'BOOK', path: '/book' },
      { id: 'CATALOGUE', path: '/catalogue' },
      { id: 'LESSONS', path: '/lessons' },
      { id: 'NUMBERS', path: '/numbers' },
      { id: 'STATIONS', path: '/stations' },
      { id: 'PEOPLE', path: '/people' },
      { id: 'REMOVED', path: '/removed' },
    ],
  },
  {
    id: 'PRACTICE',
    icon: Flask,
    pages: [
      { id: 'BENCH', path: '/practice' },
      { id: 'EXERCISES', path: '/exercises', also: /^\/exercises\// },
      { id: 'MODEL', path: '/model' },
    ],
  },
]

const isAt = (page: PlacePage, path: string) => page.path === path || page.also?.test(path) === true

/** Where `path` lies; nothing for a person's own page. */
export function placeOf(path: string): { place: Place; page: PlacePage } | undefined {
  for (const place of PLACES) {
    const page = place.pages.find((p) => isAt(p, path))
    if (page) return { place, page }
  }
  return undefined
}

export const pagesFor = (place: Place, isViewer: boolean) =>
  place.pages.filter((p) => !(isViewer && p.notForViewers))
