import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { answer, api, type Schemas } from '@/api/client'

export type Happening = Schemas['HappeningView']

/** What happened to an installation, the newest first. */
export const useHistory = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['installation', id.value, 'history']),
    queryFn: () => answer(api.GET('/api/installations/{id}/history', { params: { path: { id: id.value } } })),
  })
