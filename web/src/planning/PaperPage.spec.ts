import { said } from '@/testing/said'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { plain } from '@/units/joined'
import { DRAFTS, rememberPlan } from './drafts'
import { emptyStation } from './station/plan'
import { usualGround } from './ground'
import PaperPage from './PaperPage.vue'

const distance = { distanceM: 1.64, limitMwPerCm2: 0.2 }
const way = {
  name: 'A',
  sentW: 50,
  atAntennaW: 32,
  erpW: 32,
  eirpW: 52,
  swrAtRadio: 1.8,
  stages: [{ name: said('antenna'), netW: 32, forwardW: 36, swr: 2.2 }],
  publicDistance: distance,
  occupationalDistance: { reason: said('worn on the body'), limitMwPerCm2: 1 },
  links: [
    { name: 'Depot', inSight: true, horizonM: 24e3, receivedDbm: -44, marginDb: 66 },
    { name: 'Far pier', inSight: false, horizonM: 24e3, receivedDbm: -71, marginDb: 39 },
  ],
}
const beam = {
  candidate: 'BEAM',
  title: said('beam of three elements'),
  claim: said(''),
  effort: 3,
  lengthM: 0.9,
  tipM: 12.17,
  reasons: [said('Point its directors to 120°.')],
}
const solved = {
  candidate: 'BEAM',
  trace: { frequencyHz: [150e6, 156e6, 162e6], returnLossDb: [8, 40, 9] },
  worstSwr: 1.6,
  holds: true,
  wantedDbi: 9.2,
  maxGainDbi: 9.2,
  takeOffDeg: 0,
  lengthM: 0.88,
  massKg: 0.24,
  parts: [{ count: 3, lengthM: 0.9, diameterM: 0.016, material: said('aluminium'), tube: true }],
  packedM: 0.93,
}
const madeGround = { worstSwr: 2.31, holds: true, whipM: 0.553, massKg: 0.31, areaM2: 0.12 }

const ruledOut = new Set<string>()

beforeEach(() => {
  ruledOut.clear()
  localStorage.clear()
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe() {}
      disconnect() {}
    },
  )
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) => {
      const answers: Record<string, unknown> = {
        '/api/planning/station': {
          says: { id: 'ways.ONE', params: { best: 'A', erpFineW: 20 }, text: '' },
          ways: [way],
          cautions: [
            { id: 'caution.RF_BURNS', params: {}, text: '' },
            { id: 'caution.POWER_LINES', params: { distanceFarM: 9 }, text: '' },
          ],
        },
        '/api/cautions': [
          { id: 'caution.RF_BURNS', params: {}, text: '' },
          { id: 'caution.POWER_LINES', params: { distanceFarM: 9 }, text: '' },
          { id: 'LOCAL_CODES', params: {}, text: 'Local codes prevail.' },
        ],
        '/api/planning/feedlines': [{ id: 'rg-58', title: said('RG-58, thin') }],
        '/api/planning/antennas': [
          {
            ...beam,
            candidate: 'DIPOLE',
            title: said('half-wave dipole'),
            ...(ruledOut.has('DIPOLE') ? { excluded: said('Too wide.') } : {}),
          },
          beam,
        ],
        '/api/planning/antennas/BEAM': { id: 'job' },
        '/api/planning/ground': { id: 'ground' },
        '/api/jobs/ground': { id: 'ground', state: 'DONE', share: 1, result: madeGround },
        '/api/jobs/job': { id: 'job', state: 'DONE', share: 1, result: solved },
      }
      return Promise.resolve(
        new Response(JSON.stringify(answers[new URL(request.url).pathname]), {
          status: 200,
          headers: { 'Content-Type': 'application/json' },
        }),
      )
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function paper() {
  const page = mount(PaperPage, {
    global: {
      plugins: [createPinia(), VueQueryPlugin],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return page
}

describe('the plan on paper', () => {
  it('prints the antenna that was named, though nobody picked it, and never one that is ruled out', async () => {
    localStorage.setItem(DRAFTS.named, '"BEAM"')
    expect((await paper()).text()).toContain('Fit the beam of three elements')
    localStorage.clear()
    ruledOut.add('DIPOLE')
    expect((await paper()).text()).toContain('Fit the beam of three elements')
  })

  it('has the picked antenna as solved, parts, watts, distances and cautions', async () => {
    localStorage.setItem(
      DRAFTS.antenna,
      JSON.stringify({ carrier: 'MAST', target: 'ONE_STATION', bearing: '120' }),
    )
    localStorage.setItem(DRAFTS.chosen, '"BEAM"')
    localStorage.setItem(DRAFTS.station, JSON.stringify({ ...emptyStation(), totalHeight: '6 m' }))
    rememberPlan({ id: 'p', version: 0, name: 'Link to the lighthouse' })
    const page = await paper()
    const asked = vi.mocked(fetch).mock.calls.map(([request]) => (request as Request).url)
    expect(asked.some((url) => url.includes('/api/cautions') && url.includes('totalHeightM=6'))).toBe(true)
    expect(page.find('h1').text()).toBe('Link to the lighthouse')
    for (const said of [
      'Fit the beam of three elements',
      'one station, 120° from true north, vertical polarisation',
      '12.17 m (39.9 ft) above the ground',
      '3 × 900 mm',
      '16.0 mm aluminium tube',
      'of RG-58, thin',
      '1.7 m (5.4 ft)',
      'Worn on the body',
      'RF burns at the whip',
      'keep at least 9.0 m (30 ft) away',
      'Local codes prevail.',
    ])
      expect(plain(page.text())).toContain(said)
    expect(page.text()).toContain('66')
    // Beyond the horizon no figure holds: none is printed.
    expect(page.text()).toContain('Far pier: beyond the radio horizon')
    expect(page.text()).not.toContain('39.0 dB')
    // What the station's own answer says stands once.
    expect(page.text().match(/RF burns/g)).toHaveLength(1)
    expect(page.text()).not.toContain('one and a half times the total height away')
    expect(page.text()).not.toContain('outside the antenna’s band')
    expect(page.find('button.do').text()).toBe('Print')
  })

  it('has the made ground from above, with its measures, the whip and its weight', async () => {
    localStorage.setItem(DRAFTS.antenna, JSON.stringify({ carrier: 'AIRCRAFT' }))
    localStorage.setItem(DRAFTS.chosen, '"BEAM"')
    localStorage.setItem(DRAFTS.ground, JSON.stringify({ ...usualGround(), chosen: 1 }))
    const page = await paper()
    expect(page.find('button.do').text()).toBe('Print')
    for (const said of [
      'Ground below the whip: 4 radials',
      '570 mm',
      'toward 90°',
      '2.31, met, limit 2.5',
      '310 g',
    ])
      expect(plain(page.text())).toContain(said)
  })

  it('says where the watts are not those of this antenna, and what cannot be used yet', async () => {
    localStorage.setItem(DRAFTS.chosen, '"BEAM"')
    localStorage.setItem(DRAFTS.station, JSON.stringify({ mhz: '27.185' }))
    expect((await paper()).text()).toContain('outside the antenna’s band')
    localStorage.setItem(DRAFTS.antenna, JSON.stringify({ low: 'many' }))
    expect((await paper()).find('[role=alert]').text()).toContain('cannot be used yet')
  })
})
