import type { LocationQuery } from 'vue-router'
import { CARRIERS, STATES, type CardState, type Carrier } from '@/board/words'
import type { BookAsked } from './queries'

export const PAGE_SIZE = 50

/** What is asked of the book, as it stands in the address; '' for anything. */
export interface BookFilters {
  search: string
  kind: string
  carrier: string
  state: string
  fault: string
  /** Who worked on it. */
  person: string
  /** Days, as 2026-03-12. */
  signedFrom: string
  signedTo: string
  page: string
}

const text = (value: LocationQuery[string] | undefined) => (typeof value === 'string' ? value : '')

const day = (value: LocationQuery[string] | undefined) =>
  /^\d{4}-\d{2}-\d{2}$/.test(text(value)) && !Number.isNaN(Date.parse(text(value))) ? text(value) : ''

/** Whoever follows a link may have any address: what is no carrier, state or page is left away. */
export function filtersOf(query: LocationQuery): BookFilters {
  const [carrier, state, page] = [text(query.carrier), text(query.state), text(query.page)]
  return {
    search: text(query.search).slice(0, 200),
    kind: text(query.kind),
    carrier: CARRIERS.includes(carrier as Carrier) ? carrier : '',
    state: STATES.includes(state as CardState) ? state : '',
    fault: /^[a-zA-Z.]+\.[A-Z_0-9]+$/.test(text(query.fault)) ? text(query.fault) : '',
    person: text(query.person).slice(0, 120),
    signedFrom: day(query.signedFrom),
    signedTo: day(query.signedTo),
    page: /^\d{1,3}$/.test(page) && page !== '0' ? page : '',
  }
}

export const withoutEmpty = (filters: BookFilters): Record<string, string> =>
  Object.fromEntries(Object.entries(filters).filter(([, value]) => value !== '')) as Record<string, string>

export function askedOf(filters: BookFilters): BookAsked {
  return {
    search: filters.search,
    ...(filters.kind ? { kind: filters.kind } : {}),
    ...(filters.carrier ? { carrier: filters.carrier as Carrier } : {}),
    ...(filters.state ? { state: filters.state as CardState } : {}),
    ...(filters.fault ? { fault: filters.fault } : {}),
    ...(filters.person ? { person: filters.person } : {}),
    ...(filters.signedFrom ? { signedFrom: filters.signedFrom } : {}),
    ...(filters.signedTo ? { signedTo: filters.signedTo } : {}),
    page: Number(filters.page || 0),
    size: PAGE_SIZE,
  }
}
