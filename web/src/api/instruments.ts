import { queryOptions, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { answer, api } from './client'

export const instruments = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => answer(api.GET('/api/instruments')),
})

/** The stand-in and the analysers on the shop's network. */
export function useInstruments() {
  return useQuery(instruments)
}

/** True where simulated readings may be recorded: in the demo, whose records are invented. Undefined until it is known. */
export function useInventedRecorded() {
  const instruments = useInstruments()
  return computed(() =>
    instruments.isLoading.value
      ? undefined
      : (instruments.data.value?.some((i) => i.standIn && i.recorded) ?? false),
  )
}
