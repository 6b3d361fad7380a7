import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, ref } from 'vue'
import type { Schemas } from '@/api/client'
import { channelForm, emptyForm, type PlanForm } from './planForm'
import { useUsualStart } from './useUsualStart'

const AIRBAND = {
  id: 'airband',
  usual: ['Bottom', 'Middle', 'Top'],
  channels: [
    { name: 'Bottom', transmitHz: 118e6 },
    { name: 'Distress', transmitHz: 121.5e6 },
    { name: 'Middle', transmitHz: 127.5e6 },
    { name: 'Top', transmitHz: 136.975e6 },
  ],
} as Schemas['ServiceView']
const USUAL: Record<string, object> = {
  VEHICLE: {
    antennaKind: 'QUARTER_WAVE_WHIP',
    limitSwr: 2,
    measuredAt: 'RADIO',
    ratedPowerW: 25,
    swrCeiling: 2,
  },
  AIRCRAFT: {
    antennaKind: 'AIRBAND_WHIP',
    limitSwr: 2.5,
    measuredAt: 'ANTENNA',
    ratedPowerW: 8,
    swrCeiling: 3,
    service: 'airband',
  },
}

beforeEach(() => {
  vi.stubGlobal(
    'fetch',
    vi.fn((request: Request) =>
      Promise.resolve(
        new Response(JSON.stringify(USUAL[new URL(request.url).searchParams.get('carrier') ?? '']), {
          status: 200,
          headers: { 'Content-Type': 'application/json' },
        }),
      ),
    ),
  )
})
afterEach(() => vi.unstubAllGlobals())

async function begun(meanwhile: (form: PlanForm) => void = () => undefined) {
  const form = ref<PlanForm>(emptyForm('mm'))
  let leave: () => void = () => undefined
  mount(
    defineComponent({
      setup() {
        leave = useUsualStart(form, ref([AIRBAND]), (kind) => (form.value.antennaKind = kind))
        return () => null
      },
    }),
  )
  meanwhile(form.value)
  await flushPromises()
  const fitTo = async (carrier: PlanForm['carrier']) => {
    form.value.carrier = carrier
    await flushPromises()
  }
  return { form, fitTo, leave }
}

describe('what is usual for a carrier', () => {
  it('fills an aircraft in: its whip, its limit at the antenna, the bottom, middle and top of its band', async () => {
    const { form, fitTo } = await begun()
    await fitTo('AIRCRAFT')
    expect(form.value).toMatchObject({ antennaKind: 'AIRBAND_WHIP', limit: '2.5', measuredAt: 'ANTENNA' })
    expect(form.value.channels.map((c) => `${c.name} ${c.mhz} ${c.primary}`)).toEqual([
      'Bottom 118.000 false',
      'Middle 127.500 true',
      'Top 136.975 false',
    ])
    await fitTo('VEHICLE')
    expect(form.value).toMatchObject({ antennaKind: 'QUARTER_WAVE_WHIP', limit: '2.0', measuredAt: 'RADIO' })
    expect(form.value.channels).toHaveLength(1)
  })

  it('leaves alone what somebody typed', async () => {
    const { form, fitTo } = await begun()
    form.value.limit = '1.7'
    form.value.channels = [channelForm('Field', '153.05', true)]
    await fitTo('AIRCRAFT')
    expect(form.value.limit).toBe('1.7')
    expect(form.value.channels.map((c) => c.name)).toEqual(['Field'])
    expect(form.value.measuredAt).toBe('ANTENNA')
  })

  it('leaves alone what is typed before the answer comes', async () => {
    const { form } = await begun((typing) => (typing.limit = '1.6'))
    expect(form.value.limit).toBe('1.6')
  })

  it('leaves a plan alone that was taken over from another installation', async () => {
    const { form, leave } = await begun()
    leave()
    form.value = { ...emptyForm('mm'), carrier: 'AIRCRAFT', limit: '2.0', measuredAt: 'RADIO' }
    await flushPromises()
    expect(form.value).toMatchObject({ limit: '2.0', measuredAt: 'RADIO', antennaKind: 'QUARTER_WAVE_WHIP' })
  })
})
