import { BOARD } from '@/api/keys'
import { useQueryClient, type QueryKey } from '@tanstack/vue-query'
import { useDocumentVisibility } from '@vueuse/core'
import { onScopeDispose, ref, watch, type Ref } from 'vue'
import { PAGE, type Schemas } from '@/api/client'

export type Change = Schemas['ChangeView']

/** What comes in a burst is asked for once, and lists not more often than this. */
const GATHERED_MS = 150
const AT_MOST_EVERY_MS = 2_500

const REFUSED_MS = 10_000

/** Never told by others: one's own, and what ships with the program. */
const OWN = ['me', 'setup', 'sessions', 'tokens', 'practice']

const OF_THE_BOOK = ['book', 'like', 'numbers', 'fleet']

/** Jobs in one state, and how many are in which: of what another server has recorded, the book tells. */
const isByState = ([, , state, what]: QueryKey) =>
  what === 'counts' || (typeof state === 'string' && state !== '')

/** Whether an answer is old after a change of somebody else. */
export function isOld(key: QueryKey, { of, id }: Change): boolean {
  const [first, second] = key
  if (OWN.includes(String(first))) return false
  switch (of) {
    case 'installations':
      return first === BOARD[0] || (id !== undefined && key.includes(id))
    case 'passes':
      // Named by their own number, not by that of their installation.
      return first === 'passes' || first === 'installation'
    case 'book':
      return first === BOARD[0] && (OF_THE_BOOK.includes(String(second)) || isByState(key))
    case 'radios':
    case 'calibrations':
      return first === of || first === 'ready'
    case 'removed':
    case 'archive':
    case 'people':
      return true
    default:
      return first === of
  }
}

/**
 * Keeps what is shown as others leave it, and says who else is on the installation `id` ('' for none). A page that nobody looks at
 * listens to nothing; looked at again, it asks for all that it shows.
 */
export function useTogether(id: Ref<string>): Ref<string[]> {
  const queries = useQueryClient()
  const visibility = useDocumentVisibility()
  const others = ref<string[]>([])
  const changes = new Map<string, Change>()
  let source: EventSource | undefined
  let timer: number | undefined
  let again: number | undefined
  let renewedAt = 0
  let hasMissed = false

  function renew() {
    timer = undefined
    renewedAt = Date.now()
    const all = [...changes.values()]
    changes.clear()
    void queries.invalidateQueries({ predicate: (q) => all.some((c) => isOld(q.queryKey, c)) })
  }

  function gather(change: Change) {
    changes.set(`${change.of} ${change.id ?? ''}`, change)
    timer ??= window.setTimeout(renew, Math.max(GATHERED_MS, renewedAt + AT_MOST_EVERY_MS - Date.now()))
  }

  const read = <T>(e: Event) => JSON.parse((e as MessageEvent<string>).data) as T

  function listen() {
    const query = new URLSearchParams({ page: PAGE, ...(id.value ? { installation: id.value } : {}) })
    source = new EventSource(`/api/together?${query.toString()}`)
    source.addEventListener('changed', (e) => gather(read<Change>(e)))
    source.addEventListener('here', (e) => (others.value = read<Schemas['HereView']>(e).others))
    source.onopen = () => {
      if (hasMissed) gather({ of: 'archive' })
      hasMissed = false
    }
    source.onerror = () => {
      hasMissed = true
      others.value = []
      // A lost connection comes back by itself; one that was refused does not.
      if (source?.readyState === EventSource.CLOSED) again = window.setTimeout(listen, REFUSED_MS)
    }
  }

  function stop() {
    window.clearTimeout(again)
    source?.close()
    source = undefined
    others.value = []
  }

  watch(
    [id, visibility],
    () => {
      stop()
      if (visibility.value === 'visible') listen()
      else hasMissed = true
    },
    { immediate: true },
  )
  onScopeDispose(() => {
    stop()
    window.clearTimeout(timer)
  })
  return others
}
