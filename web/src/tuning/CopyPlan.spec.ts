import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import CopyPlan from './CopyPlan.vue'
import type { Installation } from './sentence'

const installation = { id: 'seven' } as unknown as Installation
const form = () =>
  mount(CopyPlan, {
    props: { installation },
    global: { plugins: [VueQueryPlugin, createPinia()], stubs: { RouterLink: RouterLinkStub } },
  })
const replies = (status: number, body: unknown) => {
  const fetched = vi.fn((request: Request) => {
    void request
    return Promise.resolve(
      new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }),
    )
  })
  vi.stubGlobal('fetch', fetched)
  return fetched
}
afterEach(() => vi.unstubAllGlobals())

describe('copying a plan to a fleet', () => {
  it('sends one name for each line that holds one, and links to what was made', async () => {
    const fetched = replies(201, [{ id: '8', title: 'Tractor 8' }])
    const page = form()
    await page.find('button').trigger('click')
    await page.find('textarea').setValue('Tractor 8\n\n  Tractor 9 ')
    expect(page.find('button[type=submit]').text()).toBe('Create 2 installations')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(await fetched.mock.calls[0]?.[0].json()).toEqual({ titles: ['Tractor 8', 'Tractor 9'] })
    expect(page.text()).toContain('Created: Tractor 8.')
    expect(page.find('form').exists()).toBe(false)
  })
  it('keeps what was typed where the server refuses', async () => {
    replies(422, { detail: 'At most 50 at a time, please.' })
    const page = form()
    await page.find('button').trigger('click')
    await page.find('textarea').setValue('Tractor 8')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('At most 50 at a time')
    expect(page.find('textarea').element.value).toBe('Tractor 8')
  })
})
