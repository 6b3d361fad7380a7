import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from './client'
import { BOARD } from './keys'
import { passes } from './passes'

export const installation = (id: string) =>
  queryOptions({
    queryKey: ['installation', id],
    queryFn: () => answer(api.GET('/api/installations/{id}', { params: { path: { id } } })),
  })

export const useInstallation = (id: Ref<string>) =>
  useQuery(() => ({ ...installation(id.value), enabled: id.value !== '' }))

/** Acceptance rules to choose from, each saying what it asks with these limits; those of before stay while others are asked for. */
export const useRules = (limits: Ref<{ limitSwr: number; ceilingSwr: number }>) =>
  useQuery({
    queryKey: computed(() => ['acceptance-rules', limits.value.limitSwr, limits.value.ceilingSwr]),
    queryFn: () => answer(api.GET('/api/acceptance-rules', { params: { query: limits.value } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

export const kinds = queryOptions({
  queryKey: ['antenna-kinds'],
  queryFn: () => answer(api.GET('/api/antenna-kinds')),
  staleTime: Infinity,
})

export const useKinds = () => useQuery(kinds)

/** Whether a length and a kind belong together; nothing is asked before both are known, or where a kind has no usual length. */
export const useLengthFit = (
  asked: Ref<{ kind: Schemas['KindView']['kind']; lengthM: number; hz: number[] } | undefined>,
) =>
  useQuery({
    queryKey: computed(() => ['length-fit', asked.value]),
    queryFn: async (): Promise<Schemas['FitView'] | null> => {
      if (!asked.value) return null
      const { kind, lengthM, hz } = asked.value
      return (
        (await answer<Schemas['FitView'] | undefined>(
          api.GET('/api/antenna-kinds/{kind}/fit', { params: { path: { kind }, query: { lengthM, hz } } }),
        )) ?? null
      )
    },
    enabled: computed(() => asked.value !== undefined),
    retry: false,
  })

export const useServices = () =>
  useQuery({ queryKey: ['services'], queryFn: () => answer(api.GET('/api/services')), staleTime: Infinity })

/** What is asked before the first reading by `method` on `carrier`. */
export const useReadySteps = (id: string, method: Ref<Schemas['ReadyRequest']['method']>) =>
  useQuery({
    queryKey: computed(() => ['ready', id, method.value]),
    queryFn: () =>
      answer(
        api.GET('/api/installations/{id}/ready', {
          params: { path: { id }, query: { method: method.value } },
        }),
      ),
    placeholderData: keepPreviousData,
  })

/** A change of the installation itself; the answer becomes what everybody here sees. */
export function useInstallationChange<T>(change: (argument: T) => Promise<Schemas['InstallationView']>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: async (changed) => {
      client.setQueryData(installation(changed.id).queryKey, changed)
      await client.invalidateQueries(passes(changed.id))
      await client.invalidateQueries({ queryKey: BOARD })
    },
  })
}
