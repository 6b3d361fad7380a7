import { tick } from '@/testing/controls'
import DateField from '@/ui/DateField.vue'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import type { Peg } from '@/plots/sweep/trace'
import MakePermanent from './MakePermanent.vue'
import type { Installation, Pass } from './sentence'
import { newlyMet, ring } from './signal'
import SignOffForm from './SignOffForm.vue'
import TradeOffChart from './TradeOffChart.vue'

const peg = (name: string, met: boolean): Peg => ({ name, frequencyHz: 1e8, met, outside: false })

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('a channel that is met just now', () => {
  it('is one that was missed before, and none at the very first reading', () => {
    expect(newlyMet([peg('a', false), peg('b', true)], [peg('a', true), peg('b', true)])).toEqual(['a'])
    expect(newlyMet([peg('a', true)], [peg('a', false)])).toEqual([])
    expect(newlyMet([], [peg('a', true)])).toEqual([])
  })

  it('sounds once, and twice when all of them are met', () => {
    const starts: number[] = []
    vi.stubGlobal(
      'AudioContext',
      class {
        currentTime = 0
        destination = {}
        createOscillator = () => ({
          frequency: { value: 0 },
          connect: (to: unknown) => to,
          start: (at: number) => starts.push(at),
          stop: () => undefined,
        })
        createGain = () => ({
          gain: { setValueAtTime: () => undefined, exponentialRampToValueAtTime: () => undefined },
          connect: (to: unknown) => to,
        })
        close = () => Promise.resolve()
      },
    )
    ring(false)
    expect(starts).toHaveLength(1)
    ring(true)
    expect(starts).toHaveLength(3)
  })
})

describe('making it permanent', () => {
  const of = (visit: string) => ({
    props: {
      installation: {
        id: 'i1',
        visits: [{ id: visit }],
        permanentSteps: ['DEBURRED', 'BARE_METAL', 'DEPTH_MARKED', 'TIGHTENED', 'SEALED', 'TIP_CAP'],
      } as unknown as Installation,
    },
  })
  it('keeps what is ticked, and puts it into the note of the final sweep', async () => {
    const first = mount(MakePermanent, of('v1'))
    await tick(first, true, 0)
    await tick(first, true, 3)
    await first.findAll('[aria-pressed]')[5]?.trigger('click')
    first.unmount()
    const again = mount(MakePermanent, of('v1'))
    expect(again.text()).toContain('3 of 6 still open')
    await again.find('button.do').trigger('click')
    const note = String(again.emitted('sweep')?.[0]?.[0])
    expect(note).toContain('Cut deburred, Everything tightened.')
    expect(note).toContain('Does not apply: tip cap on.')
    expect(note).toContain('Not done: bare metal')
    // On the next visit nothing is tight yet.
    expect(mount(MakePermanent, of('v2')).text()).toContain('6 of 6')
  })
})

describe('signing off', () => {
  const installation = {
    id: 'i1',
    version: 3,
    visits: [{ id: 'v1' }],
    antennaPiece: { id: 'piece.TAP', params: {} },
  } as unknown as Installation
  const signedOff = vi.fn()
  const form = (pass: object) =>
    mount(SignOffForm, {
      props: {
        onSignedOff: signedOff,
        installation,
        isProven: 'finalSweep' in pass && pass.finalSweep === true,
        pass: { number: 2, transmit: { allowed: true, powerW: 12 }, ...pass } as unknown as Pass,
      },
      global: { plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]] },
    })

  it('a final sweep that meets the rule needs no reason', () => {
    const page = form({ verdict: { met: true }, finalSweep: true })
    expect(page.text()).not.toContain('Why')
    expect(page.find('button.do').text()).toBe('Sign off')
  })

  it('without the final sweep it says so, and leads there', async () => {
    const page = form({ verdict: { met: true }, finalSweep: false })
    expect(page.text()).toContain('Why there is no final sweep')
    await page.find('button.other').trigger('click')
    expect(page.emitted('permanent')).toHaveLength(1)
  })

  it('by judgement: the cost is shown, and limit and date are sent', async () => {
    const sent: unknown[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      sent.push(await request.clone().json())
      return new Response(JSON.stringify({ id: 'i1' }), {
        status: 200,
        headers: { 'Content-Type': 'application/json' },
      })
    })
    const page = form({
      verdict: { met: false },
      finalSweep: true,
      cost: { against: 'OLD_ANTENNA', worstDb: 0.14, channels: [] },
      lengthM: 0.5,
    })
    expect(page.text()).toContain(joined('0.1 dB worse than the old antenna'))
    expect(page.text()).toContain(joined('This SWR allows 12 W'))
    await page.find('textarea').setValue('25 cm above the roof line')
    await page.find('input[type=text]').setValue('ten')
    await page.find('form').trigger('submit')
    expect(sent).toHaveLength(0)
    await page.find('input[type=text]').setValue('10 W')
    await vi.dynamicImportSettled()
    await flushPromises()
    page.findComponent(DateField).vm.$emit('update:modelValue', '2027-03-01')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      reason: '25 cm above the roof line',
      limitW: 10,
      due: '2027-03-01',
      version: 3,
      // As it was worked out from its start and its changes.
      parts: [{ name: 'The tap', lengthM: 0.5, note: '' }],
    })
    expect(signedOff).toHaveBeenCalledOnce()
  })
})

describe('one length for two bands', () => {
  it('draws a curve for each band and where the rule puts it', () => {
    const chart = mount(TradeOffChart, {
      props: {
        tradeOff: {
          bands: [
            { lowHz: 144e6, highHz: 146e6 },
            { lowHz: 435e6, highHz: 435e6 },
          ],
          changeM: [-0.02, -0.01, 0, 0.01],
          worstSwr: [
            [3, 1.5, 2, 3],
            [null as never, 4, 2, 1.5],
          ],
          bestM: -0.004,
        },
        limitSwr: 2,
      },
      global: { plugins: [createPinia()] },
    })
    const curves = chart.findAll('path.curve')
    expect(curves).toHaveLength(2)
    // Where the sweep does not show a band, its curve does not begin yet.
    expect(curves[1]?.attributes('d')?.match(/[ML]/g)).toHaveLength(3)
    expect(chart.find('text.best').text()).toBe('−4 mm')
    expect(chart.text()).toContain('144.0 to 146.0 MHz')
    expect(chart.text()).toContain('435.0 MHz')
  })
})
