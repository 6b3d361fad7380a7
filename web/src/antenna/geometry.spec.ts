import { describe, expect, it } from 'vitest'
import { currentWords } from '@/words/words'
import { EXAMPLES, fitted, project, readTable, roundLength } from './geometry'
import { curveOfPoints, magnitudeOf, resultRows } from './solving'

describe('the geometry table', () => {
  it('is read in metres, the radius in millimetres', () => {
    const { wires, wrong } = readTable(
      [{ from: ['0', '0,5', '-1'], to: ['1', '2', '3'], radiusMm: '2.5' }],
      currentWords(),
    )
    expect(wrong).toEqual({})
    expect(wires).toEqual([{ fromM: [0, 0.5, -1], toM: [1, 2, 3], radiusM: 0.0025 }])
  })

  it('names the wire and the cell that it can not read', () => {
    const { wires, wrong } = readTable(
      [
        { from: ['0', '0', '0'], to: ['0', '0', '1'], radiusMm: '2' },
        { from: ['0', 'x', '0'], to: ['0', '0', '1'], radiusMm: '' },
      ],
      currentWords(),
    )
    expect(wires).toHaveLength(1)
    expect(wrong[1]).toBe('Wire 1 from y: "x" is not a number.')
  })

  it('has examples that can be read', () => {
    for (const e of EXAMPLES) {
      expect(readTable(e.rows, currentWords()).wrong).toEqual({})
      expect(e.feed.wire).toBeLessThan(e.rows.length)
    }
  })
})

describe('the picture of the wires', () => {
  it('shows height upward and turns about the vertical', () => {
    expect(project([0, 0, 1], { turnDeg: 77, tiltDeg: 0 })).toEqual([0, 1])
    const [right, up] = project([1, 0, 0], { turnDeg: 90, tiltDeg: 0 })
    expect(right).toBeCloseTo(0)
    expect(up).toBeCloseTo(0)
    // From straight above, what is away is up.
    expect(project([0, 2, 5], { turnDeg: 0, tiltDeg: 90 })[1]).toBeCloseTo(2)
  })

  it('fits into its frame', () => {
    const fit = fitted(
      [
        [-1, 0],
        [1, 4],
      ],
      200,
      100,
      10,
    )
    expect(fit.scale).toBe(20)
    expect(fit.shift([0, 2])).toEqual([100, 50])
    expect(fit.shift([1, 4])).toEqual([120, 10])
  })

  it('has a round scale', () => {
    expect([0.07, 0.5, 3.2, 9].map(roundLength)).toEqual([0.05, 0.5, 2, 5])
  })
})

describe('what the model gives', () => {
  const points = [60, 50, 40].map((r, i) => ({
    frequencyHz: (145 + i) * 1e6,
    resistanceOhm: r,
    reactanceOhm: i === 1 ? -0.2 : 20,
  }))

  it('is a curve, a table and a sentence about the best point', () => {
    expect(magnitudeOf({ frequencyHz: 1, resistanceOhm: 100, reactanceOhm: 0 })).toBeCloseTo(1 / 3)
    expect(curveOfPoints(points).returnLossDb[0]).toBeCloseTo(
      -20 * Math.log10(Math.hypot(10, 20) / Math.hypot(110, 20)),
    )
    const { rows, dip } = resultRows(points)
    expect(rows.filter((r) => r.best).map((r) => r.frequencyHz)).toEqual([146e6])
    expect(dip).toMatchObject({ resistanceOhm: 50, isAtEdge: false })
    expect(resultRows(points.slice(0, 2)).dip?.isAtEdge).toBe(true)
    expect(resultRows([]).dip).toBeUndefined()
  })
})
