import { useQuery } from '@tanstack/vue-query'
import { answer, api } from '@/api/client'
import { useForm } from '@/shell/useForm'
import { notify } from '@/ui/notices'
import { useWords } from '@/words/words'

/** Lists in which one thing may stand twice. */
export type ListOf = 'instruments' | 'radios' | 'stations'

export interface Thing {
  id: string
  name: string
}

const DOUBLES = {
  instruments: () => answer(api.GET('/api/instruments/doubles')),
  radios: () => answer(api.GET('/api/radios/doubles')),
  stations: () => answer(api.GET('/api/stations/doubles')),
}

const merging = (id: string, into: string) => ({ params: { path: { id } }, body: { into } })

/** How many name the one that stays; of stations nobody counts. */
const MERGE: Record<ListOf, (id: string, into: string) => Promise<{ renamedCount?: number }>> = {
  instruments: (id, into) => answer(api.POST('/api/instruments/{id}/merge', merging(id, into))),
  radios: (id, into) => answer(api.POST('/api/radios/{id}/merge', merging(id, into))),
  stations: async (id, into) => {
    await answer(api.POST('/api/stations/{id}/merge', merging(id, into)))
    return {}
  },
}

const REALLY = {
  instruments: 'instrumentPage.MERGE_REALLY',
  radios: 'radios.MERGE_REALLY',
  stations: 'stations.MERGE_REALLY',
} as const

const MERGED = {
  instruments: 'instrumentPage.MERGED',
  radios: 'radios.MERGED',
  stations: 'stations.MERGED',
} as const

/** Those of a list that look like one. */
export const useDoublesOf = (of: ListOf) => useQuery({ queryKey: [of, 'doubles'], queryFn: DOUBLES[of] })

/** Puts two of a list together: what is said before, and done then. */
export function useMergeOf(of: ListOf) {
  const words = useWords()
  const { trouble, submit } = useForm()
  const question = (stays: string, leaves: string) =>
    words.value.text(REALLY[of], { name: stays, other: leaves })
  const merge = (leaves: string, stays: string) =>
    submit(async () => {
      const { renamedCount = 0 } = await MERGE[of](leaves, stays)
      notify(words.value.text(MERGED[of], { renamedCount }))
    })
  return { trouble, question, merge }
}
