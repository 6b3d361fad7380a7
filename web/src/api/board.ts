import { queryOptions, useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { answer, api, type Schemas } from './client'
import { BOARD, NOW_AND_THEN_MS } from './keys'

type Card = Schemas['CardView']

const AT_ONCE = 60

/** The board a page at a time, newest first; {@code state} undefined for all. */
export function useBoard(search: Ref<string>, state: Ref<Card['state'] | undefined> = ref()) {
  const pages = useInfiniteQuery({
    queryKey: computed(() => [...BOARD, search.value, state.value ?? '']),
    queryFn: async ({ pageParam }) => {
      const query = { search: search.value, page: pageParam, size: AT_ONCE, state: state.value }
      const call = api.GET('/api/installations', { params: { query } })
      const cards = await answer(call)
      return { cards, total: Number((await call).response.headers.get('X-Total-Count') ?? cards.length) }
    },
    initialPageParam: 0,
    getNextPageParam: (last, all) =>
      all.reduce((n, p) => n + p.cards.length, 0) < last.total ? all.length : undefined,
    placeholderData: (
      before: { pages: { cards: Card[]; total: number }[]; pageParams: number[] } | undefined,
    ) => before,
    refetchInterval: NOW_AND_THEN_MS,
  })
  /** A card that moved to another page meanwhile stands once. */
  const cards = computed(() => {
    const all = pages.data.value?.pages.flatMap((p) => p.cards)
    return all && [...new Map(all.map((c) => [c.id, c])).values()]
  })
  const total = computed(() => pages.data.value?.pages.at(-1)?.total ?? 0)
  return { ...pages, cards, total }
}

/** How many installations are how far. */
export const useCounts = (search: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...BOARD, search.value, '', 'counts']),
    queryFn: () =>
      answer(api.GET('/api/installations/counts', { params: { query: { search: search.value } } })),
    placeholderData: (before: Schemas['CountView'][] | undefined) => before,
    refetchInterval: NOW_AND_THEN_MS,
  })

/** How many things are due: limits until they are mended, and rechecks. */
const dueCount = queryOptions({
  queryKey: [...BOARD, 'due', 'count'],
  queryFn: () => answer(api.GET('/api/due/count')),
})
export const useDueCount = () => useQuery(dueCount)

const DUE_AT_ONCE = 100

/** What is due a page at a time, the first day first. */
export function useDue() {
  const pages = useInfiniteQuery({
    queryKey: [...BOARD, 'due'],
    queryFn: ({ pageParam }) =>
      answer(api.GET('/api/due', { params: { query: { page: pageParam, size: DUE_AT_ONCE } } })),
    initialPageParam: 0,
    getNextPageParam: (last, all) => (last.length < DUE_AT_ONCE ? undefined : all.length),
  })
  return { ...pages, rows: computed(() => pages.data.value?.pages.flat()) }
}
