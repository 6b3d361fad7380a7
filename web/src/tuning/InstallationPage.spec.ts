import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, shallowMount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import BigAction from '@/ui/BigAction.vue'
import InstallationPage from './InstallationPage.vue'
import RecordPass from './RecordPass.vue'

const installation = {
  id: 'i1',
  title: 'Pick-up 41',
  visits: [{ id: 'v1', number: 1, purpose: 'FITTING' }],
  circumstances: [],
  cautions: [],
  sweepStartHz: 136e6,
  sweepStopHz: 174e6,
  channels: [{ name: 'Field', frequencyHz: 150e6, primary: true }],
  antennaPiece: { id: 'adjusted.WHIP', params: {}, text: 'the whip' },
}

const ANSWERS: [RegExp, unknown][] = [
  [/\/api\/session$/, { id: 'p1', displayName: 'Inés', role: 'TECHNICIAN', active: true }],
  [/\/api\/installations\/i1$/, installation],
  [/\/passes$/, []],
  [/\/air$/, { calls: [], comparisons: [] }],
]

let instrumentsAnswer: (all: unknown[]) => void

beforeEach(() => {
  localStorage.clear()
  const instruments = new Promise<unknown[]>((resolve) => (instrumentsAnswer = resolve))
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    const body = path.endsWith('/api/instruments')
      ? await instruments
      : (ANSWERS.find(([of]) => of.test(path))?.[1] ?? [])
    return new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } })
  })
})
afterEach(() => vi.unstubAllGlobals())

it('begins no reading before it is known where readings come from', async () => {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/', component: InstallationPage }],
  })
  const page = shallowMount(InstallationPage, {
    props: { id: 'i1' },
    global: { plugins: [createPinia(), router, [VueQueryPlugin, { queryClient: new QueryClient() }]] },
  })
  await flushPromises()
  expect(page.text()).toContain('Pick-up 41')
  expect(page.findComponent(BigAction).exists()).toBe(false)
  window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter' }))
  await flushPromises()
  expect(page.findComponent(RecordPass).exists()).toBe(false)

  instrumentsAnswer([{ id: 'stand-in', name: 'Stand-in', standIn: true, recorded: true }])
  await flushPromises()
  page.findComponent(BigAction).vm.$emit('click')
  await flushPromises()
  expect(page.findComponent(RecordPass).props('draft').source).toBe('simulated')
  page.unmount()
})
