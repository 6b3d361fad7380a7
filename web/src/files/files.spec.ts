import { beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { Problem } from '@/api/client'
import { isReady, MOST_FILES, useFiles, type Whose } from './useFiles'

const get = vi.fn()
const read = vi.fn()
const send = vi.fn()
vi.mock('@/api/client', async (original) => ({
  ...(await original<object>()),
  api: { GET: (...args: unknown[]) => get(...args) as unknown },
}))
vi.mock('@/api/files', async (original) => ({
  ...(await original<object>()),
  readTraceFile: (...args: unknown[]) => read(...args) as unknown,
}))
vi.mock('@/api/passes', async (original) => ({
  ...(await original<object>()),
  sendPass: (...args: unknown[]) => send(...args) as unknown,
}))

const whose = (by: Whose['by'], isOpen = true): Whose => ({
  id: 'i1',
  shopNumber: 'FS-0012',
  title: 'Tractor 7',
  state: 'TUNING',
  isOpen,
  by,
})
const file = (name: string) => new File(['x'], name)

function page(matches: Whose[], rests = { rests: 'UNCALIBRATED_ANALYSER', declared: '' }) {
  get.mockImplementation(() => Promise.resolve({ data: matches, response: new Response() }))
  return useFiles(ref(rests))
}

beforeEach(() => {
  read.mockReset().mockResolvedValue({ trace: { frequencyHz: [140e6, 150e6, 160e6] } })
  send.mockReset().mockResolvedValue({ number: 3 })
})

describe('a file among many', () => {
  it('goes to what its name tells, and asks where only its band does', async () => {
    const named = page([whose('NUMBER')])
    await named.bring([file('FS-0012.s1p')])
    expect(named.ready.value).toHaveLength(1)

    const banded = page([whose('BAND')])
    await banded.bring([file('yard.s1p')])
    const one = banded.files.value[0]
    expect(one?.installation).toBe('i1')
    expect(banded.ready.value).toHaveLength(0)
    if (one) banded.choose(one, 'i1')
    expect(banded.ready.value).toHaveLength(1)
  })

  it('goes nowhere by itself where what it names is signed off', async () => {
    const closed = page([whose('NUMBER', false)])
    await closed.bring([file('FS-0012.s1p')])
    expect(closed.files.value[0]?.installation).toBe('')
    expect(closed.ready.value).toHaveLength(0)
  })

  it('says what could not be read, and keeps the others', async () => {
    const all = page([whose('TITLE')])
    read.mockRejectedValueOnce(new Problem('Line 4: expected 3 numbers, found 2', 422))
    await all.bring([file('bad.s1p'), file('good.s1p')])
    expect(all.files.value.map((f) => f.state)).toEqual(['REFUSED', 'READY'])
    expect(all.files.value[0]?.trouble).toContain('Line 4')
    expect(all.files.value[0] && isReady(all.files.value[0])).toBe(false)
  })
})

describe('recording them', () => {
  it('sends each once, with what they rest on, and tells what became of it', async () => {
    const all = page([whose('NUMBER')], { rests: 'DECLARED_ANALYSER', declared: 'Inés, open short load' })
    await all.bring([file('a.s1p'), file('b.s1p')])
    send.mockRejectedValueOnce(new Problem('Signed off meanwhile.', 409))
    await all.record()
    expect(all.files.value.map((f) => f.state)).toEqual(['REFUSED', 'DONE'])
    expect(all.files.value[1]?.pass).toBe(3)
    expect(send.mock.calls[1]).toMatchObject([
      'i1',
      {
        recording: {
          changeM: 0,
          note: 'b.s1p',
          rests: 'DECLARED_ANALYSER',
          declared: 'Inés, open short load',
        },
      },
    ])
    // Again: only what is not there yet, under the same key.
    await all.record()
    expect(send).toHaveBeenCalledTimes(3)
    const keys = send.mock.calls.map(
      (c) => (c[1] as { recording: { requestKey: string } }).recording.requestKey,
    )
    expect(keys[2]).toBe(keys[0])
    expect(all.done.value).toBe(2)
  })

  it('corrects with one of the shop’s calibrations', async () => {
    const all = page([whose('NUMBER')], { rests: 'c1', declared: '' })
    await all.bring([file('a.s1p')])
    await all.record()
    expect(send.mock.calls[0]?.[1]).toMatchObject({ recording: { calibrationId: 'c1' } })
  })

  it('stops after the one that is on its way', async () => {
    const all = page([whose('NUMBER')])
    await all.bring([file('a.s1p'), file('b.s1p')])
    send.mockImplementation(() => {
      all.stop()
      return Promise.resolve({ number: 1 })
    })
    await all.record()
    expect(send).toHaveBeenCalledTimes(1)
    expect(all.files.value.map((f) => f.state)).toEqual(['DONE', 'READY'])
  })

  it('takes as many as it can show', async () => {
    const all = page([])
    const many = Array.from({ length: MOST_FILES + 1 }, (_, i) => file(`${i}.s1p`))
    expect(await all.bring(many)).toBe(false)
    expect(all.files.value).toHaveLength(MOST_FILES)
  })
})
