import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from './client'
import { installation as anInstallation } from './installation'

const SHEETS = ['cut-sheets'] as const

/** What can be made. */
export const cutKinds = queryOptions({
  queryKey: ['cut-kinds'],
  queryFn: () => answer(api.GET('/api/cutting/kinds')),
})

/** Cut sheets that the shop keeps, or those of one installation. */
export function useSavedSheets(installation?: Ref<string | undefined>) {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: SHEETS })
  return {
    sheets: useQuery({
      queryKey: computed(() => [...SHEETS, installation?.value ?? '']),
      queryFn: () =>
        answer(
          api.GET('/api/cut-sheets', {
            params: { query: installation?.value ? { installation: installation.value } : {} },
          }),
        ),
    }),
    open: (id: string) => answer(api.GET('/api/cut-sheets/{id}', { params: { path: { id } } })),
    keep: useMutation({
      mutationFn: (k: {
        sheet: { id: string; version: number } | undefined
        body: Schemas['SavedSheetRequest']
      }) =>
        k.sheet
          ? answer(
              api.PUT('/api/cut-sheets/{id}', {
                params: { path: { id: k.sheet.id }, query: { version: k.sheet.version } },
                body: k.body,
              }),
            )
          : answer(api.POST('/api/cut-sheets', { body: k.body })),
      onSuccess: async (kept) => {
        await onSuccess()
        // What was cut becomes the installation's start of tuning.
        if (kept.installationId) await client.invalidateQueries(anInstallation(kept.installationId))
      },
    }),
    remove: useMutation({
      mutationFn: (id: string) => answer(api.DELETE('/api/cut-sheets/{id}', { params: { path: { id } } })),
      onSuccess,
    }),
  }
}
