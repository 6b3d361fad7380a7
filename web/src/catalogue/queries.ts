import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

export type Name = Schemas['CatalogueEntryView']
export type Sort = Name['sort']

export const SORTS: Sort[] = ['CUSTOMER', 'CARRIED_BY', 'ANTENNA', 'BASE', 'FEEDLINE', 'ADAPTER']

const KEY = ['catalogue']

export const useNames = () => useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/catalogue')) })

export const useDoubles = () =>
  useQuery({
    queryKey: [...KEY, 'doubles'],
    queryFn: () => answer(api.GET('/api/catalogue/doubles')),
  })

/** Names of one sort to choose from; of a customer's things only that customer's, where one is named. */
export function useKnown(sort: Sort, customer: () => string = () => '') {
  const names = useNames()
  const here = computed(() =>
    (names.data.value ?? []).filter(
      (n) =>
        n.sort === sort &&
        (sort !== 'CARRIED_BY' ||
          !customer().trim() ||
          n.customer.toLowerCase() === customer().trim().toLowerCase()),
    ),
  )
  return {
    known: computed(() => [...new Set(here.value.map((n) => n.name))]),
    /** What there is to know of `name`. */
    detailOf: (name: string) => here.value.find((n) => n.name === name)?.detail ?? '',
  }
}

/** Everything that shows names, after one was made, changed, merged, retired. */
export function useRenewNames() {
  const client = useQueryClient()
  return () => client.invalidateQueries()
}
