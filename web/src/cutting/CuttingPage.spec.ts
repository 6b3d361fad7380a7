import { joined } from '@/units/joined'
import { boxes, isTicked, labelled, pick, tick } from '@/testing/controls'
import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import CuttingPage from './CuttingPage.vue'
import { anInput, aSheet } from './testSheet'

interface Sent {
  method: string
  path: string
  body: Record<string, unknown>
}
let sent: Sent[]
let refuse: { field: string; detail: string } | undefined
let kept:
  { id: string; version: number; name: string; done: string[]; cuts: unknown[]; body: string } | undefined
const open: VueWrapper[] = []

beforeEach(() => {
  localStorage.clear()
  sent = []
  refuse = undefined
  kept = undefined
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
  vi.stubGlobal('EventSource', undefined)
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const path = new URL(request.url).pathname
      const text = await request.text()
      const body = (text ? JSON.parse(text) : {}) as Record<string, unknown>
      sent.push({ method: request.method, path, body })
      const reply = (value: unknown, status = 200) =>
        new Response(status === 204 ? null : JSON.stringify(value), {
          status,
          headers: { 'Content-Type': 'application/json' },
        })
      if (path === '/api/cutting/kinds')
        return reply([
          aSheet().kind,
          {
            id: 'tube-j-pole',
            title: said('tube J-pole'),
            about: said('stands on a pole'),
            lowestHz: 45e6,
            highestHz: 520e6,
          },
        ])
      if (path.endsWith('/inputs')) return reply([anInput({})])
      if (path === '/api/cutting/sheet')
        return refuse
          ? reply({ ...refuse, status: 422 }, 422)
          : reply(aSheet({ frequencyHz: Number(body.frequencyHz), solvable: false }))
      if (path === '/api/session') return reply({ role: 'TECHNICIAN', displayName: 'Inés', login: 'ines' })
      if (path.startsWith('/api/cut-sheets')) {
        if (request.method === 'DELETE') return reply(null, 204)
        if (request.method === 'GET') return reply(path === '/api/cut-sheets' ? (kept ? [kept] : []) : kept)
        kept = {
          ...(body as unknown as NonNullable<typeof kept>),
          id: 's1',
          version: (kept?.version ?? 0) + 1,
        }
        return reply(
          { ...kept, kind: 'quarter-wave-whip', changedBy: 'Inés' },
          request.method === 'POST' ? 201 : 200,
        )
      }
      return reply({ detail: `not stubbed: ${path}` }, 404)
    }),
  )
})
afterEach(() => {
  open.splice(0).forEach((p) => p.unmount())
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function page(address: string) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/cutting', component: CuttingPage },
      { path: '/installations/:id', component: { template: '<p />' } },
    ],
  })
  await router.push(address)
  const wrapper = mount(CuttingPage, { global: { plugins: [router, createPinia(), VueQueryPlugin] } })
  open.push(wrapper)
  await settle()
  return { wrapper, router }
}
async function settle() {
  for (let i = 0; i < 8; i++) {
    await vi.advanceTimersByTimeAsync(20)
    await flushPromises()
  }
}
const button = (w: VueWrapper, text: string) =>
  w.findAll('button').find((b) => b.text().includes(text)) ?? w.find('no-such-button')
/** Frequency first, then what the kind asks for. */
const typedAt = (w: VueWrapper, i: number) =>
  w.findAll('form.bar input:not([role=combobox])')[i] ?? w.find('no-such-field')
const WHIP = '/cutting?kind=quarter-wave-whip&f=157000000'

describe('cut sheets', () => {
  it('begin with what can be made', async () => {
    const { wrapper } = await page('/cutting')
    expect(wrapper.text()).toContain('What shall it be?')
    expect(wrapper.text()).toContain('Tube J-pole')
    expect(wrapper.find('a.kind').attributes('href')).toContain('kind=quarter-wave-whip')
  })

  it('open from an address and say what to cut', async () => {
    const { wrapper } = await page(WHIP)
    expect(wrapper.find('h1').text()).toContain('quarter-wave whip, 157.000 MHz')
    expect(wrapper.find('.sentence').text()).toContain(joined('Cut the whip to 460 mm (18 1/8 in)'))
  })

  it('put every change into the address', async () => {
    const { wrapper, router } = await page(WHIP)
    await typedAt(wrapper, 0).setValue('146.52')
    await settle()
    expect(router.currentRoute.value.query.f).toBe('146520000')
    await typedAt(wrapper, 1).setValue('3 mm')
    await settle()
    expect(router.currentRoute.value.query.diameterM).toBe('0.003')
    expect(sent.filter((s) => s.path === '/api/cutting/sheet').at(-1)?.body).toMatchObject({
      frequencyHz: 146_520_000,
      numbers: { diameterM: 0.003 },
    })
  })

  it('say at the field what can’t be made and keep the last good sheet', async () => {
    const { wrapper } = await page(WHIP)
    refuse = { field: 'diameterM', detail: 'Whip, thickness: from 0.2 mm to 38 mm.' }
    await typedAt(wrapper, 1).setValue('200 mm')
    await settle()
    expect(wrapper.find('form.bar [role=alert]').text()).toContain('from 0.2 mm to 38 mm')
    expect(wrapper.find('.sentence').text()).toContain(joined('460 mm'))
    refuse = undefined
    await typedAt(wrapper, 1).setValue('3 mm')
    await settle()
    expect(wrapper.find('form.bar [role=alert]').exists()).toBe(false)
  })

  it('keep to their own frequency where another kind is chosen', async () => {
    const { wrapper, router } = await page('/cutting?kind=quarter-wave-whip&f=900000000&diameterM=0.003')
    await pick(wrapper, 'tube-j-pole')
    await settle()
    const { query } = router.currentRoute.value
    expect(query.kind).toBe('tube-j-pole')
    expect(Number(query.f)).toBeLessThan(520e6)
    expect(query.diameterM).toBeUndefined()
  })

  it('give every number back as usual at one touch', async () => {
    const { wrapper, router } = await page(`${WHIP}&diameterM=0.005&held=~telescope`)
    expect(router.currentRoute.value.query.diameterM).toBe('0.005')
    await button(wrapper, 'Reset to defaults').trigger('click')
    await settle()
    expect(router.currentRoute.value.query).toMatchObject({ held: '~telescope' })
    expect(router.currentRoute.value.query.diameterM).toBeUndefined()
    expect((typedAt(wrapper, 1).element as HTMLInputElement).value).toBe('2.4 mm')
  })

  it('are kept for the shop, and each tick is saved from then on', async () => {
    const { wrapper, router } = await page(WHIP)
    await button(wrapper, 'Save for the shop').trigger('submit')
    await settle()
    expect(router.currentRoute.value.query.sheet).toBe('s1')
    expect(kept?.name).toBe('quarter-wave whip, 157.000 MHz')
    await tick(wrapper)
    await settle()
    expect(sent.filter((s) => s.method === 'PUT').at(-1)).toMatchObject({
      method: 'PUT',
      path: '/api/cut-sheets/s1',
      body: { done: ['cut'] },
    })
    await wrapper.find('.real input').setValue('459 mm')
    await settle()
    expect(kept?.cuts).toEqual([{ piece: 1, lengthM: 0.459 }])
    expect(kept?.version).toBe(3)
  })

  it('open again with their ticks', async () => {
    kept = {
      id: 's1',
      version: 4,
      name: 'Whip of pick-up 3',
      done: ['cut'],
      cuts: [{ piece: 1, lengthM: 0.459 }],
      body: JSON.stringify({ kind: 'quarter-wave-whip', f: '157000000' }),
    }
    const { wrapper, router } = await page('/cutting?sheet=s1')
    expect(router.currentRoute.value.query.kind).toBe('quarter-wave-whip')
    expect(isTicked(boxes(wrapper)[0])).toBe(true)
    expect((wrapper.find('.real input').element as HTMLInputElement).value).toBe('459 mm')
  })

  it('can be removed and put back', async () => {
    const { wrapper } = await page(WHIP)
    await button(wrapper, 'Save for the shop').trigger('submit')
    await settle()
    await button(wrapper, 'Remove this sheet').trigger('click')
    await settle()
    expect(sent.some((s) => s.method === 'DELETE')).toBe(true)
    await button(wrapper, 'Put it back').trigger('click')
    await settle()
    expect(sent.filter((s) => s.method === 'POST' && s.path === '/api/cut-sheets')).toHaveLength(2)
  })

  it('take bars on hand into the request', async () => {
    const { wrapper } = await page(WHIP)
    const bars = labelled(wrapper, 'Stock lengths')
    await bars.setValue('2 × 3 m')
    await bars.trigger('focusout')
    await settle()
    expect(sent.filter((s) => s.path === '/api/cutting/sheet').at(-1)?.body).toMatchObject({ stockM: [3, 3] })
  })
})
