import { keepPreviousData, queryOptions, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import type { operations } from '@/api/schema'

export type Lesson = Schemas['LessonView']
export type Scope = Pick<Schemas['LessonRequest'], 'kind' | 'carrier' | 'mount' | 'part'>
export type PlannedAsked = operations['lessonsPlanned']['parameters']['query']

const lessons = queryOptions({ queryKey: ['lessons'], queryFn: () => answer(api.GET('/api/lessons')) })

export const useLessons = () => useQuery(lessons)

/** Those that hold of an installation, asked for again with each `state` of it. */
export const useLessonsOf = (id: Ref<string>, state: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...lessons.queryKey, 'of', id.value, state.value]),
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.GET('/api/installations/{id}/lessons', { params: { path: { id: id.value } } })),
  })

/** Those that hold of one that is planned and not there yet. */
export const useLessonsPlanned = (asked: Ref<PlannedAsked>) =>
  useQuery({
    queryKey: computed(() => [...lessons.queryKey, 'planned', asked.value]),
    queryFn: () => answer(api.GET('/api/lessons/planned', { params: { query: asked.value } })),
    placeholderData: keepPreviousData,
  })

/** Wherever they are told, after one was written down, changed or removed. */
export function useRenewLessons() {
  const client = useQueryClient()
  return () => client.invalidateQueries(lessons)
}
