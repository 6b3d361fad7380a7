import { keepPreviousData, queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from './client'

export type Calibration = Schemas['CalibrationView']

const calibrations = queryOptions({
  queryKey: ['calibrations'],
  queryFn: () => answer(api.GET('/api/calibrations')),
})

/** Calibrations that a sweep from one frequency to another can use, newest first; none without a span. */
export const useCoveringCalibrations = (span: Ref<{ lowHz: number; highHz: number } | undefined>) =>
  useQuery({
    queryKey: computed(() => [...calibrations.queryKey, 'covering', span.value]),
    queryFn: () => {
      const query = span.value
      return query ? answer(api.GET('/api/calibrations/covering', { params: { query } })) : []
    },
    placeholderData: keepPreviousData,
  })

/** The shop's calibrations, newest first. */
export function useCalibrations() {
  const queries = useQueryClient()
  const onSuccess = () => queries.invalidateQueries(calibrations)
  return {
    calibrations: useQuery(calibrations),
    keep: useMutation({
      mutationFn: (body: Schemas['CalibrationRequest']) => answer(api.POST('/api/calibrations', { body })),
      onSuccess,
    }),
    check: useMutation({
      mutationFn: (c: { id: string; trace: Schemas['TraceData'] }) =>
        answer(
          api.POST('/api/calibrations/{id}/check', {
            params: { path: { id: c.id } },
            body: { trace: c.trace },
          }),
        ),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (id: string) => answer(api.DELETE('/api/calibrations/{id}', { params: { path: { id } } })),
      onSuccess,
    }),
    restore: useMutation({
      mutationFn: (id: string) =>
        answer(api.POST('/api/calibrations/{id}/restore', { params: { path: { id } } })),
      onSuccess,
    }),
  }
}
