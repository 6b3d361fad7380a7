import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent } from 'vue'
import { Problem } from '@/api/client'
import { useSolving, type Solving, type Task } from './useSolving'

let states: Record<string, { state: string; share: number; result?: unknown; trouble?: string }>
let stopped: string[]

beforeEach(() => {
  states = {}
  stopped = []
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) => {
      const id = new URL(request.url).pathname.split('/').at(-1) ?? ''
      if (request.method === 'DELETE') stopped.push(id)
      return Promise.resolve(
        new Response(JSON.stringify({ id, ...states[id] }), {
          status: 200,
          headers: { 'Content-Type': 'application/json' },
        }),
      )
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

function used(): { solving: Solving<number>; leave: () => void } {
  let solving: Solving<number> | undefined
  const page = mount(
    defineComponent({
      setup() {
        solving = useSolving<number>()
        return () => undefined
      },
    }),
  )
  if (!solving) throw new Error('set up')
  return { solving, leave: () => page.unmount() }
}

const task = (name: string, done: (n: number) => void = () => {}): Task<number> => ({
  name,
  start: () => Promise.resolve({ id: name }),
  done,
})

describe('long computations', () => {
  it('run one after the other; what fails is named, and the next one is taken', async () => {
    states = {
      a: { state: 'DONE', share: 1, result: 1 },
      b: { state: 'FAILED', share: 0.2, trouble: 'too thick' },
      c: { state: 'DONE', share: 1, result: 3 },
    }
    const { solving } = used()
    const results: number[] = []
    await solving.run(['a', 'b', 'c'].map((name) => task(name, (n) => results.push(n))))
    expect(results).toEqual([1, 3])
    expect(solving.trouble.value).toBe('b: too thick')
    expect(solving.share.value).toBeUndefined()
  })

  it('tell how far they are, and end when they are stopped', async () => {
    states = { slow: { state: 'RUNNING', share: 0.4 } }
    const { solving } = used()
    const results: number[] = []
    void solving.run([task('slow', (n) => results.push(n)), task('next', (n) => results.push(n))])
    await flushPromises()
    expect(solving.share.value).toBe(0.4)
    expect(solving.working.value).toBe('slow')
    solving.stop()
    await flushPromises()
    expect(stopped).toEqual(['slow'])
    states = { slow: { state: 'STOPPED', share: 0.4 } }
    await new Promise((resolve) => setTimeout(resolve, 300))
    expect(results).toEqual([])
    expect(solving.share.value).toBeUndefined()
  })

  it('end when the page is left', async () => {
    states = { slow: { state: 'RUNNING', share: 0.1 } }
    const { solving, leave } = used()
    void solving.run([task('slow')])
    await flushPromises()
    leave()
    await flushPromises()
    expect(stopped).toEqual(['slow'])
  })

  it('are not ended by an earlier one that begins only after it was asked again', async () => {
    states = { late: { state: 'DONE', share: 1, result: 1 }, now: { state: 'RUNNING', share: 0.5 } }
    const { solving } = used()
    const results: number[] = []
    let begin: (job: { id: string }) => void = () => {}
    const late = new Promise((resolve) => (begin = resolve))
    void solving.run([{ ...task('late', (n) => results.push(n)), start: () => late }])
    void solving.run([task('now', (n) => results.push(n))])
    await flushPromises()
    begin({ id: 'late' })
    await flushPromises()
    expect(stopped).toEqual(['late'])
    states.now = { state: 'DONE', share: 1, result: 2 }
    await new Promise((resolve) => setTimeout(resolve, 300))
    expect(results).toEqual([2])
  })

  it('say what the server refused', async () => {
    const { solving } = used()
    const refused = () => Promise.reject(new Problem('No such antenna.', 422))
    await solving.run([{ ...task('a'), start: refused }])
    expect(solving.trouble.value).toBe('a: No such antenna.')
    expect(solving.share.value).toBeUndefined()
  })
})
