import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { answer, api, type Schemas } from './client'

export type SavedPlan = Schemas['PlanView']

const plans = queryOptions({ queryKey: ['plans'], queryFn: () => answer(api.GET('/api/plans')) })

/** Plans that the shop keeps; `keep` replaces `plan` where one is given. */
export function useSavedPlans() {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries(plans)
  return {
    plans: useQuery(plans),
    open: (id: string) => answer(api.GET('/api/plans/{id}', { params: { path: { id } } })),
    save: useMutation({
      mutationFn: (k: {
        plan: { id: string; version: number } | undefined
        name: string
        parts: Pick<Schemas['PlanRequest'], 'need' | 'candidate' | 'ground' | 'station'>
        installationId: string | undefined
      }) => {
        const body = { name: k.name, ...k.parts, installationId: k.installationId }
        return k.plan
          ? answer(
              api.PUT('/api/plans/{id}', {
                params: { path: { id: k.plan.id }, query: { version: k.plan.version } },
                body,
              }),
            )
          : answer(api.POST('/api/plans', { body }))
      },
      onSuccess,
    }),
    putBack: useMutation({
      mutationFn: (id: string) =>
        answer(api.POST('/api/removed/{id}/put-back', { params: { path: { id } } })),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (id: string) => answer(api.DELETE('/api/plans/{id}', { params: { path: { id } } })),
      onSuccess,
    }),
  }
}

/** The catalogue of feedlines. */
export function useFeedlines() {
  return useQuery({
    queryKey: ['feedlines'],
    queryFn: () => answer(api.GET('/api/planning/feedlines')),
    staleTime: Infinity,
  })
}
