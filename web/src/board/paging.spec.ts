import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, describe, expect, it, vi } from 'vitest'
import BoardPage from './BoardPage.vue'

vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn() }) }))
afterEach(() => vi.unstubAllGlobals())

const card = (n: number) => ({
  id: `i${n}`,
  shopNumber: `FS-${n}`,
  title: `Tractor ${n}`,
  customer: '',
  carrier: 'VEHICLE',
  antennaKind: 'QUARTER_WAVE_WHIP',
  state: 'PLANNED',
  lowestHz: 153e6,
  bands: [{ lowHz: 153e6, highHz: 158e6 }],
  highestHz: 154e6,
  ruleLimitSwr: 2,
  createdBy: 'Inés',
})

describe('a board of more than one page', () => {
  it('shows the newest first, more when asked, and how many there are by state', async () => {
    const asked: string[] = []
    vi.stubGlobal(
      'fetch',
      vi.fn(async (request: Request) => {
        const url = new URL(request.url)
        asked.push(url.pathname + url.search)
        const page = Number(url.searchParams.get('page'))
        const body = url.pathname.endsWith('/counts')
          ? [
              { state: 'PLANNED', count: 61 },
              { state: 'MET', count: 2 },
            ]
          : url.pathname.endsWith('/session')
            ? { role: 'TECHNICIAN' }
            : page === 0
              ? Array.from({ length: 60 }, (_, i) => card(61 - i))
              : // One moved to the second page while somebody looked.
                [card(2), card(1)]
        return new Response(JSON.stringify(body), {
          headers: { 'Content-Type': 'application/json', 'X-Total-Count': '61' },
        })
      }),
    )
    const page = mount(BoardPage, {
      global: { plugins: [VueQueryPlugin], stubs: { RouterLink: RouterLinkStub } },
    })
    await flushPromises()
    expect(page.text()).toContain('2 installations need work')
    expect(page.text()).toContain('All 63')
    expect(page.text()).toContain('60 of 61')
    const more = page.findAll('button').find((b) => b.text() === 'Show more')
    await more?.trigger('click')
    await flushPromises()
    expect(page.text()).toContain('Tractor 1')
    expect(page.findAll('.cards > *')).toHaveLength(61)
    expect(page.text()).not.toContain('Show more')
    await page.find('input[value=MET]').setValue(true)
    await flushPromises()
    expect(asked.some((a) => a.includes('state=MET'))).toBe(true)
  })
})
