import { describe, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { wholeSpanOf } from '@/plots/sweep/useSweepView'
import { tracesOfRuns } from './runs'

describe('builds over one another', () => {
  const run = (name: string, more: object) =>
    ({
      name,
      readings: [{ frequencyHz: 118e6, swr: 2, lowSwr: 1.8, highSwr: 2.3, ...more }],
    }) as Schemas['RunView']

  it('are points under their names, and no curve that nobody swept', () => {
    const [mesh, bare] = tracesOfRuns([run('mesh', {}), run('bare', { highSwr: undefined })])
    expect(mesh?.label).toBe('mesh')
    expect(mesh?.curve.frequencyHz).toEqual([])
    expect(mesh?.points?.[0]?.db).toBeCloseTo(9.54, 2)
    // A reading without an upper end reaches up to nothing coming through.
    expect(bare?.points?.[0]?.lowDb).toBe(0)
    expect(mesh?.tone).not.toBe(bare?.tone)
  })

  it('are laid out over all that was read: there is no sweep to go by', () => {
    const [low, high] = wholeSpanOf(tracesOfRuns([run('mesh', {}), run('bare', { frequencyHz: 136e6 })]), [])
    expect(low).toBeLessThan(118e6)
    expect(low).toBeGreaterThan(116e6)
    expect(high).toBeGreaterThan(136e6)
    expect(high).toBeLessThan(138e6)
  })
})
