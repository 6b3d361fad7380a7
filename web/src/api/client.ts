import createClient from 'openapi-fetch'
import { plain } from '@/units/joined'
import { currentWords, type Outcome } from '@/words/words'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** A problem as the server says it (RFC 9457), or the lack of an answer. */
export class Problem extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly fields: Record<string, string> = {},
    readonly current?: unknown,
    /** Index of the wire that a structure is refused for. */
    readonly wire?: number,
  ) {
    super(message)
  }

  /** True where nobody knows whether the server got it: the same entry may be sent again. */
  get isUnanswered(): boolean {
    return this.status === 0
  }
}

interface ProblemBody {
  detail?: string
  field?: string
  errors?: { field: string; message: string; outcome?: Outcome }[]
  current?: unknown
  wire?: number
  /** What core refused, where it did. */
  outcome?: Outcome
}

function csrfToken(): string {
  // Read on every request: signing in changes it.
  const match = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(document.cookie)
  return match ? decodeURIComponent(match[1] ?? '') : ''
}

/** This page among all that are open: what it changes itself it need not be told. */
export const PAGE = crypto.randomUUID()

/** A request as the browser sends it, with the CSRF header, turned into a {@link Problem} where it goes wrong. */
export async function send(request: Request): Promise<Response> {
  request.headers.set('X-XSRF-TOKEN', csrfToken())
  request.headers.set('X-Dorada-Page', PAGE)
  try {
    return await globalThis.fetch(request)
  } catch {
    throw new Problem(currentWords().text('typed.NO_CONNECTION'), 0)
  }
}

/** Words of ours come back as what somebody named something: in records a gap is a gap. */
const plainGaps = (body: unknown) => (body instanceof FormData ? body : plain(JSON.stringify(body)))

export const api = createClient<paths>({ baseUrl: location.origin, fetch: send, bodySerializer: plainGaps })

/** The body of a good answer; a {@link Problem} otherwise. */
export async function answer<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error, response } = await call.catch((cut: unknown) => {
    throw isCutOff(cut) ? new Problem(currentWords().text('typed.NO_CONNECTION'), 0) : cut
  })
  if (response.ok) return data as T
  throw problemOf(response.status, error as ProblemBody | undefined)
}

/** An answer that had begun: given up by us, or by the network. */
const isCutOff = (error: unknown): boolean =>
  error instanceof TypeError || (error instanceof DOMException && error.name === 'AbortError')

export function problemOf(status: number, body: ProblemBody | undefined): Problem {
  const fields: Record<string, string> = {}
  for (const e of body?.errors ?? []) {
    fields[e.field] ??= e.outcome ? currentWords().sentence(e.outcome) : e.message
  }
  const said = body?.outcome ? currentWords().sentence(body.outcome) : body?.detail
  if (body?.field && said) fields[body.field] ??= said
  return new Problem(said ?? usualSentence(status), status, fields, body?.current, body?.wire)
}

function usualSentence(status: number): string {
  switch (status) {
    case 401:
      return currentWords().text('typed.SIGNED_OUT')
    case 403:
      return currentWords().text('typed.ROLE')
    default:
      return currentWords().text('typed.TROUBLE', { statusCount: status })
  }
}
