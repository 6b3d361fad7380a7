import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import TakenBack from '@/tuning/TakenBack.vue'
import RemovedPage from './RemovedPage.vue'

const at = '2026-03-01T08:00:00Z'
const posted: string[] = []

function server(answers: Record<string, unknown>, refusal?: string) {
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    if (request.method !== 'GET') posted.push(`${request.method} ${path}`)
    const isRefused = request.method !== 'GET' && refusal
    const body = isRefused ? { detail: refusal } : answers[path]
    return new Response(body === undefined ? null : JSON.stringify(body), {
      status: isRefused ? 409 : body === undefined ? 204 : 200,
      headers: { 'Content-Type': 'application/json' },
    })
  })
}
afterEach(() => {
  vi.unstubAllGlobals()
  posted.length = 0
})
const plan = {
  id: 'p',
  kind: { id: 'removedKind.PLAN', params: {}, text: 'plan' },
  name: 'Pick-up 4, roof',
  removedAt: at,
  removedBy: 'Bruno',
}

async function page(refusal?: string) {
  server({ '/api/removed': [plan], '/api/session': { role: 'TECHNICIAN' } }, refusal)
  const wrapper = mount(RemovedPage, { global: { plugins: [VueQueryPlugin, createPinia()] } })
  await flushPromises()
  return wrapper
}

describe('what was removed', () => {
  it('is put back where it was', async () => {
    const wrapper = await page()
    expect(wrapper.text()).toContain('Bruno')
    await wrapper.find('tbody button').trigger('click')
    await flushPromises()
    expect(posted).toEqual(['POST /api/removed/p/put-back'])
    expect(wrapper.text()).toContain('The plan “Pick-up 4, roof” is back.')
  })
  it('says why it cannot come back', async () => {
    const wrapper = await page('There is another plan of that name by now.')
    await wrapper.find('tbody button').trigger('click')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toContain('There is another plan')
  })
})

describe('a pass that was taken back', () => {
  const pass = { id: 'x', recordedAt: at, recordedBy: 'Bruno', note: '', mayBePutBack: true }
  const list = (passes: unknown[]) => {
    server({ '/api/installations/i/taken-back': passes })
    return mount(TakenBack, {
      props: { installationId: 'i', mayRecord: true },
      global: { plugins: [VueQueryPlugin] },
    })
  }
  it('can be put back by whoever opens the page later', async () => {
    const wrapper = list([pass])
    await flushPromises()
    await wrapper.find('button').trigger('click')
    await flushPromises()
    expect(posted).toEqual(['POST /api/passes/x/put-back'])
  })
  it('is not offered once another was recorded', async () => {
    const wrapper = list([{ ...pass, mayBePutBack: false }])
    await flushPromises()
    expect(wrapper.find('button').exists()).toBe(false)
  })
})
