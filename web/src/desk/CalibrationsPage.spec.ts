import { pick } from '@/testing/controls'
import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import CalibrationsPage from './CalibrationsPage.vue'

const trace = { frequencyHz: [140e6, 170e6], re: [1, 1], im: [0, 0], hasPhase: true }
let kept: { id: string; name: string }[]
let calls: string[]
let bench: string[]
let refusal: string
let look: object[]

beforeEach(() => {
  kept = []
  calls = []
  bench = []
  refusal = ''
  look = []
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const reply = (body: unknown, status = 200) =>
        new Response(status === 204 ? null : JSON.stringify(body), {
          status,
          headers: { 'Content-Type': 'application/json' },
        })
      const path = new URL(request.url).pathname
      calls.push(`${request.method} ${path}`)
      if (path === '/api/instruments') return reply([{ id: 'stand-in', name: 'Stand-in analyser' }])
      if (path === '/api/practice')
        return reply({ bench: { installation: 'x', settingsM: [1], atPort: 'ANTENNA' } })
      if (path === '/api/practice/bench') {
        bench.push(((await request.json()) as { atPort: string }).atPort)
        return reply({})
      }
      if (path === '/api/calibrations/look') return reply(look)
      if (path === '/api/instruments/stand-in/raw-sweep') return reply(trace)
      if (path === '/api/calibrations' && request.method === 'POST') {
        if (refusal) return reply({ detail: refusal, field: 'open' }, 422)
        const sent = (await request.json()) as { name: string }
        kept.push({ id: `c${kept.length}`, name: sent.name })
        return reply({ id: `c${kept.length}`, name: sent.name }, 201)
      }
      if (path === '/api/calibrations')
        return reply(
          kept.map((k) => ({
            ...k,
            instrument: 'Stand-in analyser',
            cable: '',
            adapter: '',
            startHz: 140e6,
            stopHz: 170e6,
            points: 2,
            madeBy: 'Inés',
            madeAt: new Date().toISOString(),
          })),
        )
      if (path.endsWith('/check')) return reply({ says: said('The load comes back to within 50 dB: good.') })
      if (request.method === 'DELETE') {
        kept = []
        return reply(null, 204)
      }
      return reply(null, 204)
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function page() {
  const found = mount(CalibrationsPage, {
    global: { plugins: [VueQueryPlugin, createPinia()], stubs: { RouterLink: RouterLinkStub } },
  })
  await flushPromises()
  return found
}
type Page = Awaited<ReturnType<typeof page>>

async function press(found: Page, words: string, nth = 0) {
  await found
    .findAll('button')
    .filter((b) => b.text() === words)
    [nth]?.trigger('click')
  await flushPromises()
}

async function measured(found: Page) {
  await pick(found, 'stand-in')
  for (let i = 0; i < 3; i++) await press(found, 'Sweep it', i)
}

describe('calibrations', () => {
  it('measures open, short and load on the practice port and gives it back', async () => {
    const found = await page()
    expect(found.find('.sentence').text()).toContain('Screw on the open where the antenna plugs in')
    await measured(found)
    expect(bench).toEqual(['OPEN', 'ANTENNA', 'SHORT', 'ANTENNA', 'LOAD', 'ANTENNA'])
    expect(found.find('.sentence').text()).toBe('Name it and save it.')
  })

  it('keeps it, checks the load, removes it and puts it back', async () => {
    const found = await page()
    await measured(found)
    await found
      .findAll('input')
      .find((i) => i.element.closest('label')?.textContent?.includes('Name'))
      ?.setValue('Bench')
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.text()).toContain('Leave the load on: one more sweep shows how well it came out.')
    expect(found.find('tbody').text()).toContain('within the hour, Inés')
    await press(found, 'Check the load')
    expect(found.find('.sentence').text()).toContain('within 50 dB')
    await press(found, 'Remove')
    expect(found.text()).toContain('is removed.')
    await press(found, 'Put it back')
    expect(calls).toContain('POST /api/calibrations/c0/restore')
  })

  it('says which standard to look at again before it is saved', async () => {
    look = [
      { standard: 'OPEN', isRight: true, says: [said('Looks like what it should be: open.')] },
      { standard: 'SHORT', isRight: false, says: [said('The short reads like the open.')] },
    ]
    const found = await page()
    await pick(found, 'stand-in')
    await press(found, 'Sweep it', 0)
    await press(found, 'Sweep it', 1)
    expect(found.find('.sentence').text()).toBe('Look at the short again before you save.')
    expect(found.find('.taken li.wrong').text()).toContain('reads like the open')
  })

  it('shows what is on the port while somebody watches, and takes nothing', async () => {
    vi.useFakeTimers()
    const found = await page()
    await pick(found, 'stand-in')
    await press(found, 'Watch')
    await vi.advanceTimersByTimeAsync(1600)
    expect(bench.filter((at) => at === 'OPEN').length).toBeGreaterThan(1)
    expect(found.find('.taken').exists()).toBe(true)
    await press(found, 'Stop watching')
    await vi.advanceTimersByTimeAsync(1600)
    expect(found.find('.taken').exists()).toBe(false)
    expect(found.find('.sentence').text()).toContain('Screw on the open')
    vi.useRealTimers()
  })

  it('says what the server refuses, and what of the standards cannot be used', async () => {
    const found = await page()
    await measured(found)
    refusal = 'The open and the short read alike at 140.000 MHz.'
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.find('[role=alert]').text()).toContain('read alike')
    const load = found.findAll('input').at(-1)
    await load?.setValue('fifty')
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.find('[role=alert]').text()).toContain('Standards:')
  })
})
