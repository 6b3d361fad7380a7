import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import DuePage from './DuePage.vue'

const get = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown },
}))

const due = (more: object) => ({
  what: 'RECHECK',
  day: '2026-11-01',
  isOverdue: false,
  installationId: 'i1',
  shopNumber: 'FS-0004',
  title: 'Depot mast',
  customer: 'Lighthouse road depot',
  carrier: 'MAST',
  signedOffBy: 'Inés',
  ...more,
})

async function page(rows: ReturnType<typeof due>[]) {
  get.mockImplementation((path: string, asked?: { params: { query: { page: number; size: number } } }) => {
    const { page, size } = asked?.params.query ?? { page: 0, size: 0 }
    return Promise.resolve({
      data:
        path === '/api/due/count'
          ? { count: rows.length, overdueCount: rows.filter((r) => r.isOverdue).length }
          : rows.slice(page * size, (page + 1) * size),
      response: new Response(),
    })
  })
  const made = mount(DuePage, {
    global: {
      plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return made
}

describe('what is due', () => {
  it('says how much is overdue, and of a limit how it may be used until then and who mends it', async () => {
    const shown = await page([
      due({ isOverdue: true, finding: { id: 'recheck.WATCH', params: {}, text: 'watch' } }),
      due({ what: 'MEND', day: '2026-12-05', limitW: 5, why: 'bracket gives', who: 'Bruno' }),
    ])
    expect(shown.find('h1').text()).toBe('One is overdue, of 2.')
    const rows = shown.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toContain('overdue')
    expect(rows[0]).toContain('Recheck: changed a little')
    expect(rows[1]).toContain(joined('5.0 W'))
    expect(rows[1]).toContain('bracket gives')
    expect(rows[1]).toContain('Bruno mends it.')
  })

  it('shows a hundred at once, counts all, and shows more when asked', async () => {
    const shown = await page(
      Array.from({ length: 130 }, (_, i) => due({ installationId: `i${i}`, isOverdue: i < 110 })),
    )
    expect(shown.find('h1').text()).toBe('110 are overdue, of 130.')
    expect(shown.findAll('tbody tr')).toHaveLength(100)
    expect(shown.text()).toContain('100 of 130')
    await shown.find('.more button').trigger('click')
    await flushPromises()
    expect(shown.findAll('tbody tr')).toHaveLength(130)
    expect(shown.text()).not.toContain('Show more')
  })

  it('says so where nothing is', async () => {
    const shown = await page([])
    expect(shown.find('h1').text()).toBe('Nothing is due.')
    expect(shown.find('table').exists()).toBe(false)
  })
})
