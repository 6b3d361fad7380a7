import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { flushPromises, mount, RouterLinkStub } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { describe, expect, it, vi } from 'vitest'
import AnalyserFields from './AnalyserFields.vue'
import type { SweptDraft } from './draft'

const get = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown },
}))

const calibration = (id: string, instrument: string, startHz: number, stopHz: number) => ({
  id,
  name: id,
  instrument,
  startHz,
  stopHz,
  madeAt: '2026-11-01T10:00:00Z',
})

async function fields(calibrations: ReturnType<typeof calibration>[], rests = 'UNCALIBRATED_ANALYSER') {
  get.mockImplementation((path: string) =>
    Promise.resolve({
      data:
        path === '/api/instruments'
          ? [{ id: 'a1', name: 'Bench', recorded: true }]
          : calibrations.filter((c) => path !== '/api/calibrations/covering' || c.startHz <= 140e6),
      response: new Response(),
    }),
  )
  const draft: SweptDraft = { instrument: 'a1', rests, declared: '', port: '1' }
  const shown = mount(AnalyserFields, {
    props: { modelValue: draft, wrong: {}, span: { startHz: 140e6, stopHz: 170e6 } },
    global: {
      plugins: [createPinia(), [VueQueryPlugin, { queryClient: new QueryClient() }]],
      stubs: { RouterLink: RouterLinkStub },
    },
  })
  await flushPromises()
  return { draft, shown }
}

describe('a calibration that covers the sweep', () => {
  it('offers itself, with its age', async () => {
    const { draft, shown } = await fields([calibration('vhf', 'Bench', 130e6, 180e6)])
    expect(draft.rests).toBe('vhf')
    expect(shown.text()).toContain('“vhf” covers this sweep')
  })

  it('is none of another instrument, and none that the sweep is not covered by', async () => {
    const { draft } = await fields([
      calibration('other', 'Yard', 130e6, 180e6),
      calibration('narrow', 'Bench', 145e6, 180e6),
    ])
    expect(draft.rests).toBe('UNCALIBRATED_ANALYSER')
  })

  it('gives way to what a person said', async () => {
    const { draft } = await fields([calibration('vhf', 'Bench', 130e6, 180e6)], 'DECLARED_ANALYSER')
    expect(draft.rests).toBe('DECLARED_ANALYSER')
  })
})
