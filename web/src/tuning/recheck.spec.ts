import { mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it } from 'vitest'
import { joined } from '@/units/joined'
import type { Schemas } from '@/api/client'
import RecheckSays from './RecheckSays.vue'
import RecheckTable from './RecheckTable.vue'

const said = (id: string, params = {}) => ({ id, params, text: id })
const recheck: Schemas['RecheckView'] = {
  visit: 2,
  thenPass: 5,
  nowPass: 6,
  id: 'CHANGED',
  finding: said('recheck.CHANGED'),
  unchanged: 0.001,
  thenDipHz: 157.4e6,
  nowDipHz: 155.662e6,
  dipDoubtHz: 0,
  channels: [
    { name: 'Field', frequencyHz: 153.05e6, thenSwr: 1.36, nowSwr: 1.21, returnLossChangeDb: 4.3 },
    { name: 'Base', frequencyHz: 157.45e6, thenSwr: 1.01, nowSwr: 1.13, returnLossChangeDb: -10.4 },
  ],
  causes: [
    {
      cause: {
        name: said('cause.SLIPPED_JOINT'),
        evidence: said('symptom.DIP_MOVED_DOWN', { movedShare: 0.011 }),
        test: said('check.DEPTH_MARK_AND_SIGN_OFF'),
      },
      probability: 0.62,
    },
  ],
  otherwise: [{ name: 'DOOR_OPEN', words: '' }],
}
const on = { props: { recheck }, global: { plugins: [createPinia()] } }

describe('a recheck', () => {
  it('says what became of it, how sure that is, and what tells the causes apart', () => {
    const text = mount(RecheckSays, on).text().replace(/\s+/g, ' ')
    expect(text).toContain('Changed since it was signed off')
    expect(text).toContain('Dip then 157.400 MHz, now 155.662 MHz (−1.738 MHz)')
    expect(text).toContain('less than 1 %')
    expect(text).toContain('Not the same circumstances')
    expect(text).toContain('A slipped joint, clamp or set screw (62 %)')
    expect(text).toContain('look at the depth mark')
  })

  it('says of a dip that needles put somewhere how much they leave open', () => {
    const about = { ...recheck, dipDoubtHz: 0.62e6 }
    const text = mount(RecheckSays, { ...on, props: { recheck: about } }).text()
    expect(text).toContain(joined('Dip about 157.4 MHz then, about 155.7 MHz now'))
    expect(text).toContain(joined('give or take 0.6 MHz'))
  })

  it('shows each channel then and now', () => {
    const rows = mount(RecheckTable, on)
      .findAll('tbody tr')
      .map((r) => r.findAll('td').map((c) => c.text()))
    expect(rows).toEqual([
      ['Field', '153.050', '1.36', '1.21', '+4.3'],
      ['Base', '157.450', '1.01', '1.13', '−10.4'],
    ])
  })
})
