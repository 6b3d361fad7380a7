import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import { usePreferences } from '@/preferences'
import FleetPage from './FleetPage.vue'

const get = vi.fn()
const post = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: (...args: unknown[]) => get(...args) as unknown,
    POST: (...args: unknown[]) => post(...args) as unknown,
  },
}))
const answers = (data: unknown) => Promise.resolve({ data, response: new Response() })

const row = (title: string, state: string, more: object = {}) => ({
  id: title,
  shopNumber: 'FS-0001',
  title,
  mount: 'roof',
  state,
  readings: 0,
  changes: 0,
  faults: [],
  touchedAt: '2026-03-10T08:00:00Z',
  ...more,
})

async function page(fleet: object, role = 'TECHNICIAN') {
  get.mockImplementation((path: string) =>
    answers(
      path === '/api/session'
        ? { role }
        : path === '/api/installations/{id}/fleet'
          ? fleet
          : {
              id: 'i1',
              customer: 'Olive growers',
              sheetKind: 'quarter-wave-whip',
              channels: [{ name: 'Field', frequencyHz: 153_050_000, primary: true }],
            },
    ),
  )
  const pinia = createPinia()
  usePreferences(pinia).unit = 'mm'
  const shown = mount(FleetPage, {
    props: { id: 'i1' },
    global: {
      plugins: [pinia, [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return shown
}

const begun = {
  rows: [
    row('Tractor 1', 'SIGNED_OFF', { readings: 3, changes: 2, finalLengthM: 0.487, worstSwr: 1.3 }),
    row('Tractor 2', 'PLANNED'),
    row('Tractor 3', 'TUNING', { readings: 1 }),
  ],
  lengthM: { median: 0.487, low: 0.487, high: 0.487 },
  startM: 0.511,
  oneWay: true,
  untouched: 1,
}

describe('a fleet', () => {
  beforeEach(() => post.mockReset())

  it('is cut in one go by its sheet as long as none has shown where it ends', async () => {
    const none = { ...begun, rows: begun.rows.slice(1), lengthM: undefined, startM: undefined, untouched: 2 }
    const shown = await page(none)
    const sheet = shown.findAllComponents(RouterLinkStub).find((l) => l.text() === 'A cut sheet for all 2')
    expect(sheet?.props('to')).toMatchObject({
      path: '/cutting',
      query: { kind: 'quarter-wave-whip', f: '153050000', antennas: '2' },
    })
    expect((await page(none, 'VIEWER')).text()).not.toContain('A cut sheet for all')
    expect((await page(begun)).text()).not.toContain('A cut sheet for all')
  })

  it('says where each stands, and begins the unread where the others ended', async () => {
    post.mockImplementation(() => answers(begun))
    const shown = await page(begun)
    expect(shown.text()).toContain('1 of 3 signed off, 1 not begun yet.')
    const begin = shown.find('button')
    expect(begin.text()).toBe(joined('Start the 1 not begun at 511 mm'))
    await begin.trigger('click')
    await flushPromises()
    expect(post.mock.calls[0]?.[0]).toBe('/api/installations/{id}/fleet/begin')
    expect(shown.text()).toContain('Written into one plan.')
    expect(shown.find('button').exists()).toBe(false)
  })

  it('offers nothing to whoever may not write, and nothing that nobody knows', async () => {
    expect((await page(begun, 'VIEWER')).find('button').exists()).toBe(false)
    const shown = await page({ rows: [row('Tractor 2', 'PLANNED')], oneWay: true, untouched: 1 })
    expect(shown.find('button').exists()).toBe(false)
    expect(shown.text()).toContain('None that met its rule has a known length yet.')
  })
})
