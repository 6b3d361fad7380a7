import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'
import { BOARD, NOW_AND_THEN_MS } from '@/api/keys'
import type { operations } from '@/api/schema'

export type BookRow = Schemas['BookRowView']
export type Likes = Schemas['LikesView']
export type BookAsked = NonNullable<operations['search']['parameters']['query']>
export type LikeAsked = operations['likePlanned']['parameters']['query']

/** All with the plan of an installation, itself among them. */
export const useFleet = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...BOARD, 'fleet', id.value]),
    queryFn: () => answer(api.GET('/api/installations/{id}/fleet', { params: { path: { id: id.value } } })),
  })

/** How the shop's work goes, half a year back. */
export const useNumbers = () =>
  useQuery({
    queryKey: [...BOARD, 'numbers'],
    queryFn: () => answer(api.GET('/api/numbers')),
    refetchInterval: NOW_AND_THEN_MS,
  })

/** Rows of the shop's book; those of before stay while others are asked for. */
export const useBook = (asked: Ref<BookAsked>) =>
  useQuery({
    queryKey: computed(() => [...BOARD, 'book', asked.value]),
    queryFn: () => answer(api.GET('/api/book', { params: { query: asked.value } })),
    placeholderData: keepPreviousData,
    refetchInterval: NOW_AND_THEN_MS,
  })

/** The finished installations that are most like one; itself is left out. */
export const useLikes = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...BOARD, 'like', id.value]),
    queryFn: () => answer(api.GET('/api/installations/{id}/like', { params: { path: { id: id.value } } })),
  })

/** The same of one that is planned and not there yet; nothing is asked before it is known what. */
export const useLikesOf = (asked: Ref<LikeAsked | undefined>) =>
  useQuery({
    queryKey: computed(() => [...BOARD, 'like', asked.value]),
    queryFn: async (): Promise<Likes | null> =>
      asked.value ? answer(api.GET('/api/book/like', { params: { query: asked.value } })) : null,
    placeholderData: keepPreviousData,
  })
