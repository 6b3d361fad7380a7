import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import { createMemoryHistory, createRouter } from 'vue-router'
import { askedOf, filtersOf, withoutEmpty } from './asked'
import LikesCard from './LikesCard.vue'
import type { Likes } from './queries'

const row = (id: string, more: object = {}) => ({
  id,
  shopNumber: 'FS-0001',
  title: `Van ${id}`,
  mount: 'steel roof',
  finalLengthM: 0.49,
  changes: 2,
  worstSwr: 1.31,
  sensitivityHzPerM: -3.1e8,
  faults: [],
  met: true,
  signedAt: '2026-03-01T08:00:00Z',
  ...more,
})
const likes = (count: number) =>
  ({
    nearest: Array.from({ length: count }, (_, i) => ({
      row: row(`v${i}`),
      likeness: 0.9,
      scaledM: 0.488 + i * 0.001,
    })),
    lengthM: { median: 0.49, low: 0.488, high: 0.493 },
    changes: { median: 2, low: 1, high: 3 },
    startM: 0.49735,
  }) as unknown as Likes

function card(props: object) {
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:a(.*)*', component: {} }],
  })
  return mount(LikesCard, {
    props: { likes: likes(6), isOneWay: true, mayBegin: true, ...props },
    global: {
      plugins: [createPinia(), router, [VueQueryPlugin, { queryClient: new QueryClient() }]],
    },
  })
}

describe('what is asked of the book', () => {
  it('stands in the address, and what cannot be asked is left away', () => {
    const filters = filtersOf({
      search: '153.05 roof',
      carrier: 'MAST',
      state: 'NEVER',
      page: '0',
      fault: '<b>',
    })
    expect(withoutEmpty(filters)).toEqual({ search: '153.05 roof', carrier: 'MAST' })
    expect(askedOf(filters)).toEqual({ search: '153.05 roof', carrier: 'MAST', page: 0, size: 50 })
    expect(filtersOf({ page: '3', fault: 'cause.DUMMY_LOAD' })).toMatchObject({
      page: '3',
      fault: 'cause.DUMMY_LOAD',
    })
    expect(filtersOf({ search: ['a', 'b'] }).search).toBe('')
  })
})

describe('those that are like this one', () => {
  it('say where they ended, and to what a saw begins', async () => {
    const shown = card({})
    expect(shown.text()).toContain('6 that are like it are finished.')
    expect(shown.text()).toMatch(
      /ended at 490\u00a0mm .*on this band, half of them between 488\u00a0mm and 493\u00a0mm/,
    )
    expect(shown.findAll('circle')).toHaveLength(6)
    expect(shown.text()).toContain('Usually after 2 changes.')
    expect(shown.findAll('tbody tr')).toHaveLength(4)
    await shown.find('.begin').trigger('click')
    expect(shown.emitted('begin')?.[0]).toEqual([0.49735])
    await shown.find('.more').trigger('click')
    expect(shown.findAll('tbody tr')).toHaveLength(6)
  })

  it('are set to where they ended where it slides, and nothing is offered twice or to who may not', () => {
    const slides = { likes: { ...likes(6), startM: 0.49 }, isOneWay: false }
    expect(card(slides).find('.begin').text()).toBe(joined('Set it to 490 mm first'))
    expect(card({ startM: 0.4974 }).find('.begin').exists()).toBe(false)
    expect(card({ startM: 0.4974 }).text()).toContain(joined('It starts at 497 mm'))
    expect(card({ mayBegin: false }).find('.begin').exists()).toBe(false)
    expect(card({ likes: likes(0) }).text()).toBe('')
  })

  it('says what was let pass, and does not draw it as an example', () => {
    const some = likes(3)
    ;(some.nearest[1] as { row: object }).row = row('v1', { met: false, worstSwr: 3.2 })
    const shown = card({ likes: some })
    expect(shown.findAll('circle')).toHaveLength(2)
    expect(shown.findAll('tbody tr')[1]?.text()).toContain('let pass by judgement')
  })
})
