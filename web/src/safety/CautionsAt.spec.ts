import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import CautionsAt from './CautionsAt.vue'

afterEach(() => vi.unstubAllGlobals())

describe('the cautions of a stage', () => {
  it('are those that the server says of that stage, and what stands beside them stands once', async () => {
    const asked: URL[] = []
    vi.stubGlobal('fetch', (request: Request) => {
      asked.push(new URL(request.url))
      return Promise.resolve(
        Response.json(
          ['INTO_A_DUMMY_LOAD', 'RF_BURNS'].map((id) => ({ id: `caution.${id}`, params: {}, text: '' })),
        ),
      )
    })
    const cautions = mount(CautionsAt, {
      props: { stage: 'AT_THE_BENCH', more: [{ id: 'caution.RF_BURNS', params: {}, text: '' }] },
      global: { plugins: [createPinia(), VueQueryPlugin] },
    })
    await flushPromises()
    expect(asked.map((url) => url.searchParams.get('stage'))).toEqual(['AT_THE_BENCH'])
    const said = cautions.findAll('.caution').map((c) => c.text())
    expect(said).toHaveLength(2)
    expect(said[1]).toContain('dummy load')
  })
})
