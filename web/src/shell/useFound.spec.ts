import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import { useFound } from './useFound'

const get = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown },
}))

const one = (id: string, title: string) => ({ id, shopNumber: 'FS-0001', title })

async function found(text: string, board: object[], book: object[]) {
  get.mockImplementation((path: string) =>
    Promise.resolve({
      data:
        path === '/api/installations'
          ? board
          : path === '/api/book'
            ? { rows: book, total: book.length }
            : path === '/api/lessons'
              ? [{ id: 'l1', says: 'Paint under this base: scrape first' }]
              : [],
      response: new Response(),
    }),
  )
  const shown = mount(
    defineComponent({
      setup: () => useFound(ref(text), ref(false)),
      template: '<i v-for="o in options" :key="o.value + o.word" :title="o.value">{{ o.word }}</i>',
    }),
    { global: { plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]] } },
  )
  await vi.advanceTimersByTimeAsync(300)
  await flushPromises()
  return shown.findAll('i').map((i) => i.attributes('title'))
}

describe('what is found from anywhere', () => {
  beforeEach(() => vi.useFakeTimers())
  afterEach(() => vi.useRealTimers())

  it('is what is written so first, then what the book forgives, each once', async () => {
    const paths = await found('tractr', [one('a', 'Tractr')], [one('a', 'Tractr'), one('b', 'Tractor 7')])
    expect(paths).toEqual(['/installations/a', '/installations/b'])
  })

  it('is a lesson by its words, and a page by its name', async () => {
    expect(await found('scrape paint', [], [])).toEqual(['/lessons'])
    expect(await found('due', [], [])).toEqual(['/due'])
  })
})
