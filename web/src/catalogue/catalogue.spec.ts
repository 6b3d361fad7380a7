import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/client'
import CataloguePage from './CataloguePage.vue'
import NameField from './NameField.vue'
import TableInAndOut from './TableInAndOut.vue'
import NameForm from './NameForm.vue'
import type { Name } from './queries'

const one = (id: string, sort: Name['sort'], name: string, more: object = {}) =>
  ({ id, version: 0, sort, name, customer: '', detail: '', usedCount: 0, ...more }) as Name
const NAMES = [
  one('c1', 'CUSTOMER', 'Quarry', { usedCount: 2 }),
  one('c2', 'CUSTOMER', 'Quarry works'),
  one('v1', 'CARRIED_BY', 'Lorry 5', { customer: 'Quarry', detail: 'bull bar' }),
  one('v2', 'CARRIED_BY', 'Lorry 5', { customer: 'Ferry port' }),
]

let client = new QueryClient()

async function mounted(component: object, props: object, role = 'TECHNICIAN', sort = 'CUSTOMER') {
  vi.spyOn(api, 'GET').mockImplementation(((path: string) => {
    const data =
      path === '/api/catalogue'
        ? NAMES
        : path.endsWith('/doubles')
          ? [{ one: 'c1', other: 'c2' }]
          : { role, displayName: 'Inés', login: 'ines' }
    return Promise.resolve({ data, response: new Response() })
  }) as never)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)', component: { template: '<i />' } }],
  })
  await router.push(`/catalogue?sort=${sort}`)
  client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
  const wrapper = mount(component, {
    props,
    global: {
      plugins: [createPinia(), router, [VueQueryPlugin, { queryClient: client }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return wrapper
}

describe('the catalogue', () => {
  it('shows one sort, how often each name stands, and to leads alone what is written twice', async () => {
    const page = await mounted(CataloguePage, {})
    expect(page.findAll('tbody tr').map((r) => r.findAll('td')[0]?.text())).toEqual([
      'Quarry',
      'Quarry works',
    ])
    expect(page.findComponent(RouterLinkStub).props('to')).toEqual({
      path: '/book',
      query: { search: 'Quarry' },
    })
    expect(page.text()).not.toContain('Written twice?')
    expect(page.text()).not.toContain('Retire')
    expect((await mounted(CataloguePage, {}, 'LEAD')).text()).toContain('Written twice?')
  })

  it('says whose a vehicle is, and lets a viewer look on', async () => {
    const page = await mounted(CataloguePage, {}, 'VIEWER', 'CARRIED_BY')
    expect(page.findAll('tbody tr').map((r) => r.findAll('td')[1]?.text())).toEqual(['Quarry', 'Ferry port'])
    expect(page.find('.deeds').exists()).toBe(false)
  })

  it('stays where asking once more fails', async () => {
    const page = await mounted(CataloguePage, {})
    vi.spyOn(api, 'GET').mockRejectedValue(new Error('gone'))
    await client.refetchQueries()
    await flushPromises()
    expect(page.findAll('tbody tr')).toHaveLength(2)
    expect(page.find('[role=alert]').exists()).toBe(false)
  })

  it('lets a lead put any two of one sort together', async () => {
    const asked = vi.spyOn(api, 'POST').mockResolvedValue({
      data: { renamedCount: 2 },
      response: new Response(),
    } as never)
    const same = await mounted(NameForm, { sort: 'CUSTOMER', entry: NAMES[0] }, 'LEAD')
    const pick = same.getComponent({ name: 'PickField' })
    expect(pick.props('options')).toEqual([
      { value: '', word: 'no other' },
      { value: 'c2', word: 'Quarry works' },
    ])
    expect(same.findComponent({ name: 'ConfirmButton' }).exists()).toBe(false)
    pick.vm.$emit('update:modelValue', 'c2')
    await flushPromises()
    same.getComponent({ name: 'ConfirmButton' }).vm.$emit('confirmed')
    await flushPromises()
    expect(asked.mock.calls[0]).toEqual([
      '/api/catalogue/{id}/merge',
      { params: { path: { id: 'c1' } }, body: { into: 'c2' } },
    ])
    expect(same.emitted('done')).toHaveLength(1)
    expect((await mounted(NameForm, { sort: 'CUSTOMER', entry: NAMES[0] })).text()).not.toContain(
      'the same as',
    )
  })

  it('lets everybody take a table out, and a lead take one in', async () => {
    const table = await mounted(TableInAndOut, { of: 'stations' })
    expect(table.get('a').attributes('href')).toBe('/api/stations/table')
    expect(table.text()).toContain('frequency_mhz')
    expect(table.findComponent({ name: 'FileField' }).exists()).toBe(false)
    const lead = await mounted(TableInAndOut, { of: 'stations' }, 'LEAD')
    const sent = vi
      .spyOn(globalThis, 'fetch')
      .mockImplementation(() =>
        Promise.resolve(Response.json({ madeCount: 2, changedCount: 0, sameCount: 1 })),
      )
    lead.getComponent({ name: 'FileField' }).vm.$emit('files', [new File(['name'], 'stations.csv')])
    await flushPromises()
    expect((sent.mock.calls[0]?.[0] as Request).url).toContain('/api/stations/table')
    expect(lead.emitted('taken')).toHaveLength(1)
  })

  it('offers the vehicles of the customer that is named, and tells what is known of one', async () => {
    const field = await mounted(NameField, {
      modelValue: '',
      sort: 'CARRIED_BY',
      name: 'Vehicle',
      customer: ' quarry ',
    })
    const suggest = field.getComponent({ name: 'SuggestField' })
    expect(suggest.props('known')).toEqual(['Lorry 5'])
    suggest.vm.$emit('chosen', 'Lorry 5')
    expect(field.emitted('detail')).toEqual([['bull bar']])
  })
})
