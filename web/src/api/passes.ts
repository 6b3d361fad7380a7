import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { answer, api, type Schemas } from './client'
import { BOARD, NOW_AND_THEN_MS } from './keys'
import { sendForm } from './files'

export const passes = (id: string) =>
  queryOptions({
    queryKey: ['passes', id],
    queryFn: () => answer(api.GET('/api/installations/{id}/passes', { params: { path: { id } } })),
    refetchInterval: NOW_AND_THEN_MS,
  })

/** What is worked out of all passes, and asked anew with every pass. */
const ofPasses = (id: string, what: string) => [...passes(id).queryKey, what]

export const usePasses = (id: Ref<string>) => useQuery(() => passes(id.value))

/** What each visit after a sign-off found against it, the newest first. */
export const useRechecks = (id: Ref<string>, isAsked: Ref<boolean>) =>
  useQuery(() => ({
    queryKey: ofPasses(id.value, 'rechecks'),
    queryFn: () =>
      answer(api.GET('/api/installations/{id}/rechecks', { params: { path: { id: id.value } } })),
    enabled: isAsked.value,
  }))

/** What is recorded with a pass: the key makes it safe to send the same entry twice. */
export type Recording = Schemas['Recording']

export type NewPass =
  | { recording: Recording; startHz: number; stopHz: number; points: number; instrument?: string }
  | { recording: Recording; file: File; port: number }
  | { recording: Recording; kind: Schemas['SpotsRequest']['kind']; spots: Schemas['SpotRequest'][] }

export type FileRests = NonNullable<Recording['rests']>

/** One pass as it was read; sent twice under its key it is there once. */
export async function sendPass(id: string, pass: NewPass): Promise<Schemas['PassView']> {
  if ('spots' in pass)
    return answer(api.POST('/api/installations/{id}/spots', { params: { path: { id } }, body: pass }))
  if (!('file' in pass)) {
    return answer(api.POST('/api/installations/{id}/passes', { params: { path: { id } }, body: pass }))
  }
  const form = new FormData()
  form.append('file', pass.file)
  form.append('requestKey', pass.recording.requestKey)
  form.append('changeM', String(pass.recording.changeM))
  form.append('note', pass.recording.note)
  form.append('port', String(pass.port))
  const { rests, declared, calibrationId, secondChangeM, circumstances, oldAntenna, finalSweep } =
    pass.recording
  if (secondChangeM) form.append('secondChangeM', String(secondChangeM))
  for (const c of circumstances ?? []) form.append('circumstances', c)
  if (oldAntenna) form.append('oldAntenna', 'true')
  if (finalSweep) form.append('finalSweep', 'true')
  if (rests) form.append('rests', rests)
  if (declared) form.append('declared', declared)
  if (calibrationId) form.append('calibrationId', calibrationId)
  return (await sendForm(`/api/installations/${id}/passes`, form)) as Schemas['PassView']
}

/** Builds that were read under names of their own; asked anew with every pass. */
export const useRuns = (id: Ref<string>) =>
  useQuery(() => ({
    queryKey: ofPasses(id.value, 'runs'),
    queryFn: () => answer(api.GET('/api/installations/{id}/runs', { params: { path: { id: id.value } } })),
  }))

/** The antenna that was there before against the one that stays; asked anew with every pass. */
export const useOldAntenna = (id: Ref<string>) =>
  useQuery(() => ({
    queryKey: ofPasses(id.value, 'old-antenna'),
    queryFn: () =>
      answer(api.GET('/api/installations/{id}/old-antenna', { params: { path: { id: id.value } } })),
  }))

/** What was taken back and may be put back. */
export const useTakenBack = (id: Ref<string>) =>
  useQuery(() => ({
    queryKey: ofPasses(id.value, 'taken-back'),
    queryFn: () =>
      answer(api.GET('/api/installations/{id}/taken-back', { params: { path: { id: id.value } } })),
  }))

/** Records a pass of installation `id`; the list follows. */
export function useRecordPass(id: Ref<string>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (pass: NewPass) => sendPass(id.value, pass),
    onSuccess: async () => {
      // A first fetch in flight would not be restarted by invalidating alone.
      await client.cancelQueries(passes(id.value))
      await client.invalidateQueries(passes(id.value))
      // Nobody waits for the board to record a pass.
      void client.invalidateQueries({ queryKey: BOARD })
    },
  })
}

/** Puts a picture beside a pass. */
export async function sendPhoto(passId: string, photo: File): Promise<void> {
  const form = new FormData()
  form.append('photo', photo)
  await sendForm(`/api/passes/${passId}/photo`, form)
}

/** Takes the newest pass of installation `id` back, or puts it back. */
export function useTakeBack(id: Ref<string>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ passId, isBack }: { passId: string; isBack: boolean }) =>
      isBack
        ? answer(api.DELETE('/api/passes/{id}', { params: { path: { id: passId } } }))
        : answer(api.POST('/api/passes/{id}/put-back', { params: { path: { id: passId } } })),
    onSuccess: async () => {
      await client.cancelQueries(passes(id.value))
      await client.invalidateQueries(passes(id.value))
      await client.invalidateQueries({ queryKey: BOARD })
    },
  })
}
