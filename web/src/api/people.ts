import { queryOptions, useQuery } from '@tanstack/vue-query'
import { answer, api, type Schemas } from './client'

/** Who is signed in; null for nobody. */
export const me = queryOptions({
  queryKey: ['me'],
  queryFn: async (): Promise<Schemas['PersonView'] | null> =>
    (await answer<Schemas['PersonView'] | undefined>(api.GET('/api/session'))) ?? null,
  staleTime: Infinity,
})

/** Whether the shop has anybody yet. */
export const setup = queryOptions({
  queryKey: ['setup'],
  queryFn: () => answer(api.GET('/api/setup')),
})

export const people = queryOptions({
  queryKey: ['people'],
  queryFn: () => answer(api.GET('/api/people')),
})

export const useMe = () => useQuery(me)

export const usePeople = () => useQuery(people)
