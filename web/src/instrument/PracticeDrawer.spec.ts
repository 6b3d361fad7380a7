import { joined } from '@/units/joined'
import { pick, slideTo, tick } from '@/testing/controls'
import { said } from '@/testing/said'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { usePreferences } from '@/preferences'
import type { LengthUnit } from '@/units/length'
import PracticeDrawer from './PracticeDrawer.vue'

const whip = { name: said('the whip'), startM: 0.5, lowM: 0.3, highM: 0.5, stepM: 0.001, oneWay: true }
const tip = { name: said('the tip'), startM: 1.3, lowM: 1.2, highM: 1.4, stepM: 0.001, oneWay: false }
const practice = {
  standInPort: 5025,
  installations: [
    {
      id: 'roof',
      title: said('Whip on a roof'),
      carrier: 'VEHICLE',
      lowHz: 150e6,
      highHz: 160e6,
      controls: [whip],
      conditions: [{ name: 'DOOR_OPEN', words: said('a door stands open') }],
    },
    {
      id: 'cb',
      title: said('CB whip'),
      carrier: 'VEHICLE',
      lowHz: 27e6,
      highHz: 27.4e6,
      controls: [tip],
      conditions: [],
    },
  ],
  bench: { installation: 'roof', settingsM: [0.45], conditions: [], atPort: 'ANTENNA', atRadio: true },
}

type Bench = typeof practice.bench
let put: Bench[] = []
let refusal: string | undefined

function json(status: number, body: unknown) {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
}

beforeEach(() => {
  put = []
  refusal = undefined
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.method === 'GET') return json(200, practice)
    const bench = (await request.clone().json()) as Bench
    put.push(bench)
    return refusal ? json(422, { detail: refusal }) : json(200, bench)
  })
})
afterEach(() => {
  vi.unstubAllGlobals()
})

async function drawer(unit: LengthUnit = 'mm') {
  const pinia = createPinia()
  usePreferences(pinia).unit = unit
  const mounted = mount(PracticeDrawer, {
    global: { plugins: [pinia, [VueQueryPlugin, { queryClient: new QueryClient() }]] },
  })
  await flushPromises()
  const press = async (words: string) => {
    const button = mounted.findAll('button').find((b) => b.text() === words)
    if (!button) throw new Error(`no button ${words}`)
    await button.trigger('click')
    await flushPromises()
  }
  return { mounted, press }
}

describe('the practice bench', () => {
  it('is marked as practice and shows what is on it in both units', async () => {
    const { mounted } = await drawer()
    expect(mounted.text()).toContain('nothing here is a real antenna')
    expect(mounted.text()).toContain(joined('450 mm (17 23/32 in)'))
  })

  it('cuts by steps, and a saw never lengthens', async () => {
    const { mounted, press } = await drawer()
    await press('−10 mm')
    await press('−1 mm')
    expect(put.map((b) => b.settingsM[0]?.toFixed(3))).toEqual(['0.440', '0.439'])
    expect(mounted.findAll('button').map((b) => b.text())).not.toContain('+10 mm')
    await slideTo(mounted, 0.49)
    await flushPromises()
    expect(put.at(-1)?.settingsM[0]).toBeCloseTo(0.439)
    await press('New piece')
    expect(put.at(-1)?.settingsM[0]).toBe(0.5)
  })

  it('steps by round inches for who reads inches', async () => {
    const { mounted, press } = await drawer('inch')
    await press('−1/2 in')
    await press('−1/16 in')
    expect(put.map((b) => b.settingsM[0])).toEqual([0.45 - 0.0127, 0.45 - 0.0127 - 0.0254 / 16])
    expect(mounted.text()).not.toContain('−10 mm')
  })

  it('keeps inside the range of the control', async () => {
    const { mounted, press } = await drawer()
    await slideTo(mounted, 0.305)
    await flushPromises()
    await press('−10 mm')
    expect(put.at(-1)?.settingsM[0]).toBe(0.3)
  })

  it('slides both ways where the piece does', async () => {
    const { mounted, press } = await drawer()
    await pick(mounted, 'cb')
    await flushPromises()
    expect(put.at(-1)).toMatchObject({ installation: 'cb', settingsM: [1.3], conditions: [] })
    expect(mounted.emitted('another')?.[0]).toMatchObject([{ id: 'cb' }])
    await press('+10 mm')
    expect(put.at(-1)?.settingsM[0]).toBeCloseTo(1.31)
  })

  it('switches a disturbance on and off', async () => {
    const { mounted } = await drawer()
    await tick(mounted)
    expect(put.at(-1)?.conditions).toEqual(['DOOR_OPEN'])
    await tick(mounted, false)
    expect(put.at(-1)?.conditions).toEqual([])
  })

  it('puts a standard in the place of the antenna, or measures at the antenna', async () => {
    const { mounted } = await drawer()
    await mounted.find('input[value=SHORT]').setValue()
    await flushPromises()
    expect(put.at(-1)?.atPort).toBe('SHORT')
    await mounted.find('input[value=antenna]').setValue()
    await flushPromises()
    expect(put.at(-1)?.atRadio).toBe(false)
  })

  it('says why the server refuses', async () => {
    const { mounted, press } = await drawer()
    refusal = 'the whip can be set from 300 to 500 mm.'
    await press('−1 mm')
    expect(mounted.find('[role=alert]').text()).toBe(refusal)
    expect(mounted.text()).toContain(joined('450 mm'))
  })
})
