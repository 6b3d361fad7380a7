import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/vue-query'
import { computed, ref, type Ref } from 'vue'
import { answer, api, problemOf, send, type Schemas } from './client'

export const keys = {
  me: ['me'] as const,
  setup: ['setup'] as const,
  board: (search: string, state: string | undefined) => ['board', search, state ?? ''] as const,
  installation: (id: string) => ['installation', id] as const,
  passes: (id: string) => ['passes', id] as const,
  rechecks: (id: string) => ['passes', id, 'rechecks'] as const,
  due: ['board', 'due'] as const,
  people: ['people'] as const,
}

/** Who is signed in; null for nobody. */
export const useMe = () =>
  useQuery({
    queryKey: keys.me,
    queryFn: async (): Promise<Schemas['PersonView'] | null> =>
      (await answer<Schemas['PersonView'] | undefined>(api.GET('/api/session'))) ?? null,
    staleTime: Infinity,
  })

export const usePeople = () =>
  useQuery({ queryKey: keys.people, queryFn: () => answer(api.GET('/api/people')) })

type Card = Schemas['CardView']

const AT_ONCE = 60

/** Changes are told as they come; this is for where telling fails. */
export const NOW_AND_THEN_MS = 60_000

/** The board a page at a time, newest first; {@code state} undefined for all. */
export function useBoard(search: Ref<string>, state: Ref<Card['state'] | undefined> = ref()) {
  const pages = useInfiniteQuery({
    queryKey: computed(() => keys.board(search.value, state.value)),
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
    queryKey: computed(() => [...keys.board(search.value, undefined), 'counts']),
    queryFn: () =>
      answer(api.GET('/api/installations/counts', { params: { query: { search: search.value } } })),
    placeholderData: (before: Schemas['CountView'][] | undefined) => before,
    refetchInterval: NOW_AND_THEN_MS,
  })

export const useInstallation = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => keys.installation(id.value)),
    queryFn: () => answer(api.GET('/api/installations/{id}', { params: { path: { id: id.value } } })),
    enabled: computed(() => id.value !== ''),
  })

export const usePasses = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => keys.passes(id.value)),
    queryFn: () => answer(api.GET('/api/installations/{id}/passes', { params: { path: { id: id.value } } })),
    refetchInterval: NOW_AND_THEN_MS,
  })

/** What each visit after a sign-off found against it, the newest first. */
export const useRechecks = (id: Ref<string>, isAsked: Ref<boolean>) =>
  useQuery({
    queryKey: computed(() => keys.rechecks(id.value)),
    queryFn: () =>
      answer(api.GET('/api/installations/{id}/rechecks', { params: { path: { id: id.value } } })),
    enabled: isAsked,
  })

/** Limits until they are mended, and rechecks, the first day first. */
export const useDue = () => useQuery({ queryKey: keys.due, queryFn: () => answer(api.GET('/api/due')) })

/** Acceptance rules to choose from, each saying what it asks with these limits; those of before stay while others are asked for. */
export const useRules = (limits: Ref<{ limitSwr: number; ceilingSwr: number }>) =>
  useQuery({
    queryKey: computed(() => ['acceptance-rules', limits.value.limitSwr, limits.value.ceilingSwr]),
    queryFn: () => answer(api.GET('/api/acceptance-rules', { params: { query: limits.value } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  })

export const useKinds = () =>
  useQuery({
    queryKey: ['antenna-kinds'],
    queryFn: () => answer(api.GET('/api/antenna-kinds')),
    staleTime: Infinity,
  })

/** Whether a length and a kind belong together; nothing is asked before both are known, or where a kind has no usual length. */
export const useLengthFit = (
  asked: Ref<{ kind: Schemas['KindView']['kind']; lengthM: number; hz: number[] } | undefined>,
) =>
  useQuery({
    queryKey: computed(() => ['length-fit', asked.value]),
    queryFn: async (): Promise<Schemas['FitView'] | null> => {
      if (!asked.value) return null
      const { kind, lengthM, hz } = asked.value
      return (
        (await answer<Schemas['FitView'] | undefined>(
          api.GET('/api/antenna-kinds/{kind}/fit', { params: { path: { kind }, query: { lengthM, hz } } }),
        )) ?? null
      )
    },
    enabled: computed(() => asked.value !== undefined),
    retry: false,
  })

export const useServices = () =>
  useQuery({ queryKey: ['services'], queryFn: () => answer(api.GET('/api/services')), staleTime: Infinity })

/** The shop's radios with their newest checks; `renew` after one was changed or checked. */
export function useRadios() {
  const client = useQueryClient()
  return {
    radios: useQuery({ queryKey: ['radios'], queryFn: () => answer(api.GET('/api/radios')) }),
    renew: () => client.invalidateQueries({ queryKey: ['radios'] }),
  }
}

/** What is asked before the first reading by `method` on `carrier`. */
export const useReadySteps = (id: string, method: Ref<Schemas['ReadyRequest']['method']>) =>
  useQuery({
    queryKey: computed(() => ['ready', id, method.value]),
    queryFn: () =>
      answer(
        api.GET('/api/installations/{id}/ready', {
          params: { path: { id }, query: { method: method.value } },
        }),
      ),
    placeholderData: keepPreviousData,
  })

/** Bench checks of a radio, the newest first. */
export const useRadioChecks = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => ['radios', id.value, 'checks']),
    queryFn: () => answer(api.GET('/api/radios/{id}/checks', { params: { path: { id: id.value } } })),
  })

/** What the readings of a bench check say; nothing is asked while there is none. */
export const useBenchVerdict = (read: Ref<Schemas['BenchCheckRequest'] | undefined>) =>
  useQuery({
    queryKey: computed(() => ['radio-judge', read.value]),
    queryFn: () =>
      answer(api.POST('/api/radios/judge', { body: read.value as Schemas['BenchCheckRequest'] })),
    enabled: computed(() => read.value !== undefined),
    placeholderData: keepPreviousData,
    retry: false,
  })

export type ShopList = Schemas['ShopListView']

/** The shop's own channel lists; `keep` replaces `list` where one is given. */
export function useShopLists() {
  const queries = useQueryClient()
  const key = ['channel-lists']
  const onSuccess = () => queries.invalidateQueries({ queryKey: key })
  return {
    lists: useQuery({ queryKey: key, queryFn: () => answer(api.GET('/api/channel-lists')) }),
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

export type SavedPlan = Schemas['PlanView']

/** Plans that the shop keeps; `keep` replaces `plan` where one is given. */
export function useSavedPlans() {
  const queries = useQueryClient()
  const key = ['plans']
  const onSuccess = () => queries.invalidateQueries({ queryKey: key })
  return {
    plans: useQuery({ queryKey: key, queryFn: () => answer(api.GET('/api/plans')) }),
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

/** Cut sheets that the shop keeps, or those of one installation. */
export function useSavedSheets(installation?: Ref<string | undefined>) {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['cut-sheets'] })
  return {
    sheets: useQuery({
      queryKey: computed(() => ['cut-sheets', installation?.value ?? '']),
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
        if (kept.installationId)
          await client.invalidateQueries({ queryKey: keys.installation(kept.installationId) })
      },
    }),
    remove: useMutation({
      mutationFn: (id: string) => answer(api.DELETE('/api/cut-sheets/{id}', { params: { path: { id } } })),
      onSuccess,
    }),
  }
}

/** What is recorded with a pass: the key makes it safe to send the same entry twice. */
export type Recording = Schemas['Recording']

export type Calibration = Schemas['CalibrationView']

/** Calibrations that a sweep from one frequency to another can use, newest first; none without a span. */
export const useCoveringCalibrations = (span: Ref<{ lowHz: number; highHz: number } | undefined>) =>
  useQuery({
    queryKey: computed(() => ['calibrations', 'covering', span.value]),
    queryFn: () => {
      const query = span.value
      return query ? answer(api.GET('/api/calibrations/covering', { params: { query } })) : []
    },
    placeholderData: keepPreviousData,
  })

/** The shop's calibrations, newest first. */
export function useCalibrations() {
  const queries = useQueryClient()
  const key = ['calibrations']
  const onSuccess = () => queries.invalidateQueries({ queryKey: key })
  return {
    calibrations: useQuery({ queryKey: key, queryFn: () => answer(api.GET('/api/calibrations')) }),
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

/** Sends files; the client made from the API's description has no forms. */
async function sendForm(path: string, form: FormData): Promise<unknown> {
  const response = await send(new Request(`${location.origin}${path}`, { method: 'POST', body: form }))
  const body: unknown = await response.json().catch(() => undefined)
  if (!response.ok) throw problemOf(response.status, body as Parameters<typeof problemOf>[1])
  return body
}

/** Sends one file as a form does. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(path, form)) as T
}

/** An archive, read into this shop; what is here already stays as it is. */
export const readArchive = (file: File) => sendFile<Schemas['ReadArchiveView']>('/api/archive', file)

/** A sweep file as the server reads it, without anything being stored. */
export async function readTraceFile(file: File, port = 1): Promise<Schemas['ReadFileView']> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(`/api/traces/read?port=${port}`, form)) as Schemas['ReadFileView']
}

/** An adapter's two-port file, read by the server. */
export async function readAdapterFile(file: File): Promise<Schemas['AdapterData']> {
  const form = new FormData()
  form.append('file', file)
  return (await sendForm(`/api/traces/adapter`, form)) as Schemas['AdapterData']
}

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

/** The catalogue of feedlines. */
export function useFeedlines() {
  return useQuery({
    queryKey: ['feedlines'],
    queryFn: () => answer(api.GET('/api/planning/feedlines')),
    staleTime: Infinity,
  })
}

/** The stand-in and the analysers on the shop's network. */
export function useInstruments() {
  return useQuery({ queryKey: ['instruments'], queryFn: () => answer(api.GET('/api/instruments')) })
}

/** True where simulated readings may be recorded: in the demo, whose records are invented. */
export function useInventedRecorded() {
  const instruments = useInstruments()
  return computed(() => instruments.data.value?.some((i) => i.standIn && i.recorded) ?? false)
}

/** Builds that were read under names of their own; asked anew with every pass. */
export const useRuns = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...keys.passes(id.value), 'runs']),
    queryFn: () => answer(api.GET('/api/installations/{id}/runs', { params: { path: { id: id.value } } })),
  })

/** The antenna that was there before against the one that stays; asked anew with every pass. */
export const useOldAntenna = (id: Ref<string>) =>
  useQuery({
    queryKey: computed(() => [...keys.passes(id.value), 'old-antenna']),
    queryFn: () =>
      answer(api.GET('/api/installations/{id}/old-antenna', { params: { path: { id: id.value } } })),
  })

/** Records a pass of installation `id`; the list follows. */
export function useRecordPass(id: Ref<string>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (pass: NewPass) => sendPass(id.value, pass),
    onSuccess: async () => {
      // A first fetch in flight would not be restarted by invalidating alone.
      await client.cancelQueries({ queryKey: keys.passes(id.value) })
      await client.invalidateQueries({ queryKey: keys.passes(id.value) })
      // Nobody waits for the board to record a pass.
      void client.invalidateQueries({ queryKey: ['board'] })
    },
  })
}

/** Puts a picture beside a pass. */
export async function sendPhoto(passId: string, photo: File): Promise<void> {
  const form = new FormData()
  form.append('photo', photo)
  await sendForm(`/api/passes/${passId}/photo`, form)
}

/** A sound clip of a trial on the air. */
export async function sendClip<T>(trial: string, wav: Blob): Promise<T> {
  const form = new FormData()
  form.append('clip', wav, 'clip.wav')
  return (await sendForm(`/api/installations/${trial}/clip`, form)) as T
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
      await client.cancelQueries({ queryKey: keys.passes(id.value) })
      await client.invalidateQueries({ queryKey: keys.passes(id.value) })
      await client.invalidateQueries({ queryKey: ['board'] })
    },
  })
}

/** A change of the installation itself; the answer becomes what everybody here sees. */
export function useInstallationChange<T>(change: (argument: T) => Promise<Schemas['InstallationView']>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: change,
    onSuccess: async (installation) => {
      client.setQueryData(keys.installation(installation.id), installation)
      await client.invalidateQueries({ queryKey: keys.passes(installation.id) })
      await client.invalidateQueries({ queryKey: ['board'] })
    },
  })
}
