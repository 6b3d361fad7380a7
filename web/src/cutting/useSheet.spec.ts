import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, defineComponent, ref, type Ref } from 'vue'
import type { Asked } from './sheet'
import { anInput, aSheet } from './testSheet'
import { useSheet, type SheetState } from './useSheet'

const first: Asked = {
  kind: 'quarter-wave-whip',
  frequencyHz: 157e6,
  numbers: {},
  choices: {},
  uses: 'BEST',
  stockM: [],
  kerfM: 0,
  antennas: 1,
}
let asked: Ref<Asked>
let state: SheetState
let sent: string[]
let broken = false
let page: ReturnType<typeof mount> | undefined

beforeEach(() => {
  sent = []
  broken = false
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const path = new URL(request.url).pathname
      sent.push(`${request.method} ${path}`)
      const reply = (value: unknown, status = 200) =>
        new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } })
      if (path.endsWith('/inputs')) return reply([anInput({})])
      if (path === '/api/cutting/sheet') {
        const body = (await request.json()) as { frequencyHz: number }
        return broken
          ? reply({ detail: 'Too thick.', field: 'diameterM', status: 422 }, 422)
          : reply({ ...aSheet({ frequencyHz: body.frequencyHz, uses: 'RULE' }), atFeed: undefined })
      }
      if (path === '/api/cutting/solve') return reply({ id: 'j1' }, 202)
      if (path === '/api/jobs/j1' && request.method === 'GET')
        return reply({ id: 'j1', state: 'DONE', share: 1, result: aSheet({ uses: 'SOLVER' }) })
      return reply({})
    }),
  )
  asked = ref(first)
})
afterEach(() => {
  page?.unmount()
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function begin() {
  page = mount(
    defineComponent({
      setup() {
        state = useSheet(computed(() => asked.value))
        return () => null
      },
    }),
  )
  await flushPromises()
}
async function settle() {
  for (let i = 0; i < 8; i++) {
    await vi.advanceTimersByTimeAsync(100)
    await flushPromises()
  }
}

describe('a sheet as it is asked for', () => {
  it('is there by rule at once and solved soon after', async () => {
    await begin()
    expect(state.sheet.value?.uses).toBe('RULE')
    expect(sent).not.toContain('POST /api/cutting/solve')
    await settle()
    expect(state.sheet.value?.uses).toBe('SOLVER')
    expect(state.share.value).toBeUndefined()
  })

  it('is solved once where several things are changed in one go', async () => {
    await begin()
    asked.value = { ...first, frequencyHz: 150e6 }
    await flushPromises()
    asked.value = { ...first, frequencyHz: 151e6 }
    await settle()
    expect(sent.filter((s) => s === 'POST /api/cutting/solve')).toHaveLength(1)
  })

  it('is not asked again where only the page’s own view changes', async () => {
    await begin()
    await settle()
    const before = sent.length
    asked.value = { ...first }
    await settle()
    expect(sent).toHaveLength(before)
  })

  it('keeps what was good while something can’t be made', async () => {
    await begin()
    await settle()
    broken = true
    asked.value = { ...first, numbers: { diameterM: 1 } }
    await settle()
    expect(state.refused.value).toEqual({ field: 'diameterM', why: 'Too thick.' })
    expect(state.sheet.value?.kind.id).toBe('quarter-wave-whip')
    broken = false
    asked.value = { ...first, numbers: { diameterM: 0.003 } }
    await settle()
    expect(state.refused.value).toBeUndefined()
  })

  it('asks for nothing without a kind', async () => {
    asked.value = { ...first, kind: '' }
    await begin()
    await settle()
    expect(sent).toHaveLength(0)
  })
})
