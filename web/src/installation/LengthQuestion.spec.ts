import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import LengthQuestion from './LengthQuestion.vue'
import { channelForm, emptyForm, readPlan, type Plan } from './planForm'

const KINDS = [
  {
    kind: 'QUARTER_WAVE_WHIP',
    words: 'quarter-wave whip',
    piece: 'whip',
    oneWay: true,
    smallestStepM: 0.001,
  },
  {
    kind: 'THREE_QUARTER_WAVE_WHIP',
    words: 'three-quarter-wave whip',
    piece: 'whip',
    oneWay: true,
    smallestStepM: 0.001,
  },
]
const asked: URL[] = []

function answering(fit: unknown) {
  vi.stubGlobal('fetch', (request: Request) => {
    const url = new URL(request.url)
    if (url.pathname.endsWith('/fit')) asked.push(url)
    const body = url.pathname.endsWith('/fit') ? fit : KINDS
    return Promise.resolve(
      body === undefined
        ? new Response(null, { status: 204 })
        : new Response(JSON.stringify(body), {
            status: 200,
            headers: { 'Content-Type': 'application/json' },
          }),
    )
  })
}

function typed(startLength: string): Plan {
  const form = emptyForm('mm')
  form.startLength = startLength
  form.channels = [channelForm('relay', '457.000', true)]
  return readPlan(form, 'mm').plan
}

async function question(plan: Plan) {
  const wrapper = mount(LengthQuestion, {
    props: { plan },
    global: { plugins: [VueQueryPlugin, createPinia()] },
  })
  await flushPromises()
  await flushPromises()
  return wrapper
}

describe('a length that belongs to another kind', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
    asked.length = 0
  })

  it('is asked about at once, with what it nearly is', async () => {
    answering({ fits: false, usualM: 0.156, atHz: 457e6, others: ['THREE_QUARTER_WAVE_WHIP'] })
    const wrapper = await question(typed('500 mm'))
    expect(asked[0]?.search).toBe('?lengthM=0.5&hz=457000000')
    expect(wrapper.text()).toContain(joined('a quarter-wave whip is some 156 mm'))
    expect(wrapper.text()).toContain(joined('at 457.000 MHz'))
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('kind')).toEqual([['THREE_QUARTER_WAVE_WHIP']])
  })

  it('is no question where it fits, where the kind has no usual length, or where nothing was measured', async () => {
    answering({ fits: true, usualM: 0.156, atHz: 457e6, others: [] })
    expect((await question(typed('160 mm'))).find('button').exists()).toBe(false)
    answering(undefined)
    expect((await question(typed('500 mm'))).text()).toBe('')
    asked.length = 0
    expect((await question(typed(''))).text()).toBe('')
    expect((await question(typed('none'))).text()).toBe('')
    expect(asked).toEqual([])
  })
})
