import { afterEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import { answer, api, Problem, problemOf, send } from './client'

afterEach(() => {
  vi.unstubAllGlobals()
})

describe('talking to the server', () => {
  it('turns a problem detail into a sentence and its fields', () => {
    const problem = problemOf(422, {
      detail: 'Bad.',
      errors: [
        { field: 'title', message: 'Please name it.' },
        { field: 'title', message: 'again' },
      ],
    })
    expect(problemOf(422, { detail: 'Crossing.', wire: 3 }).wire).toBe(3)
    expect(problem.message).toBe('Bad.')
    expect(problem.fields).toEqual({ title: 'Please name it.' })
  })

  it("says what a field was refused for in the person's own words", () => {
    const outcome = { id: 'wrong.ELEMENT', params: { lowSizeM: 0.02, highSizeM: 20 }, text: 'In English.' }
    const { fields } = problemOf(422, {
      errors: [{ field: 'startLengthM', message: 'In English.', outcome }],
    })
    expect(fields.startLengthM).toBe(
      joined('An element is between 20 mm (0.79 in) and 20.00 m (65.6 ft) long.'),
    )
  })

  it('has words of its own where the server gives none', () => {
    expect(problemOf(401, undefined).message).toContain('Sign in again')
    expect(problemOf(500, {}).message).toContain('500')
  })

  it('a refused answer without a body is still a problem', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(null, { status: 403 })))
    await expect(answer(api.GET('/api/people'))).rejects.toMatchObject({ status: 403 })
  })

  it('a lost connection is told apart from a refusal', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('network')))
    const failed = await send(new Request('http://127.0.0.1/api/x')).catch((e: unknown) => e)
    expect(failed).toBeInstanceOf(Problem)
    expect((failed as Problem).isUnanswered).toBe(true)
  })

  it('an answer that is cut off while it comes is a lost connection too, and a mistake of ours is none', async () => {
    const cut = (error: unknown) =>
      answer(Promise.reject(error as Error) as Promise<{ response: Response }>).catch((e: unknown) => e)
    for (const error of [
      new DOMException('signal is aborted', 'AbortError'),
      new TypeError('network error'),
    ]) {
      expect(await cut(error)).toMatchObject({ isUnanswered: true })
    }
    const ours = new RangeError('ours')
    expect(await cut(ours)).toBe(ours)
  })

  it('sends the CSRF token of the moment', async () => {
    document.cookie = 'XSRF-TOKEN=abc%2Fd'
    let seen: string | null = ''
    vi.stubGlobal('fetch', (r: Request) => {
      seen = r.headers.get('X-XSRF-TOKEN')
      return Promise.resolve(new Response('{}'))
    })
    await send(new Request('http://127.0.0.1/api/x', { method: 'POST' }))
    expect(seen).toBe('abc/d')
  })
})
