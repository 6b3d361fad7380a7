import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

export type Exercise = Schemas['ExerciseView']
export type Deed = Schemas['DeedRequest']

const all = queryOptions({
  queryKey: ['practice', 'exercises'],
  queryFn: () => answer(api.GET('/api/exercises')),
})
const one = (id: string) =>
  queryOptions({
    queryKey: ['practice', 'exercise', id],
    queryFn: () => answer(api.GET('/api/exercises/{id}', { params: { path: { id } } })),
  })

/** What there is to practise on, and how it went; a lead sees everybody's. */
export const useExercises = () => useQuery(all)

export const useExercise = (id: Ref<string>) => useQuery(() => one(id.value))

export function useBeginExercise() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (body: Schemas['BeginExerciseRequest']) => answer(api.POST('/api/exercises', { body })),
    onSuccess: (begun) => {
      client.setQueryData(one(begun.id).queryKey, begun)
      void client.invalidateQueries(all)
    },
  })
}

export function useDeed(id: Ref<string>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (deed: Deed) =>
      answer(api.POST('/api/exercises/{id}/deeds', { params: { path: { id: id.value } }, body: deed })),
    onSuccess: (now) => {
      client.setQueryData(one(now.id).queryKey, now)
      if (now.end) void client.invalidateQueries(all)
    },
  })
}
