import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { kinds } from '@/api/installation'
import { me } from '@/api/people'
import type { Schemas } from '@/api/client'
import LessonsCard from './LessonsCard.vue'

const lesson = (id: string, says: string) => ({
  id,
  version: 0,
  says,
  mount: 'steel roof',
  part: '',
  by: 'Ines Calder',
  at: '2026-03-01T08:00:00Z',
  installationId: 'here',
})

function card(props: object) {
  const client = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  client.setQueryData(me.queryKey, { role: 'TECHNICIAN' } as Schemas['PersonView'])
  client.setQueryData(kinds.queryKey, [])
  const routes = [{ path: '/:a(.*)*', component: {} }]
  return mount(LessonsCard, {
    props: { lessons: [], scope: { mount: '', part: '' }, installationId: 'here', ...props },
    global: {
      plugins: [
        createPinia(),
        createRouter({ history: createMemoryHistory(), routes }),
        [VueQueryPlugin, { queryClient: client }],
      ],
    },
  })
}

describe('what the shop learnt', () => {
  it('stands there with who and when, and offers what was looked for', async () => {
    const shown = card({ lessons: [lesson('1', 'Scrape first')], found: 'no ground plane' })
    expect(shown.text()).toContain('Scrape first')
    expect(shown.text()).toContain('Ines Calder')
    expect(shown.text()).toContain('Looked for on this one: no ground plane.')
    await shown.find('.write').trigger('click')
    expect(shown.find('input').element.value).toBe('no ground plane: ')
  })

  it('shows the closest three of many, and all when asked', async () => {
    const shown = card({ lessons: ['1', '2', '3', '4', '5'].map((n) => lesson(n, `Lesson ${n}`)) })
    expect(shown.findAll('li')).toHaveLength(3)
    await shown.find('.more').trigger('click')
    expect(shown.findAll('li')).toHaveLength(5)
  })

  it('takes no room where there is nothing to tell and nothing to write', () => {
    expect(card({}).find('section').exists()).toBe(false)
    expect(card({ offers: true }).find('.write').exists()).toBe(true)
  })
})
