import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import OpenVisit from './OpenVisit.vue'

const post = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { POST: (...args: unknown[]) => post(...args) as unknown },
}))

const opened = vi.fn()
const page = () =>
  mount(OpenVisit, {
    props: { installationId: 'i1', onOpened: opened },
    global: { plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]] },
  })

beforeEach(() => opened.mockReset())

describe('opening a visit', () => {
  it('says what it is for and why', async () => {
    post.mockResolvedValue({ data: { id: 'i1' }, response: new Response() })
    const form = page()
    await form.find('button').trigger('click')
    await form.findAll('input[type=radio]')[2]?.setValue()
    await form.find('input:not([type=radio])').setValue('cracked base')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(post.mock.calls[0]?.[1]).toMatchObject({ body: { purpose: 'REPAIR', why: 'cracked base' } })
    expect(opened).toHaveBeenCalledOnce()
  })

  it('says why it was refused, and keeps what was typed', async () => {
    post.mockResolvedValue({
      error: { status: 409, detail: 'Visit 2 is still open: record on that one.' },
      response: new Response(null, { status: 409 }),
    })
    const form = page()
    await form.find('button').trigger('click')
    await form.find('input:not([type=radio])').setValue('cracked base')
    await form.find('form').trigger('submit')
    await flushPromises()
    expect(form.text()).toContain('still open')
    expect((form.find('input:not([type=radio])').element as HTMLInputElement).value).toBe('cracked base')
    expect(opened).not.toHaveBeenCalled()
  })
})
