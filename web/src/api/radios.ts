import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from './client'

const radios = queryOptions({ queryKey: ['radios'], queryFn: () => answer(api.GET('/api/radios')) })

/** The shop's radios with their newest checks; `renew` after one was changed or checked. */
export function useRadios() {
  const client = useQueryClient()
  return {
    radios: useQuery(radios),
    renew: () => client.invalidateQueries(radios),
  }
}

/** Bench checks of a radio, the newest first. */
export const useRadioChecks = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...radios.queryKey, id.value, 'checks']),
    queryFn: () => answer(api.GET('/api/radios/{id}/checks', { params: { path: { id: id.value } } })),
  })

/** What the readings of a bench check say; nothing is asked while there is none. */
export const useBenchVerdict = (read: Ref<Schemas['BenchCheckRequest'] | undefined>) =>
  useQuery({
    queryKey: computed(() => ['radio-judge', read.value]),
    queryFn: () =>
      answer(api.POST('/api/radios/judge', { body: read.value as Schemas['BenchCheckRequest'] })),
    enabled: computed(() => read.value !== undefined),
    placeholderData: keepPreviousData,
    retry: false,
  })
