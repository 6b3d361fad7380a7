import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, nextTick, ref, type Ref } from 'vue'
import { isOld, useTogether } from './together'

describe('what is old after a change of somebody else', () => {
  it('is an installation with all that belongs to it, and the lists it stands in', () => {
    const change = { of: 'installations', id: 'i1' }
    for (const key of [
      ['installation', 'i1'],
      ['passes', 'i1', 'runs'],
      ['air', 'i1'],
      ['board', 'due'],
    ])
      expect(isOld(key, change)).toBe(true)
    for (const key of [['installation', 'i2'], ['radios'], ['me']]) expect(isOld(key, change)).toBe(false)
  })

  it('is of its own list, and what it answers when getting ready', () => {
    expect(isOld(['radios', 'r1', 'checks'], { of: 'radios', id: 'r1' })).toBe(true)
    expect(isOld(['ready', 'i1', 'ANALYSER'], { of: 'radios', id: 'r1' })).toBe(true)
    expect(isOld(['stations'], { of: 'radios', id: 'r1' })).toBe(false)
  })

  it('is of the book alone where only the book caught up', () => {
    expect(isOld(['board', 'like', 'i1'], { of: 'book' })).toBe(true)
    expect(isOld(['board', '', 'MET'], { of: 'book' })).toBe(true)
    expect(isOld(['board', '', '', 'counts'], { of: 'book' })).toBe(true)
    expect(isOld(['board', '', ''], { of: 'book' })).toBe(false)
  })

  it('is everything but one’s own where anything may have changed', () => {
    expect(isOld(['plans'], { of: 'archive' })).toBe(true)
    expect(isOld(['me'], { of: 'archive' })).toBe(false)
  })
})

class Source {
  static all: Source[] = []
  static readonly CLOSED = 2
  readyState = 1
  closed = false
  onopen?: () => void
  onerror?: () => void
  private readonly told = new Map<string, (e: unknown) => void>()
  constructor(readonly url: string) {
    Source.all.push(this)
  }
  addEventListener(name: string, f: (e: unknown) => void) {
    this.told.set(name, f)
  }
  close() {
    this.closed = true
  }
  tell(name: string, data: object) {
    this.told.get(name)?.({ data: JSON.stringify(data) })
  }
}

describe('a page among others', () => {
  const asked = vi.fn()
  beforeEach(() => {
    Source.all = []
    vi.useFakeTimers()
    vi.stubGlobal('EventSource', Source)
    asked.mockReset()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  function page(id: Ref<string>) {
    const queries = new QueryClient()
    vi.spyOn(queries, 'invalidateQueries').mockImplementation((f) => {
      asked(f)
      return Promise.resolve()
    })
    return mount(
      defineComponent({
        setup: () => ({ others: useTogether(id) }),
        template: '<p>{{ others.join(", ") }}</p>',
      }),
      { global: { plugins: [[VueQueryPlugin, { queryClient: queries }]] } },
    )
  }

  it('asks once for a burst, and again later, not at once', async () => {
    page(ref('i1'))
    const source = Source.all[0]
    for (let i = 0; i < 5; i++) source?.tell('changed', { of: 'installations', id: 'i1' })
    expect(asked).not.toHaveBeenCalled()
    await vi.advanceTimersByTimeAsync(200)
    expect(asked).toHaveBeenCalledTimes(1)
    source?.tell('changed', { of: 'installations', id: 'i1' })
    await vi.advanceTimersByTimeAsync(1_000)
    expect(asked).toHaveBeenCalledTimes(1)
    await vi.advanceTimersByTimeAsync(2_000)
    expect(asked).toHaveBeenCalledTimes(2)
  })

  it('says who else is there, and listens anew where it goes', async () => {
    const id = ref('i1')
    const shown = page(id)
    Source.all[0]?.tell('here', { others: ['Marisol'] })
    await nextTick()
    expect(shown.text()).toBe('Marisol')
    id.value = 'i2'
    await nextTick()
    expect(Source.all[0]?.closed).toBe(true)
    expect(Source.all[1]?.url).toContain('installation=i2')
    expect(shown.text()).toBe('')
  })

  it('asks for everything after the connection was away', async () => {
    page(ref(''))
    Source.all[0]?.onopen?.()
    await vi.advanceTimersByTimeAsync(200)
    expect(asked).not.toHaveBeenCalled()
    Source.all[0]?.onerror?.()
    Source.all[0]?.onopen?.()
    await vi.advanceTimersByTimeAsync(200)
    expect(asked).toHaveBeenCalledTimes(1)
  })

  it('tries again by itself where it was refused, and no more once it is gone', async () => {
    const shown = page(ref(''))
    const refuse = (source: Source | undefined) => {
      if (source) source.readyState = Source.CLOSED
      source?.onerror?.()
    }
    refuse(Source.all[0])
    await vi.advanceTimersByTimeAsync(11_000)
    expect(Source.all).toHaveLength(2)
    refuse(Source.all[1])
    shown.unmount()
    await vi.advanceTimersByTimeAsync(11_000)
    expect(Source.all).toHaveLength(2)
  })
})
