import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import GetReady from './GetReady.vue'
import type { Installation } from './sentence'

const get = vi.fn()
const put = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    GET: (...args: unknown[]) => get(...args) as unknown,
    PUT: (...args: unknown[]) => put(...args) as unknown,
  },
}))
const answers = (data: unknown) => Promise.resolve({ data, response: new Response() })
const now = new Date().toISOString()

const installation = (ready?: object) =>
  ({
    id: 'i1',
    carrier: 'VEHICLE',
    channels: [{ frequencyHz: 153e6 }],
    radioId: 'r1',
    visits: [{ id: 'v1', number: 1, ready }],
  }) as unknown as Installation

beforeEach(() => {
  put.mockReset()
  get.mockImplementation((path: string) =>
    answers(
      path === '/api/installations/{id}/ready'
        ? [
            { step: 'RADIO_OFF_THE_LINE', weight: 'FORBIDS' },
            { step: 'CALIBRATED_THERE', weight: 'DOUBTS', known: 'YES' },
            { step: 'OUTDOORS', weight: 'DOUBTS' },
          ]
        : path === '/api/calibrations/covering'
          ? [{ id: 'k', name: 'VHF', instrument: 'Bench', startHz: 140e6, stopHz: 170e6, madeAt: now }]
          : [],
    ),
  )
})

async function page(ready?: object) {
  const shown = mount(GetReady, {
    props: { installation: installation(ready), mayWrite: true },
    global: {
      plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return shown
}

describe('getting ready', () => {
  it('fills in what is known, says where it is from, and counts what is left', async () => {
    const shown = await page()
    expect(shown.text()).toContain(joined('“VHF” of Bench, 140.000 MHz to 170.000 MHz'))
    expect(shown.find('[role=status]').text()).toBe('2 questions before the first reading.')
  })

  it('sends the method and every answer', async () => {
    put.mockImplementation(() => answers(installation({ state: 'READY' })))
    const shown = await page()
    const no = shown.findAll('li')[2]?.findAll('input')[1]
    await no?.setValue(true)
    await shown.findAll('button').at(-1)?.trigger('click')
    await flushPromises()
    expect(put.mock.calls[0]?.[1]).toMatchObject({
      body: { method: 'ANALYSER', answers: { CALIBRATED_THERE: 'YES', OUTDOORS: 'NO' } },
    })
  })

  it('says at once what could hurt', async () => {
    const shown = await page({
      method: 'ANALYSER',
      answers: { RADIO_OFF_THE_LINE: 'NO' },
      state: 'FORBIDDEN',
      circumstances: [],
      by: 'Inés',
      at: now,
    })
    expect(shown.find('[role=status]').text()).toBe('Not yet: somebody or something could be hurt.')
    expect(shown.text()).toContain('Answered by Inés')
  })
})
