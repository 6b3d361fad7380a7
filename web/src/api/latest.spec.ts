import { effectScope } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { answer, api, Problem } from './client'
import { useLatest } from './latest'

describe('asking again before the answer', () => {
  it('ends the request before, and all when the page is left', async () => {
    const sent: Request[] = []
    vi.stubGlobal(
      'fetch',
      vi.fn((request: Request) => {
        sent.push(request)
        return new Promise<Response>((_, refuse) =>
          request.signal.addEventListener('abort', () => refuse(new DOMException('', 'AbortError'))),
        )
      }),
    )
    const page = effectScope()
    const latest = page.run(useLatest)
    if (!latest) throw new Error('a scope')
    const first = latest()
    const late = answer(api.GET('/api/removed', { signal: first }))
    const second = latest()
    await expect(late).rejects.toBeInstanceOf(Problem)
    expect([first.aborted, second.aborted]).toEqual([true, false])
    expect(sent[0]?.signal.aborted).toBe(true)
    page.stop()
    expect(second.aborted).toBe(true)
    vi.unstubAllGlobals()
  })
})
