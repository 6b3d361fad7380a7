import { chosenOf, fieldOffering, giveFiles, pick } from '@/testing/controls'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { enableAutoUnmount, flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { joined } from '@/units/joined'
import { freshDraft, keepDraft, loadDraft, type PassDraft } from './draft'
import RecordPass from './RecordPass.vue'
import type { Installation, Pass } from './sentence'
import { emptyRow } from './spots'

const installation = {
  sweepStartHz: 136.5e6,
  visits: [{ id: 'v1', number: 1, purpose: 'FITTING' }],
  circumstances: ['ON_THE_GROUND', 'INDOORS', 'DOOR_OPEN', 'PEOPLE_NEAR', 'HAND_ON_IT', 'OUT_OF_ITS_TUBE'],
  sweepStopHz: 174.4e6,
  id: 'i1',
  antennaPiece: { id: 'adjusted.WHIP', params: {}, text: 'the whip' },
  channels: [
    { name: 'Field', frequencyHz: 150e6, primary: true },
    { name: 'Base', frequencyHz: 160e6, primary: false },
  ],
} as unknown as Installation

const advised = {
  analysis: { startHz: 140e6, stopHz: 170e6 },
  source: 'SIMULATED_ANALYSER',
  advice: { action: 'SHORTEN', amountM: 0.006 },
} as unknown as Pass

/** The demo's: what is simulated may be recorded. */
const DEMO = [{ id: 'stand-in', name: 'Stand-in', standIn: true, recorded: true }]
let instruments: unknown[] = DEMO

enableAutoUnmount(afterEach)

const sent: { url: string; body: unknown }[] = []

function serverAnswers(...answers: (() => Promise<Response>)[]) {
  vi.stubGlobal('fetch', async (request: Request) => {
    if (request.url.endsWith('/api/instruments')) return json(200, instruments)()
    if (request.url.endsWith('/api/spots/read')) return json(200, [])()
    sent.push({ url: request.url, body: await request.clone().json() })
    const next = answers.shift()
    if (!next) throw new Error('one request too many')
    return next()
  })
}

const json = (status: number, body: unknown) => () =>
  Promise.resolve(
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }),
  )

const form = (draft: PassDraft, isBaseline = false) =>
  mount(RecordPass, {
    props: { installation, isBaseline, draft },
    global: {
      plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })

beforeEach(() => {
  localStorage.clear()
  sent.length = 0
  instruments = DEMO
  serverAnswers()
})
afterEach(() => {
  vi.unstubAllGlobals()
})

describe('in a shop that is no demo', () => {
  it('offers no simulated reading, and no stand-in to sweep with', async () => {
    instruments = [
      { id: 'stand-in', name: 'Stand-in', standIn: true, recorded: false },
      { id: 'n7', name: 'Bench analyser', standIn: false, recorded: true },
    ]
    const draft = freshDraft(installation, undefined, 'mm', false)
    expect(draft.source).toBe('analyser')
    const record = form(draft, true)
    await flushPromises()
    expect(record.text()).not.toContain('Simulated')
    expect(() => fieldOffering(record, 'stand-in')).toThrow()
    expect(chosenOf(record, 'n7')).toBe('n7')
    expect(record.text()).toContain('Bench analyser')
  })

  it('says where to add an analyser where there is none', async () => {
    instruments = [{ id: 'stand-in', name: 'Stand-in', standIn: true, recorded: false }]
    const record = form(freshDraft(installation, undefined, 'mm', false), true)
    await flushPromises()
    expect(record.text()).toContain('No analyser is known yet.')
  })
})

describe('a fresh draft', () => {
  it('takes over the advice, or the span alone', () => {
    const draft = freshDraft(installation, advised, 'mm', true, true)
    expect(draft).toMatchObject({
      change: 'shortened',
      amount: '6 mm',
      startMhz: '140.000',
      stopMhz: '170.000',
    })
    expect(freshDraft(installation, advised, 'inch', false, true)).toMatchObject({
      change: 'nothing',
      amount: '',
    })
  })

  it('sweeps wider than the band where nothing is known yet', () => {
    const draft = freshDraft(installation, undefined, 'mm', false, true)
    expect(Number(draft.startMhz)).toBeCloseTo(136.5, 1)
    expect(Number(draft.stopMhz)).toBeCloseTo(174.4, 1)
  })

  it('sweeps what the adviser asks for', () => {
    const wider = {
      ...advised,
      advice: { ...advised.advice, widerSweep: { startHz: 120e6, stopHz: 180e6 } },
    } as Pass
    expect(freshDraft(installation, wider, 'mm', false, true).startMhz).toBe('120.000')
  })

  it('survives a reload', () => {
    const draft = freshDraft(installation, advised, 'mm', true, true)
    keepDraft('i1', draft)
    expect(loadDraft('i1')).toEqual(draft)
    expect(loadDraft('i2')).toBeUndefined()
  })
})

describe('recording a pass', () => {
  it('sends the change in metres with its sign and drops the draft', async () => {
    serverAnswers(json(201, { number: 2, changeM: -0.006 }))
    const page = form(freshDraft(installation, advised, 'mm', true, true))
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.url).toContain('/api/installations/i1/passes')
    expect(sent[0]?.body).toMatchObject({
      recording: { changeM: -0.006, note: '' },
      startHz: 140e6,
      stopHz: 170e6,
      points: 401,
    })
    expect(page.emitted('recorded')).toHaveLength(1)
    expect(loadDraft('i1')).toBeUndefined()
  })

  it('says what is wrong at the field and sends nothing', async () => {
    serverAnswers()
    const draft = {
      ...freshDraft(installation, advised, 'mm', true, true),
      amount: 'a bit',
      stopMhz: '100',
      points: '1',
    }
    const page = form(draft)
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('"a bit" is not a number.')
    expect(page.text()).toContain('must stop above its start')
    expect(page.text()).toContain('2 points or more')
    expect(sent).toHaveLength(0)
  })

  it('keeps the entry when the connection is lost and sends the same key again', async () => {
    serverAnswers(() => Promise.reject(new TypeError('offline')), json(201, { number: 2, changeM: -0.006 }))
    const page = form(freshDraft(installation, advised, 'mm', true, true))
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('No connection to the server')
    expect(page.text()).toContain('Send again')
    expect(loadDraft('i1')?.amount).toBe('6 mm')
    await page.find('form').trigger('submit')
    await flushPromises()
    const keys = sent.map((s) => (s.body as { recording: { requestKey: string } }).recording.requestKey)
    expect(keys[1]).toBe(keys[0])
    expect(page.emitted('recorded')).toHaveLength(1)
  })

  it('says so when the first entry had arrived and another was typed meanwhile', async () => {
    serverAnswers(() => Promise.reject(new TypeError('offline')), json(201, { number: 2, changeM: -0.006 }))
    const page = form(freshDraft(installation, advised, 'mm', true, true))
    await page.find('form').trigger('submit')
    await flushPromises()
    await page.findAll('input[type=text]')[0]?.setValue('9 mm')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.emitted('recorded')).toEqual([
      [joined('Your first entry had arrived after all: pass 2, −6 mm.')],
    ])
  })

  it('shows what the server refuses where it belongs', async () => {
    serverAnswers(json(422, { detail: 'That would leave nothing.', field: 'changeM' }))
    const page = form(freshDraft(installation, advised, 'mm', true, true))
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('.wrong').text()).toBe('That would leave nothing.')
    expect(page.emitted('recorded')).toBeUndefined()
  })

  it('shows a refused reading in its row, and what stands at no field below', async () => {
    const draft = { ...freshDraft(installation, undefined, 'mm', true, true), source: 'meter' as const }
    draft.meter.kind = 'WATTMETER'
    draft.meter.channels['160000000'] = { ...emptyRow(), forward: '60', reflected: '1' }
    serverAnswers(
      json(422, { detail: 'The needle stands beyond its full scale.', field: 'spots[0]' }),
      json(422, { detail: 'Nobody expected this.', field: 'recording.requestKey' }),
    )
    const page = form(draft)
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('td.wrong').text()).toBe('The needle stands beyond its full scale.')
    expect(page.find('p.wrong').exists()).toBe(false)
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('p.wrong').text()).toBe('Nobody expected this.')
  })

  it('asks for a file where a file is the source', async () => {
    serverAnswers()
    const page = form({ ...freshDraft(installation, undefined, 'mm', false, true), source: 'file' }, true)
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.text()).toContain('Please choose a file.')
    expect(page.text()).not.toContain('What was changed')
  })
})

describe('recording what a meter shows', () => {
  const metered = (): PassDraft => {
    const draft = freshDraft(installation, { ...advised, source: 'SPOTS' } as Pass, 'mm', true)
    draft.meter.channels['150000000'] = { mhz: '', swr: '1.4', forward: '', reflected: '', r: '', x: '' }
    draft.meter.channels['160000000'] = { mhz: '', swr: '2.2', forward: '', reflected: '', r: '', x: '' }
    return draft
  }

  it('goes on with the meter, and sends its readings with the change', async () => {
    serverAnswers(json(201, { number: 2, changeM: -0.006 }))
    const draft = metered()
    expect(draft.source).toBe('meter')
    const page = form(draft)
    expect(page.find('button[type=submit]').text()).toContain('Record the readings')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.url).toContain('/api/installations/i1/spots')
    expect(sent[0]?.body).toMatchObject({
      recording: { changeM: -0.006 },
      kind: 'INLINE_METER',
      spots: [
        { frequencyHz: 150e6, swr: 1.4 },
        { frequencyHz: 160e6, swr: 2.2 },
      ],
    })
    expect(page.emitted('recorded')).toHaveLength(1)
  })

  it('says at the row what cannot be an SWR, and sends nothing', async () => {
    serverAnswers()
    const draft = metered()
    draft.meter.channels['160000000'] = { mhz: '', swr: '0.4', forward: '', reflected: '', r: '', x: '' }
    const page = form(draft)
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(page.find('[role=alert]').text()).toBe('An SWR is 1 or more.')
    expect(sent).toHaveLength(0)
  })

  it('asks for no sweep where the baseline is read from a meter', () => {
    const page = form(metered(), true)
    expect(page.text()).not.toContain('Sweep wider than the band first')
    expect(page.text()).toContain('Set the needle to full scale')
  })

  it('keeps a draft from before meters could be typed out of the way', () => {
    localStorage.setItem('dorada.pass-draft.i1', JSON.stringify({ change: 'nothing', source: 'file' }))
    expect(loadDraft('i1')).toBeUndefined()
  })
})

describe('recording a file', () => {
  it('sends what it rests on, and the port', async () => {
    const forms: FormData[] = []
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname
      if (path === '/api/calibrations') return json(200, [])()
      if (path === '/api/traces/read') return json(422, { detail: 'not looked at here' })()
      forms.push(await request.formData())
      return json(201, { number: 2, changeM: 0 })()
    })
    const draft = freshDraft(installation, { ...advised, source: 'FILE' } as Pass, 'mm', false)
    draft.swept = { instrument: '', rests: 'DECLARED_ANALYSER', declared: 'Noa, 140 to 170 MHz', port: '2' }
    const page = form(draft)
    await flushPromises()
    await giveFiles(page, new File(['x'], 'roof.s2p'))
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(forms[0]?.get('rests')).toBe('DECLARED_ANALYSER')
    expect(forms[0]?.get('declared')).toBe('Noa, 140 to 170 MHz')
    expect(forms[0]?.get('port')).toBe('2')
    expect(page.emitted('recorded')).toHaveLength(1)
  })
})

describe('sweeping with an analyser of the shop', () => {
  it('names the instrument, and the calibration that corrects it', async () => {
    vi.stubGlobal('fetch', async (request: Request) => {
      const path = new URL(request.url).pathname
      if (path === '/api/calibrations')
        return json(200, [
          { id: 'c1', name: 'Bench', startHz: 140e6, stopHz: 170e6, madeAt: '2026-05-01T08:00:00Z' },
        ])()
      if (path === '/api/instruments') return json(200, instruments)()
      sent.push({ url: request.url, body: await request.json() })
      return json(422, { detail: 'The analyser does not answer.', field: 'instrument' })()
    })
    const draft = freshDraft(installation, { ...advised, source: 'ANALYSER' } as Pass, 'mm', false)
    expect(draft.source).toBe('analyser')
    const page = form(draft)
    await flushPromises()
    await pick(page, 'c1')
    await page.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ instrument: 'stand-in', recording: { calibrationId: 'c1' } })
    expect(page.find('[role=alert]').text()).toBe('The analyser does not answer.')
    expect(page.text()).toContain('transmitting into an analyser destroys it')
  })
})
