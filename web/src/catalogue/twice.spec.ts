import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { api } from '@/api/client'
import ConfirmButton from '@/ui/ConfirmButton.vue'
import type { ListOf } from './useTwice'
import WrittenTwice from './WrittenTwice.vue'

const THINGS = [
  { id: 'a', name: 'Hill relay' },
  { id: 'b', name: 'Hill realy' },
  { id: 'c', name: 'Harbour office' },
]

async function shown(of: ListOf, role: string) {
  const asked: string[] = []
  vi.spyOn(api, 'GET').mockImplementation(((path: string) => {
    asked.push(path)
    const data = path.endsWith('/doubles') ? [{ one: 'b', other: 'a' }] : { role, displayName: 'Inés' }
    return Promise.resolve({ data, response: new Response() })
  }) as never)
  const list = mount(WrittenTwice, {
    props: { of, things: THINGS },
    global: {
      plugins: [
        createPinia(),
        [VueQueryPlugin, { queryClient: new QueryClient({ defaultOptions: { queries: { retry: false } } }) }],
      ],
    },
  })
  await flushPromises()
  return { list, asked }
}

describe('what is written twice in a list', () => {
  it.each(['instruments', 'radios', 'stations'] as const)('is put together by a lead: %s', async (of) => {
    const { list, asked } = await shown(of, 'LEAD')
    expect(asked).toContain(`/api/${of}/doubles`)
    const buttons = list.findAllComponents(ConfirmButton)
    expect(buttons.map((b) => b.text())).toEqual(['Hill realy', 'Hill relay'])
    const question = buttons[1]?.props('question')
    expect(question).toMatch(/“Hill relay” stays.*“Hill realy”/)
    const post = vi
      .spyOn(api, 'POST')
      .mockResolvedValue({ data: { renamedCount: 1 }, response: new Response() } as never)
    buttons[1]?.vm.$emit('confirmed')
    await flushPromises()
    expect(post).toHaveBeenCalledWith(`/api/${of}/{id}/merge`, {
      params: { path: { id: 'b' } },
      body: { into: 'a' },
    })
    expect(list.emitted('merged')).toHaveLength(1)
  })

  it('is nothing to anybody else', async () => {
    const { list } = await shown('radios', 'TECHNICIAN')
    expect(list.findAllComponents(ConfirmButton)).toHaveLength(0)
  })

  it('says why it was not, and stays', async () => {
    const { list } = await shown('radios', 'LEAD')
    vi.spyOn(api, 'POST').mockResolvedValue({
      error: { detail: 'It is gone.' },
      response: new Response(null, { status: 404 }),
    } as never)
    list.findAllComponents(ConfirmButton)[0]?.vm.$emit('confirmed')
    await flushPromises()
    expect(list.text()).toContain('It is gone.')
    expect(list.emitted('merged')).toBeUndefined()
  })
})
