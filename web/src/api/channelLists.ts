import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { answer, api, type Schemas } from './client'

export type ShopList = Schemas['ShopListView']

const lists = queryOptions({
  queryKey: ['channel-lists'],
  queryFn: () => answer(api.GET('/api/channel-lists')),
})

/** The shop's own channel lists; `keep` replaces `list` where one is given. */
export function useShopLists() {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries(lists)
  return {
    lists: useQuery(lists),
    keep: useMutation({
      mutationFn: (k: { list: ShopList | undefined; name: string; source: string; text: string }) => {
        const body = { name: k.name, source: k.source, text: k.text }
        return k.list
          ? answer(
              api.PUT('/api/channel-lists/{id}', {
                params: { path: { id: k.list.id }, query: { version: k.list.version } },
                body,
              }),
            )
          : answer(api.POST('/api/channel-lists', { body }))
      },
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (list: ShopList) =>
        answer(api.DELETE('/api/channel-lists/{id}', { params: { path: { id: list.id } } })),
      onSuccess,
    }),
  }
}
