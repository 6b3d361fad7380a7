import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { NSelect } from 'naive-ui'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { DRAFTS, rememberedPlan } from './drafts'
import PlanShelf from './PlanShelf.vue'
import { emptyNeed, readNeed } from './choice'

const query: { open?: string } = {}
vi.mock('vue-router', () => ({ useRoute: () => ({ query }) }))

interface Stored {
  id: string
  version: number
  name: string
  [part: string]: unknown
}
let stored: Stored[]
let laidAside: Stored[]
let conflict: boolean
const assign = vi.fn()

beforeEach(() => {
  localStorage.clear()
  stored = []
  laidAside = []
  conflict = false
  vi.stubGlobal('location', {
    ...window.location,
    origin: 'http://localhost',
    href: 'http://localhost/',
    assign,
  })
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const reply = (body: unknown, status = 200) =>
        new Response(status === 204 ? null : JSON.stringify(body), {
          status,
          headers: { 'Content-Type': 'application/json' },
        })
      const path = new URL(request.url).pathname
      if (path === '/api/installations')
        return reply([{ id: 'i1', shopNumber: 'FS-0003', title: 'Tow plane' }])
      const id = path.split('/')[3] ?? ''
      if (request.method === 'GET') return reply(id ? stored.find((s) => s.id === id) : stored)
      if (request.method === 'DELETE') {
        laidAside = stored.filter((s) => s.id === id)
        stored = stored.filter((s) => s.id !== id)
        return reply(null, 204)
      }
      if (path.endsWith('/put-back')) {
        stored = laidAside
        return reply(null, 204)
      }
      if (conflict) return reply({ detail: 'Somebody else saved this.', status: 409 }, 409)
      const sent = (await request.json()) as { name: string }
      const old = stored.find((s) => s.id === id)
      const plan = {
        ...sent,
        id: old?.id ?? `p${stored.length}`,
        version: (old?.version ?? -1) + 1,
        changedBy: 'Ines',
      }
      stored = [...stored.filter((s) => s.id !== plan.id), plan]
      return reply(plan)
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function shelf() {
  const found = mount(PlanShelf, { global: { plugins: [createPinia(), VueQueryPlugin] } })
  await found.find('button').trigger('click')
  await flushPromises()
  return found
}

describe('saved plans', () => {
  it('keeps what is typed, changes the same plan and says where a colleague was first', async () => {
    localStorage.setItem(DRAFTS.antenna, '{"low":"118","high":"fast"}')
    const found = await shelf()
    await found.find('input').setValue('Trainer')
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.text()).toContain('Not saved. Antenna: "fast" is not a number.')
    localStorage.setItem(DRAFTS.antenna, '{"low":"118","high":"137"}')
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.text()).toContain('“Trainer” is saved for the shop.')
    expect(stored[0]).toMatchObject({ need: { lowHz: 118e6, highHz: 137e6, roofLengthM: 1.4 } })
    expect(stored[0]?.station).toBeUndefined()
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(stored).toHaveLength(1)
    expect(rememberedPlan()).toMatchObject({ name: 'Trainer', version: 1 })
    conflict = true
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(found.text()).toContain('A colleague changed this plan meanwhile')
  })

  it('opens a plan of the shop, removes one and puts it back', async () => {
    const { need } = readNeed({ ...emptyNeed(), low: '27', high: '28' }, 'mm')
    stored = [{ id: 'a', version: 0, name: 'Pick-up', need }]
    const found = await shelf()
    await found.find('li .name').trigger('click')
    await flushPromises()
    expect(localStorage.getItem(DRAFTS.antenna)).toContain('"low":"27"')
    expect(assign).toHaveBeenCalledWith('/plan')
    await found.find('[aria-label="Remove Pick-up"]').trigger('click')
    await flushPromises()
    expect(stored).toHaveLength(0)
    await found
      .findAll('button')
      .find((b) => b.text() === 'Put it back')
      ?.trigger('click')
    await flushPromises()
    expect(stored[0]).toMatchObject({ id: 'a', name: 'Pick-up', need })
  })

  it('opens the text of an old one, and asks for a look at its lengths', async () => {
    stored = [{ id: 'a', version: 0, name: 'Pick-up', body: '{"antenna":{"low":"27","rod":"22"}}' }]
    const found = await shelf()
    await found.find('li .name').trigger('click')
    await flushPromises()
    expect(localStorage.getItem(DRAFTS.antenna)).toBe('{"low":"27","rod":"22"}')
    const again = mount(PlanShelf, { global: { plugins: [createPinia(), VueQueryPlugin] } })
    expect(again.text()).toContain('saved before plans said their units')
  })

  it('keeps a plan for an installation, whose page opens it by its link', async () => {
    const found = await shelf()
    localStorage.setItem(DRAFTS.station, '{}')
    await found.find('input').setValue('Tow plane, belly')
    const pick = found.findComponent(NSelect)
    expect(pick.props('options')).toEqual([{ value: 'i1', label: 'FS-0003 Tow plane' }])
    pick.vm.$emit('update:value', 'i1', { label: 'FS-0003 Tow plane' })
    await found.find('form').trigger('submit')
    await flushPromises()
    expect(stored[0]).toMatchObject({ installationId: 'i1' })
    localStorage.clear()
    query.open = stored[0]?.id ?? ''
    await shelf()
    await flushPromises()
    expect(rememberedPlan()).toMatchObject({ name: 'Tow plane, belly', installationId: 'i1' })
    delete query.open
  })
})
