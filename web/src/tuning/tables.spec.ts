import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import ChannelTable from './ChannelTable.vue'
import PassStrip from './PassStrip.vue'
import RoadSteps from './RoadSteps.vue'
import type { Pass } from './sentence'
import ShareList from './ShareList.vue'
import VisitList from './VisitList.vue'
import type { Installation } from './sentence'

const channel = {
  name: 'Field',
  primary: true,
  limitSwr: 2,
  margin: 0.6,
  met: true,
  reading: {
    frequencyHz: 153.05e6,
    swr: 1.4,
    returnLossDb: 15.56,
    resistanceOhm: 41.2,
    reactanceOhm: -7.6,
    outside: false,
  },
}

const pass = (number: number, changeM: number, fileName?: string) =>
  ({
    id: `p${number}`,
    number,
    changeM,
    hasPhase: number !== 3,
    note: '',
    fileName,
    recordedBy: 'Inés',
    recordedAt: '2026-03-01T08:00:00Z',
    analysis: { dips: [{ frequencyHz: 150e6 + number * 1e6, atEdge: number === 3 }] },
    verdict: {
      worstSwr: number === 2 ? undefined : 1.5,
      channels: [{ name: 'Field', met: true, reading: { frequencyHz: 153e6, outside: number === 3 } }],
    },
    advice: { action: 'SHORTEN', amountM: 0.004, expectedReadings: [{ swr: 1.3 }], expected: {} },
  }) as unknown as Pass

const pinia = () => ({ global: { plugins: [createPinia()] } })

beforeEach(() => localStorage.clear())

describe('the table per channel', () => {
  it('shows SWR, return loss and R + jX in the trade’s form', () => {
    const cells = mount(ChannelTable, { props: { channels: [channel] } }).findAll('td')
    expect(cells.map((c) => c.text())).toEqual(['Field', '153.050', '1.40', '15.6', '41 − j8', 'met'])
  })

  it('shows the dip beneath, and that it may lie beyond', () => {
    const dip = {
      frequencyHz: 150e6,
      swr: 1.2,
      returnLossDb: 20.8,
      resistanceOhm: 42,
      reactanceOhm: 1,
      atEdge: true,
    }
    const row = mount(ChannelTable, { props: { channels: [channel], dip } }).find('tr.dip')
    expect(row.findAll('td').map((c) => c.text())).toEqual([
      'Dip',
      '150.000',
      '1.20',
      '20.8',
      '42 + j1',
      'at the edge',
    ])
  })

  it('says that a channel was not swept instead of showing a number', () => {
    const outside = { ...channel, met: false, reading: { frequencyHz: 161.9e6, outside: true } }
    const row = mount(ChannelTable, { props: { channels: [outside] } }).find('tbody tr')
    expect(row.text()).toContain('not swept')
    expect(row.classes()).toContain('missed')
  })
})

describe('the passes like pages', () => {
  it('carry their change, their dip and what comes next', async () => {
    const strip = mount(PassStrip, {
      props: {
        passes: [pass(1, 0), pass(2, -0.012), pass(3, 0)],
        installation: {} as Installation,
        shown: 2,
      },
      ...pinia(),
    })
    const pages = strip.findAll('button')
    expect(pages[0]?.text()).toContain('Baseline')
    expect(pages[1]?.text()).toContain('−12 mm')
    expect(pages[1]?.text()).toContain('worst > 100')
    expect(pages[1]?.attributes('aria-pressed')).toBe('true')
    expect(pages[2]?.text()).toContain(joined('beyond 153.00 MHz'))
    expect(strip.find('.next').text()).toContain('−4 mm')
    expect(strip.find('.next').text()).toContain('worst 1.30')
    await pages[0]?.trigger('click')
    expect(strip.emitted('show')).toEqual([[1]])
  })
})

describe('the road', () => {
  it('says each step’s state in words and opens any of them', async () => {
    const road = mount(RoadSteps, {
      props: {
        open: 'tune',
        steps: [
          { key: 'plan', name: 'Plan', state: 'done', detail: '' },
          { key: 'tune', name: 'Tune', state: 'now', detail: 'pass 2' },
        ],
      },
    })
    const steps = road.findAll('button')
    expect(steps[0]?.text()).toContain('done')
    expect(steps[1]?.attributes('aria-current')).toBe('step')
    await steps[0]?.trigger('click')
    expect(road.emitted('open')).toEqual([['plan']])
  })
})

describe('sharing', () => {
  it('offers every trace, and an imported file as it came', () => {
    const list = mount(ShareList, {
      props: {
        installation: { id: 'i1', visits: [{ signOff: { passNumber: 2 } }] } as unknown as Installation,
        passes: [pass(1, 0, 'yard.s1p'), pass(2, -0.012), pass(3, 0)],
      },
      ...pinia(),
    })
    expect(list.findAll('a').map((a) => a.attributes('href'))).toEqual([
      '/api/installations/i1/archive',
      '/api/passes/p1/touchstone',
      '/api/passes/p1/original',
      '/api/passes/p2/touchstone',
      '/api/passes/p3/table',
    ])
    expect(list.text()).toMatch(/2\s*signed off/)
    // Its head says the unit.
    expect(list.findAll('td.number')[0]?.text()).toMatch(/^[a-z]* ?\d+\.\d{3}$/)
  })

  it('shows each visit and how it ended, the last one first', () => {
    const visit = (number: number, more: object) => ({
      id: `v${number}`,
      number,
      purpose: 'RECHECK',
      why: '',
      openedBy: 'Marisol',
      openedAt: '2026-03-01T08:00:00Z',
      ...more,
    })
    const signOff = {
      by: 'Bruno',
      at: '2026-03-01T08:00:00Z',
      passNumber: 2,
      remark: '490 mm',
      reason: 'until dry',
      parts: [{ name: 'Whip', lengthM: 0.49, note: 'filed mark' }],
    }
    const rule = { id: 'rule.UNDER_LIMIT', params: { limitSwr: 1.6 } }
    const list = mount(VisitList, {
      props: {
        installation: {
          visits: [
            visit(1, { signOff }),
            visit(2, { signOff: { ...signOff, rule, worstSwr: 1.42, reason: undefined } }),
            visit(3, { why: 'Range is down', purpose: 'REPAIR' }),
          ],
        } as unknown as Installation,
      },
      ...pinia(),
    })
    expect(list.text()).toMatch(/Visit 3: repair.*Range is down.*Still open.*Visit 2: recheck.*Visit 1/s)
    expect(list.findAll('li').at(-1)?.text()).toBe(joined('Whip, 490 mm (19 9/32 in): filed mark'))
    expect(list.text()).toMatch(/Judged by: .*1\.60.*worst SWR 1\.42.*until dry/s)
    expect(list.text().match(/Judged by/g)).toHaveLength(1)
  })
})
