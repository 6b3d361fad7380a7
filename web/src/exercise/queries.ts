import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

export type Exercise = Schemas['ExerciseView']
export type Deed = Schemas['DeedRequest']

const ALL = ['practice', 'exercises'] as const
const key = (id: string) => ['practice', 'exercise', id] as const

/** What there is to practise on, and how it went; a lead sees everybody's. */
export const useExercises = () =>
  useQuery({ queryKey: ALL, queryFn: () => answer(api.GET('/api/exercises')) })

export const useExercise = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => key(id.value)),
    queryFn: () => answer(api.GET('/api/exercises/{id}', { params: { path: { id: id.value } } })),
  })

export function useBeginExercise() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (on: string) => answer(api.POST('/api/exercises', { body: { on } })),
    onSuccess: (begun) => {
      client.setQueryData(key(begun.id), begun)
      void client.invalidateQueries({ queryKey: ALL })
    },
  })
}

export function useDeed(id: Ref<string>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (deed: Deed) =>
      answer(api.POST('/api/exercises/{id}/deeds', { params: { path: { id: id.value } }, body: deed })),
    onSuccess: (now) => {
      client.setQueryData(key(now.id), now)
      if (now.end) void client.invalidateQueries({ queryKey: ALL })
    },
  })
}
