import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { sendClip } from '@/api/files'

export type Air = Schemas['AirView']
export type Comparison = Schemas['ComparisonView']
export type Trial = Schemas['TrialView']
export type Hearing = Schemas['HearingView']
export type Report = Schemas['HeardRequest']['report']

/** From worst to best. */
export const REPORTS: Report[] = [
  'NOT_HEARD',
  'NOT_UNDERSTOOD',
  'WITH_REPEATS',
  'NOISY',
  'LITTLE_NOISE',
  'CLEAR',
]

export const stations = queryOptions({
  queryKey: ['stations'],
  queryFn: () => answer(api.GET('/api/stations')),
})

export const useStations = () => useQuery(stations)

const airOf = (id: string) =>
  queryOptions({
    queryKey: ['air', id],
    queryFn: () => answer(api.GET('/api/installations/{id}/air', { params: { path: { id } } })),
  })

/** What was tried on the air with installation `id`; every change answers with all of it. */
export function useAir(id: Ref<string>) {
  const client = useQueryClient()
  const change = <T>(send: (argument: T) => Promise<Air>) =>
    useMutation({ mutationFn: send, onSuccess: (air) => client.setQueryData(airOf(id.value).queryKey, air) })
  const path = computed(() => ({ id: id.value }))
  return {
    air: useQuery(() => airOf(id.value)),
    call: change((body: Schemas['CallRequest']) =>
      answer(api.POST('/api/installations/{id}/air/calls', { params: { path: path.value }, body })),
    ),
    takeBack: change((callId: string) =>
      answer(
        api.DELETE('/api/installations/{id}/air/calls/{callId}', {
          params: { path: { ...path.value, callId } },
        }),
      ),
    ),
    begin: change((body: Schemas['ComparisonRequest']) =>
      answer(api.POST('/api/installations/{id}/air/comparisons', { params: { path: path.value }, body })),
    ),
    heard: change((t: { comparisonId: string; number: number; report: Report }) =>
      answer(
        api.PUT('/api/installations/{id}/air/comparisons/{comparisonId}/trials/{number}', {
          params: { path: { ...path.value, comparisonId: t.comparisonId, number: t.number } },
          body: { report: t.report },
        }),
      ),
    ),
    clip: change((t: { comparisonId: string; number: number; wav: Blob }) =>
      sendClip<Air>(`${id.value}/air/comparisons/${t.comparisonId}/trials/${t.number}`, t.wav),
    ),
  }
}

/** A comparison as whoever hears may see it; what is reported stands with who transmits at once. */
export function useHearing(id: Ref<string>, comparisonId: Ref<string>) {
  const client = useQueryClient()
  const key = computed(() => [...airOf(id.value).queryKey, 'hearing', comparisonId.value])
  const path = computed(() => ({ id: id.value, comparisonId: comparisonId.value }))
  const change = <T>(send: (argument: T) => Promise<Hearing>) =>
    useMutation({ mutationFn: send, onSuccess: (now) => client.setQueryData(key.value, now) })
  return {
    hearing: useQuery({
      queryKey: key,
      queryFn: () =>
        answer(
          api.GET('/api/installations/{id}/air/comparisons/{comparisonId}/hearing', {
            params: { path: path.value },
          }),
        ),
    }),
    heard: change((t: { number: number; report: Report }) =>
      answer(
        api.PUT('/api/installations/{id}/air/comparisons/{comparisonId}/hearing/{number}', {
          params: { path: { ...path.value, number: t.number } },
          body: { report: t.report },
        }),
      ),
    ),
    clip: change((t: { number: number; wav: Blob }) =>
      sendClip<Hearing>(`${id.value}/air/comparisons/${comparisonId.value}/hearing/${t.number}`, t.wav),
    ),
  }
}
