import { boxes, chosenOf, isTicked, pick, tick } from '@/testing/controls'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import ChannelPicker from './ChannelPicker.vue'

const channel = (name: string, transmitHz: number, receiveHz = transmitHz) => ({
  name,
  transmitHz,
  receiveHz,
  note: '',
})
const say = (id: string) => ({ id, params: {}, text: '' })
const services = [
  {
    id: 'cb-us',
    title: say('service.cb-us.title'),
    shortTitle: say('service.cb-us.short'),
    country: say('serviceIn.US'),
    year: 2017,
    source: '47 CFR 95.963',
    bandwidthHz: 8000,
    channels: [
      channel('1', 26.965e6),
      channel('2', 26.975e6),
      channel('19', 27.185e6),
      channel('40', 27.405e6),
    ],
    usual: ['1', '19', '40'],
    reminders: [say('service.cb-us.power')],
  },
  {
    id: 'pmr446',
    title: say('service.pmr446.title'),
    shortTitle: say('service.pmr446.short'),
    country: say('serviceIn.CEPT'),
    year: 2015,
    source: 'ECC',
    bandwidthHz: 12500,
    channels: [channel('1', 446.00625e6)],
    usual: ['1'],
    forbidden: say('service.pmr446.builtIn'),
    reminders: [],
  },
]
let kept: { id: string; version: number; name: string; channels: ReturnType<typeof channel>[] }[]

async function shopLists(request: Request) {
  if (request.method === 'DELETE') {
    kept = []
    return new Response(null, { status: 204 })
  }
  const reply = (body: unknown) =>
    new Response(JSON.stringify(body), { status: 200, headers: { 'Content-Type': 'application/json' } })
  if (request.method === 'GET') return reply(kept)
  const { name, text } = (await request.json()) as { name: string; text: string }
  const list = { id: 'l1', version: 1, name, source: '', madeBy: 'Ines', channels: [channel(text, 446.2e6)] }
  kept = [list]
  return reply(list)
}
let parse: { status: number; body: unknown }

beforeEach(() => {
  kept = []
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) => {
      const path = new URL(request.url).pathname
      const isList = path === '/api/services'
      if (path.startsWith('/api/channel-lists')) return shopLists(request)
      return Promise.resolve(
        new Response(JSON.stringify(isList ? services : parse.body), {
          status: isList ? 200 : parse.status,
          headers: { 'Content-Type': 'application/json' },
        }),
      )
    }),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function open() {
  const picker = mount(ChannelPicker, { global: { plugins: [VueQueryPlugin] } })
  await flushPromises()
  return picker
}

describe('picking channels', () => {
  it('marks the usual ones, and gives what is marked with the service before its number', async () => {
    const picker = await open()
    expect(boxes(picker).filter(isTicked)).toHaveLength(3)
    await tick(picker, true, 1)
    const add = picker.findAll('button').find((b) => b.text() === 'Add 4 marked')
    await add?.trigger('click')
    expect(picker.emitted('take')?.[0]?.[0]).toEqual([
      { name: 'CB 1', mhz: '26.965', use: 'BOTH' },
      { name: 'CB 2', mhz: '26.975', use: 'BOTH' },
      { name: 'CB 19', mhz: '27.185', use: 'BOTH' },
      { name: 'CB 40', mhz: '27.405', use: 'BOTH' },
    ])
    expect(picker.emitted('close')).toHaveLength(1)
  })

  it('says first where another antenna is forbidden, and shows narrow frequencies whole', async () => {
    const picker = await open()
    await pick(picker, 'pmr446')
    expect(picker.find('[role=alert]').text()).toContain('Do not plan another antenna')
    expect(picker.text()).toContain('446.00625')
  })

  it('reads a pasted list, or keeps it and names the line', async () => {
    const picker = await open()
    await pick(picker, 'own')
    parse = { status: 422, body: { detail: 'Line 2: "Gate" needs a name and a frequency', line: 2 } }
    await picker.find('textarea').setValue('Yard 156.125\nGate')
    const add = picker.findAll('button').find((b) => b.text() === 'Add this list')
    await add?.trigger('click')
    await flushPromises()
    expect(picker.find('[role=alert]').text()).toContain('Line 2')
    expect(picker.find('textarea').element.value).toContain('Gate')
    expect(picker.emitted('close')).toBeUndefined()
    parse = { status: 200, body: [channel('Hill', 146.34e6, 146.94e6)] }
    await add?.trigger('click')
    await flushPromises()
    expect(picker.emitted('take')?.[0]?.[0]).toEqual([
      { name: 'Hill transmit', mhz: '146.340', use: 'TRANSMIT' },
      { name: 'Hill receive', mhz: '146.940', use: 'RECEIVE' },
    ])
  })

  it('keeps a list for the shop, changes it, removes it and puts it back', async () => {
    const picker = await open()
    const button = (word: string) => picker.findAll('button').find((b) => b.text().startsWith(word))
    await pick(picker, 'own')
    await picker.find('textarea').setValue('Quay 446.2')
    await picker.find('input[placeholder="Ferry port"]').setValue('Ferry')
    await button('Save it for the shop')?.trigger('click')
    await flushPromises()
    expect(chosenOf(picker, 'l1')).toBe('l1')
    expect(boxes(picker).filter(isTicked)).toHaveLength(1)
    await button('Change this list')?.trigger('click')
    expect(picker.find('textarea').element.value).toBe('Quay 446.2; 446.200')
    await pick(picker, 'l1')
    await button('Remove it')?.trigger('click')
    await flushPromises()
    await button('Put “Ferry” back')?.trigger('click')
    await flushPromises()
    expect(chosenOf(picker, 'l1')).toBe('l1')
  })
})
