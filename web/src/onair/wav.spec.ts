import { describe, expect, it } from 'vitest'
import { wavOf } from './wav'

describe('a clip as it is sent', () => {
  it('is a WAV of one channel and 16 bits', async () => {
    const bytes = new DataView(await wavOf(new Float32Array([0, 1, -2]), 8000).arrayBuffer())
    const text = (at: number) => String.fromCharCode(...[0, 1, 2, 3].map((i) => bytes.getUint8(at + i)))
    expect([text(0), text(8), text(12), text(36)]).toEqual(['RIFF', 'WAVE', 'fmt ', 'data'])
    expect(bytes.byteLength).toBe(44 + 6)
    expect([bytes.getUint16(22, true), bytes.getUint32(24, true), bytes.getUint16(34, true)]).toEqual([
      1, 8000, 16,
    ])
    // What is too loud is clipped and does not turn over.
    expect([44, 46, 48].map((at) => bytes.getInt16(at, true))).toEqual([0, 32767, -32767])
  })
})
