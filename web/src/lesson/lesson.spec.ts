import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { keys } from '@/api/queries'
import type { Pass } from '@/tuning/sentence'
import LessonsCard from './LessonsCard.vue'
import { lookedFor } from './lookedFor'

const pass = (cause?: string) =>
  ({ advice: { causes: cause ? [{ name: { id: cause, params: {}, text: cause } }] : [] } }) as unknown as Pass

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
  client.setQueryData(keys.me, { role: 'TECHNICIAN' })
  client.setQueryData(['antenna-kinds'], [])
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

describe('what was looked for', () => {
  it('is told once it is behind, the newest first', () => {
    expect(lookedFor([], true)).toBeUndefined()
    expect(lookedFor([pass('cause.A')], false)).toBeUndefined()
    expect(lookedFor([pass('cause.A')], true)?.id).toBe('cause.A')
    expect(lookedFor([pass('cause.A'), pass('cause.A')], false)).toBeUndefined()
    expect(lookedFor([pass('cause.A'), pass('cause.B'), pass()], false)?.id).toBe('cause.B')
  })
})

describe('what the shop learnt', () => {
  it('stands there with who and when, and offers what was looked for until it is told', async () => {
    const shown = card({ lessons: [lesson('1', 'Scrape first')], found: 'no ground plane' })
    expect(shown.text()).toContain('Scrape first')
    expect(shown.text()).toContain('Ines Calder')
    expect(shown.text()).toContain('Looked for on this one: no ground plane.')
    await shown.find('.write').trigger('click')
    expect(shown.find('input').element.value).toBe('no ground plane: ')
    const told = card({ lessons: [lesson('1', 'no ground plane: scrape')], found: 'no ground plane' })
    expect(told.text()).not.toContain('Looked for')
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
