import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import MetersPage from './MetersPage.vue'

const plugs = {
  watts: [1, 5, 25, 50, 100],
  bands: [
    { lowHz: 25e6, highHz: 60e6 },
    { lowHz: 100e6, highHz: 250e6 },
  ],
  cautions: [{ id: 'caution.WHILE_READING_A_METER', params: {}, text: '' }],
}
const reading = {
  meterSwr: 1.6,
  forwardW: 5,
  reflectedW: 0.3,
  doubtW: 0.3,
  swrFromWatts: 1.65,
  counterHz: 154_999_917,
  spuriousDbc: -64,
  foldedBack: false,
  cautions: [{ id: 'caution.DO_NOT_TRANSMIT', params: { swr: 3.4 }, text: '' }],
}
let bodies: { path: string; body: Record<string, unknown> }[]
let answers: Record<string, { status: number; body: unknown }>

beforeEach(() => {
  bodies = []
  answers = {
    '/api/session': { status: 200, body: { login: 'ines', displayName: 'Inés', role: 'TECHNICIAN' } },
    '/api/practice/meters/plugs': { status: 200, body: plugs },
    '/api/practice/meters/needle': { status: 200, body: { frequencyHz: 155e6, forwardW: 5 } },
    '/api/practice/meters/reading': { status: 200, body: reading },
  }
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const path = new URL(request.url).pathname
      if (request.method === 'POST')
        bodies.push({ path, body: (await request.json()) as Record<string, unknown> })
      const { status, body } = answers[path] ?? { status: 404, body: {} }
      return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function page() {
  const meters = mount(MetersPage, {
    global: {
      plugins: [VueQueryPlugin, createPinia()],
      stubs: { RouterLink: RouterLinkStub, PracticeDrawer: true },
    },
  })
  await flushPromises()
  return meters
}
type Page = Awaited<ReturnType<typeof page>>
async function press(meters: Page, words: string) {
  await meters
    .findAll('button')
    .find((b) => b.text() === words)
    ?.trigger('click')
  await flushPromises()
}

describe('the meters', () => {
  it('ask for the needle first, then read, and ask again when the channel changes', async () => {
    const meters = await page()
    expect(meters.find('.sentence').text()).toBe('Set the needle to full scale first.')
    expect(meters.find('.caution').text()).toContain('keep it short')
    await press(meters, 'Set the needle to full scale')
    expect(meters.find('.sentence').text()).toBe('Read the reflected side.')
    await press(meters, 'Transmit and read')
    expect(bodies.at(-1)?.body.setFor).toEqual({ frequencyHz: 155e6, forwardW: 5 })
    expect(meters.find('.sentence').text()).toBe(joined('SWR 1.6 on 155.000 MHz.'))
    expect(meters.find('.caution').text()).toContain('Do not transmit')
    expect(meters.findAll('tbody td').map((c) => c.text())).toEqual([
      '155.000',
      '1.6',
      '5.00',
      '0.30',
      '1.65',
      '154.999917',
      '−64 dBc',
    ])
    await meters.find('input').setValue('160')
    expect(meters.find('.sentence').text()).toContain('Set the needle again')
  })

  it('show a dash and the reason where nothing can be read', async () => {
    answers['/api/practice/meters/reading'] = {
      status: 200,
      body: {
        doubtW: 0.3,
        meterTrouble: said('Set the needle.'),
        counterHz: 155e6,
        spuriousDbc: -64,
        foldedBack: true,
      },
    }
    const meters = await page()
    await press(meters, 'Transmit and read')
    expect(
      meters
        .findAll('tbody td')
        .slice(1, 5)
        .map((c) => c.text()),
    ).toEqual(['–', '–', '–', '–'])
    expect(meters.text()).toContain('Set the needle.')
    await press(meters, 'Set the needle to full scale')
    expect(meters.find('.sentence').text()).toContain('Power foldback')
  })

  it('say what is wrong with a channel before anything is keyed', async () => {
    const meters = await page()
    await meters.find('input').setValue('loud')
    await press(meters, 'Set the needle to full scale')
    expect(meters.text()).toContain('"loud" is not a number.')
    expect(bodies).toEqual([])
  })

  it('keep what was dialled where the server refuses', async () => {
    answers['/api/practice/meters/needle'] = {
      status: 422,
      body: { detail: 'The needle pegs on this range.', field: 'meterRangeW' },
    }
    const meters = await page()
    await press(meters, 'Set the needle to full scale')
    expect(meters.text()).toContain('The needle pegs on this range.')
    expect(meters.find('input').element.value).toBe('155.000')
  })
})
