import { pick, slideTo } from '@/testing/controls'
import { said } from '@/testing/said'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import type { Asked } from './sheet'
import { anInput, aSheet } from './testSheet'
import WhatIfPanel from './WhatIfPanel.vue'

interface CurveBody {
  sheet: { numbers: Record<string, number>; choices: Record<string, string> }
  shape: Record<string, number>
  band: number
}
let curves: CurveBody[]
let refuse = false
const open: VueWrapper[] = []
const asked: Asked = {
  kind: 'quarter-wave-whip',
  frequencyHz: 157e6,
  numbers: {},
  choices: {},
  uses: 'BEST',
  stockM: [],
  kerfM: 0,
  antennas: 1,
}
const inputs = [
  anInput({}),
  anInput({ id: 'depthM', title: said('Whip inside the base') }),
  anInput({
    id: 'where',
    title: said('It hangs'),
    options: [
      { id: 'open', title: said('in the open') },
      { id: 'tube', title: said('inside a tube') },
    ],
  }),
]

beforeEach(() => {
  localStorage.clear()
  curves = []
  refuse = false
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
  let job = 0
  vi.stubGlobal(
    'fetch',
    vi.fn(async (request: Request) => {
      const path = new URL(request.url).pathname
      const reply = (value: unknown, status = 200) =>
        new Response(JSON.stringify(value), { status, headers: { 'Content-Type': 'application/json' } })
      if (path === '/api/cutting/curve') {
        const body = (await request.json()) as CurveBody
        curves.push(body)
        if (refuse) return reply({ detail: 'Wires cross here.', status: 422 }, 422)
        // The longer the whip, the lower the dip.
        const whip = body.shape.whip ?? 0.4566
        return reply({
          trace: { frequencyHz: [138e6, 157e6, 176e6], returnLossDb: [3, 16, 3] },
          swr: 1.4,
          limitSwr: 2,
          met: true,
          at: { resistanceOhm: 36.4, reactanceOhm: 0 },
          dipHz: (157e6 * 0.4566) / whip,
          widthHz: 17.4e6,
        })
      }
      if (path === '/api/cutting/row') return reply({ id: `job${++job}` }, 202)
      if (path.startsWith('/api/jobs'))
        return reply({
          id: 'job1',
          state: 'DONE',
          share: 1,
          result: {
            entries: [
              {
                value: 0.0012,
                shape: { whip: 0.458 },
                seen: {
                  swr: 1.4,
                  limitSwr: 2,
                  met: true,
                  at: { resistanceOhm: 36, reactanceOhm: 0 },
                  widthHz: 12e6,
                  trace: { frequencyHz: [], returnLossDb: [] },
                },
              },
              { value: 0.024, shape: { whip: 0.44 } },
            ],
          },
        })
      return reply({ detail: path }, 404)
    }),
  )
})
afterEach(() => {
  open.splice(0).forEach((p) => p.unmount())
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

async function settle() {
  for (let i = 0; i < 6; i++) {
    await vi.advanceTimersByTimeAsync(60)
    await flushPromises()
  }
}
async function panel(sheet = aSheet()) {
  const page = mount(WhatIfPanel, {
    props: { asked, sheet, inputs },
    global: { plugins: [createPinia()] },
  })
  open.push(page)
  await settle()
  return page
}
const slider = (p: VueWrapper, name: string) => p.find(`[role=slider][aria-label="${name}"]`)

describe('what if', () => {
  it('begins with the sheet as it is', async () => {
    const page = await panel()
    expect(curves).toHaveLength(1)
    expect(curves[0]?.shape).toEqual({ whip: 0.4566 })
    expect(page.find('.facts').text()).toContain('157.00 MHz')
    expect(page.find('.facts').text()).toContain(joined('17.40 MHz wide'))
    expect(
      page
        .findAll('button')
        .find((b) => b.text() === 'Back to the sheet')
        ?.attributes('disabled'),
    ).toBeDefined()
  })

  it('follows a dimension that is slid, and comes back', async () => {
    const page = await panel()
    await slideTo(page, 0.5, 'sheet to tip')
    await settle()
    expect(curves.at(-1)?.shape.whip).toBe(0.5)
    expect(page.find('.facts').text()).toContain('143.37 MHz')
    expect(page.text()).toContain('as on the sheet')
    expect(page.text()).toContain('tried')
    await page
      .findAll('button')
      .find((b) => b.text() === 'Back to the sheet')
      ?.trigger('click')
    await settle()
    expect(page.find('.facts').text()).toContain('157.00 MHz')
  })

  it('asks once for a slide, not for every step of it', async () => {
    const page = await panel()
    for (const value of ['0.46', '0.47', '0.48']) await slideTo(page, Number(value), 'sheet to tip')
    await settle()
    expect(curves).toHaveLength(2)
    expect(curves.at(-1)?.shape.whip).toBe(0.48)
  })

  it('slides what is typed too, but not what moves no wire', async () => {
    const page = await panel()
    expect(slider(page, 'Whip inside the base').exists()).toBe(false)
    await slideTo(page, 0.01, 'Whip, thickness')
    await settle()
    expect(curves.at(-1)?.sheet.numbers.diameterM).toBeCloseTo(0.01, 3)
  })

  it('tries another choice, such as an enclosure', async () => {
    const page = await panel()
    await pick(page, 'tube')
    await settle()
    expect(curves.at(-1)?.sheet.choices.where).toBe('tube')
  })

  it('says where a shape can’t be computed and keeps the last curve', async () => {
    const page = await panel()
    refuse = true
    await slideTo(page, 0.4, 'sheet to tip')
    await settle()
    expect(page.find('[role=alert]').text()).toBe('Wires cross here.')
    expect(page.find('.facts').text()).toContain('157.00 MHz')
  })

  it('shows a second band where there is one', async () => {
    const page = await panel(aSheet({ bandsHz: [146e6, 446e6] }))
    await pick(page, 1, 'Band')
    await settle()
    expect(curves.at(-1)?.band).toBe(1)
  })

  it('works out what a number does, each time tuned again', async () => {
    const page = await panel()
    await page
      .findAll('button')
      .find((b) => b.text() === 'Work it out')
      ?.trigger('click')
    await settle()
    const rows = page.findAll('tbody tr').map((r) => r.text())
    expect(rows[0]).toContain(joined('1.2 mm'))
    expect(rows[0]).toContain(joined('458 mm'))
    expect(rows[0]).toContain('12.00 MHz')
    expect(rows[1]).toContain("can't be tuned")
  })
})
