import { mount, RouterLinkStub } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import type { Schemas } from '@/api/client'
import InstallationCard from './InstallationCard.vue'

const card: Schemas['CardView'] = {
  id: 'i1',
  shopNumber: 'FS-0007',
  title: 'Tractor 7',
  customer: 'Olive growers',
  carrier: 'VEHICLE',
  antennaKind: 'QUARTER_WAVE_WHIP',
  state: 'TUNING',
  lowestHz: 153e6,
  bands: [{ lowHz: 153e6, highHz: 158e6 }],
  highestHz: 162e6,
  ruleLimitSwr: 2,
  createdBy: 'Inés',
  newest: {
    passNumber: 2,
    isRead: true,
    dipHz: 151.67e6,
    dipAtEdge: false,
    worstSwr: 2.22,
    met: false,
    trace: { frequencyHz: [140e6, 151e6, 170e6], returnLossDb: [4, 18, 5] },
    recordedBy: 'Bruno',
    recordedAt: '2026-03-01T08:00:00Z',
  },
}

const shown = (change: Partial<Schemas['CardView']>) =>
  mount(InstallationCard, {
    props: { card: { ...card, ...change } },
    global: { stubs: { RouterLink: RouterLinkStub } },
  })

describe('a card on the board', () => {
  it('says where the installation stands', () => {
    const text = shown({}).text()
    expect(text).toContain('FS-0007')
    expect(text).toContain('Tuning')
    expect(text).toContain('dip 151.67')
    expect(text).toContain('worst 2.22')
    expect(text).toContain('Bruno, pass 2')
  })

  it('draws the trace, the band and the limit', () => {
    const picture = shown({}).find('svg')
    expect(picture.find('path').attributes('d')).toMatch(/^M0/)
    expect(Number(picture.find('.band').attributes('width'))).toBeGreaterThan(20)
  })

  it('has a picture before the first sweep too', () => {
    const planned = shown({ newest: undefined, state: 'PLANNED' })
    expect(planned.text()).toContain(joined('153.00 to 162.00 MHz, no sweep yet'))
    expect(planned.find('path').exists()).toBe(false)
  })

  it('a dip that was not reached, or is not there, is said so', () => {
    const newest = card.newest as Schemas['NewestView']
    expect(shown({ newest: { ...newest, dipAtEdge: true } }).text()).toContain('dip beyond 151.7')
    expect(shown({ newest: { ...newest, dipHz: undefined } }).text()).toContain('no dip')
  })
})
