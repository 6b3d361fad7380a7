import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import PassPicture from './PassPicture.vue'
import type { Installation, Pass } from './sentence'
import * as sound from './signal'

const installation = {
  id: 'i1',
  title: 'Tractor 7',
  ruleLimitSwr: 1.75,
  visits: [{ id: 'v1', number: 1, purpose: 'FITTING' }],
  channels: [{ name: 'Field', frequencyHz: 153e6 }],
  bands: [{ lowHz: 153e6, highHz: 153e6 }],
} as unknown as Installation

const pass = (number: number, met: boolean, more: object = {}) =>
  ({
    id: `p${number}`,
    number,
    visit: 1,
    changeM: number === 1 ? 0 : -0.006,
    secondChangeM: 0,
    note: '',
    plane: 'RADIO',
    source: 'ANALYSER',
    readingKind: 'CALIBRATED_ANALYSER',
    declared: 'corrected with C150',
    recordedBy: 'Inés',
    recordedAt: '2026-03-01T08:00:00Z',
    circumstances: [],
    trace: { frequencyHz: [150e6, 160e6], returnLossDb: [5, 6] },
    analysis: { dips: [{ frequencyHz: 151.2e6, atEdge: false }], warnings: ['Beyond the calibrated span.'] },
    verdict: {
      met,
      says: [],
      worstSwr: 1.5,
      channels: [{ name: 'Field', met, reading: { frequencyHz: 153e6, swr: met ? 1.4 : 2 } }],
    },
    ...more,
  }) as unknown as Pass

const picture = (passes: Pass[]) =>
  mount(PassPicture, {
    props: { installation, passes, shown: passes.at(-1), liveSweep: undefined },
    global: { plugins: [createPinia()], stubs: { SweepPlot: true } },
  })

describe('the picture of a pass', () => {
  it('says what it was measured with, and what its numbers do not cover', () => {
    const text = picture([
      pass(1, false, { note: 'doors shut', circumstances: [{ name: 'INDOORS' }] }),
    ]).text()
    expect(text).toContain('corrected with C150')
    expect(text).toContain('Beyond the calibrated span.')
    expect(text).toContain('“doors shut”')
    expect(text).toMatch(/Measured .*indoors/)
  })

  it('says where the pass before was read under other circumstances', () => {
    const then = [{ name: 'DOOR_OPEN', words: '' }]
    const text = picture([
      pass(1, false),
      pass(2, false, { unlikeBefore: { pass: 1, then, now: [] } }),
    ]).text()
    expect(text).toContain(
      'Pass 1 before it was read under other circumstances (with a door open; this one: as it should be)',
    )
    expect(picture([pass(1, false), pass(2, false)]).text()).not.toContain('circumstances (')
  })

  it('asks for a sweep where there is none', () => {
    expect(picture([]).text()).toContain('No sweep yet.')
  })

  it('sounds when a channel is met by a new pass, and not when somebody looks back', async () => {
    const ring = vi.spyOn(sound, 'ring').mockImplementation(() => undefined)
    const first = pass(1, false)
    const second = pass(2, true)
    const page = picture([first])
    await page.setProps({ passes: [first, second], shown: second })
    expect(ring).toHaveBeenCalledOnce()
    const third = pass(3, true)
    await page.setProps({ passes: [first, second, third], shown: first })
    await page.setProps({ shown: second })
    expect(ring).toHaveBeenCalledOnce()
    ring.mockRestore()
  })
})
