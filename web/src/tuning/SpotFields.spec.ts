import { giveFiles, labelled, pick } from '@/testing/controls'
import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { enableAutoUnmount, flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import { nextTick, reactive } from 'vue'
import FileFields from './FileFields.vue'
import SpotFields from './SpotFields.vue'
import { emptyRow, freshMeter } from './spots'
import type { Installation } from './sentence'

const installation = {
  channels: [
    { name: 'Quay', frequencyHz: 446.2e6, primary: true },
    { name: 'Gate', frequencyHz: 449.75e6, primary: false },
  ],
} as Installation

enableAutoUnmount(afterEach)
beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('fields for a meter', () => {
  const fields = (wrong = {}) => {
    const draft = reactive(freshMeter([446.2e6]))
    return { draft, found: mount(SpotFields, { props: { modelValue: draft, installation, wrong } }) }
  }

  it('has a row for each wanted channel, also for one that came later', async () => {
    const { draft, found } = fields()
    await labelled(found, 'SWR on Quay').setValue('1.5')
    await labelled(found, 'SWR on Gate').setValue('1.9')
    expect(draft.channels['446200000']?.swr).toBe('1.5')
    expect(draft.channels['449750000']?.swr).toBe('1.9')
  })

  it('asks a wattmeter for its ranges and a dial for R and X', async () => {
    const { draft, found } = fields()
    expect(found.text()).toContain('Set the needle to full scale')
    draft.kind = 'WATTMETER'
    await nextTick()
    expect(found.text()).toContain('Full scale forward, W')
    expect(labelled(found, 'Reflected, W on Quay').exists()).toBe(true)
    draft.kind = 'DIAL_ANALYSER'
    await nextTick()
    expect(labelled(found, '|X| on Quay').exists()).toBe(true)
    await found.find('button').trigger('click')
    await labelled(found, 'Frequency 1, MHz').setValue('447.1')
    expect(draft.extra[0]?.mhz).toBe('447.1')
  })

  it('shows beside each row what the server reads from it, with its doubt, and why a row cannot be', async () => {
    const asked: unknown[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      asked.push(await request.json())
      const answers = [
        { reading: { frequencyHz: 446.2e6, swr: 1.755, lowSwr: 1, highSwr: 2.83, outside: false } },
        { refused: { id: 'refused.instrument.A_READING_ABOVE_FULL_SCALE', params: {}, text: '' }, why: '' },
      ]
      return new Response(JSON.stringify(answers), {
        status: 200,
        headers: { 'Content-Type': 'application/json' },
      })
    })
    const { draft, found } = fields()
    draft.kind = 'WATTMETER'
    await nextTick()
    await labelled(found, 'Forward, W on Quay').setValue('20')
    await labelled(found, 'Reflected, W on Quay').setValue('1.5')
    await labelled(found, 'Forward, W on Gate').setValue('60')
    await labelled(found, 'Reflected, W on Gate').setValue('1')
    await vi.waitFor(() => expect(found.text()).toContain('1.00 to 2.83'))
    expect(asked.at(-1)).toMatchObject({
      kind: 'WATTMETER',
      spots: [{ forwardW: 20, reflectedW: 1.5, forwardFullScaleW: 50 }, { forwardW: 60 }],
    })
    expect(found.find('[role=alert]').text()).toContain('full scale')
    // Another value has another doubt: the one before is gone at once.
    await labelled(found, 'Reflected, W on Quay').setValue('4')
    expect(found.text()).not.toContain('1.00 to 2.83')
  })

  it('goes on by Enter through as many added rows as are read, and records from an empty one', async () => {
    const { draft, found } = fields()
    draft.extra.push({ ...emptyRow(), mhz: '450', swr: '2' })
    await nextTick()
    await labelled(found, 'SWR at frequency 1').trigger('keydown', { key: 'Enter' })
    expect(draft.extra).toHaveLength(2)
    const unused = labelled(found, 'SWR at frequency 2')
    const event = new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true })
    unused.element.dispatchEvent(event)
    await nextTick()
    expect(draft.extra).toHaveLength(2)
    expect(event.defaultPrevented).toBe(false)
  })

  it('says at its row what is wrong', () => {
    const { found } = fields({ '446200000': 'An SWR is 1 or more.', spots: 'Please type a reading.' })
    expect(found.findAll('[role=alert]').map((a) => a.text())).toEqual([
      'An SWR is 1 or more.',
      'Please type a reading.',
    ])
  })
})

describe('fields for a file', () => {
  it('ask what the sweep rests on, and offer the calibrations of the shop', async () => {
    vi.stubGlobal(
      'fetch',
      vi.fn(() =>
        Promise.resolve(
          new Response(
            JSON.stringify([
              { id: 'c1', name: 'Bench VHF', startHz: 140e6, stopHz: 170e6, madeAt: '2026-05-01T08:00:00Z' },
            ]),
            { status: 200, headers: { 'Content-Type': 'application/json' } },
          ),
        ),
      ),
    )
    const draft = reactive({ instrument: '', rests: 'DECLARED_ANALYSER', declared: '', port: '1' })
    const found = mount(FileFields, {
      props: { modelValue: draft, wrong: { file: 'Please choose a file.' } },
      global: { plugins: [VueQueryPlugin] },
    })
    await flushPromises()
    expect(found.find('[role=alert]').text()).toBe('Please choose a file.')
    expect(found.text()).toContain('By whom, over which span')
    await pick(found, 'c1')
    expect(draft.rests).toBe('c1')
    expect(found.text()).not.toContain('By whom')
    expect(found.text()).toContain(joined('correct with Bench VHF, 140 to 170 MHz'))
  })

  it('show what was read before it is recorded, and let the port of a two-port file be picked', async () => {
    const read = {
      ports: 2,
      trace: { frequencyHz: [150e6, 151e6], re: [0, 0], im: [0, 0], hasPhase: true },
      columns: [{ heading: 'VSWR', words: said('SWR'), used: true }],
      lacks: said('The file holds magnitudes only.'),
      warnings: [said('2 lines of noise data were skipped.')],
    }
    const asked: string[] = []
    vi.stubGlobal(
      'fetch',
      vi.fn((request: Request) => {
        asked.push(new URL(request.url).search)
        const isBad = request.url.includes('port=2')
        const body = request.url.includes('/read') ? (isBad ? { detail: 'Line 2: no port 2.' } : read) : []
        return Promise.resolve(
          new Response(JSON.stringify(body), {
            status: isBad ? 422 : 200,
            headers: { 'Content-Type': 'application/json' },
          }),
        )
      }),
    )
    const draft = reactive({ instrument: '', rests: 'UNCALIBRATED_ANALYSER', declared: '', port: '1' })
    const found = mount(FileFields, {
      props: { modelValue: draft, wrong: {} },
      global: { plugins: [VueQueryPlugin] },
    })
    await giveFiles(found, new File(['x'], 'roof.s2p'))
    expect(found.text()).toContain(joined('2 points, 150.000 to 151.000 MHz'))
    expect(found.text()).toContain('VSWR: SWR')
    expect(found.text()).toContain('magnitudes only')
    expect(found.text()).toContain('noise data')
    await pick(found, '2')
    await flushPromises()
    expect(asked).toContain('?port=2')
    expect(found.find('[role=alert]').text()).toBe('Line 2: no port 2.')
  })
})
