import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { Words } from '@/words/words'
import { likeInstallation, namesOf, ofPlan, ofSheet } from './begin'

const words = new Words('en', 'mm')
const kinds = [
  { kind: 'QUARTER_WAVE_WHIP', sheet: 'whip', oneWay: true, smallestStepM: 0.001 },
  { kind: 'TUBE_J_POLE', sheet: 'tube-j-pole', oneWay: false, smallestStepM: 0.002 },
] as unknown as Schemas['KindView'][]
const sent: { method: string; path: string; body: unknown }[] = []

/** Answers by path; what is sent is kept. */
function serves(answers: Record<string, unknown>) {
  vi.stubGlobal('fetch', async (request: Request) => {
    const { pathname } = new URL(request.url)
    const text = await request.text()
    sent.push({
      method: request.method,
      path: pathname,
      body: text ? (JSON.parse(text) as unknown) : undefined,
    })
    return new Response(JSON.stringify(answers[pathname] ?? {}), {
      status: 200,
      headers: { 'Content-Type': 'application/json' },
    })
  })
}

afterEach(() => {
  vi.unstubAllGlobals()
  sent.length = 0
})

describe('a new installation begun with something the shop has', () => {
  it('takes over how another one is adjusted, and neither its name nor its length', async () => {
    serves({
      '/api/installations/i1': {
        title: 'Tractor 7',
        customer: 'Cooperative',
        antennaKind: 'QUARTER_WAVE_WHIP',
        oneWay: false,
        smallestStepM: 0.005,
        startLengthM: 0.49,
        channels: [{ name: 'Field', frequencyHz: 153.05e6, primary: true }],
      },
    })
    const { form } = await likeInstallation('i1', words)
    expect(form).toMatchObject({
      title: '',
      customer: 'Cooperative',
      adjust: 'slide',
      smallestStep: '5 mm',
      startLength: '',
    })
  })

  it('is of the antenna and the frequency of a cut sheet, which belongs to it from then on', async () => {
    serves({
      '/api/cut-sheets/s1': {
        id: 's1',
        version: 3,
        name: 'Yard mast',
        kind: 'tube-j-pole',
        body: JSON.stringify({ kind: 'tube-j-pole', f: '152600000' }),
        done: ['cut'],
        cuts: [{ piece: 0, lengthM: 1.42 }],
      },
    })
    const begun = await ofSheet('s1', kinds, words)
    expect(begun.form).toMatchObject({
      antennaKind: 'TUBE_J_POLE',
      antennaDetail: 'Yard mast',
      adjust: 'slide',
      smallestStep: '2 mm',
      channels: [{ mhz: '152.600', primary: true }],
    })
    await begun.made('i9')
    expect(sent.at(-1)).toMatchObject({
      method: 'PUT',
      body: { installationId: 'i9', done: ['cut'], cuts: [{ piece: 0, lengthM: 1.42 }] },
    })
  })

  it('is of the antenna that a plan chose; a plan without one says so', async () => {
    serves({
      '/api/plans/p1': {
        name: 'Van',
        need: {
          carrier: 'VEHICLE',
          material: 'METAL',
          lowHz: 153e6,
          highHz: 159e6,
          limitSwr: 2,
          mountHeightM: 1.9,
        },
        candidate: 'j',
      },
      '/api/planning/antennas': [
        {
          candidate: 'q',
          antennaKind: 'QUARTER_WAVE_WHIP',
          title: { id: 'x', params: {}, text: 'whip' },
          lengthM: 0.48,
        },
        {
          candidate: 'j',
          antennaKind: 'TUBE_J_POLE',
          title: { id: 'y', params: {}, text: 'J-pole' },
          lengthM: 1.4,
        },
      ],
      '/api/plans/p2': { name: 'Reach' },
    })
    const { form } = await ofPlan('p1', kinds, words)
    expect(form).toMatchObject({ antennaKind: 'TUBE_J_POLE', adjust: 'slide', limit: '2' })
    expect(form.channels.map((c) => c.mhz)).toEqual(['153.000', '156.000', '159.000'])
    await expect(ofPlan('p2', kinds, words)).rejects.toThrow('“Reach” plans no antenna')
  })

  it('has a fleet by one name on each line', () => {
    expect(namesOf(' Van 2\n\nVan 3 \n')).toEqual(['Van 2', 'Van 3'])
  })
})
