import { expect, test } from 'vitest'
import { thinned } from './thinned'

const TOLERANCE = 0.25
const xs = Array.from({ length: 2001 }, (_, i) => i * 0.4)

function farthest(ys: number[], kept: number[]): number {
  const at = (values: number[], i: number) => values[i] ?? NaN
  let worst = 0
  for (let k = 1; k < kept.length; k++) {
    const [a, b] = [at(kept, k - 1), at(kept, k)]
    for (let i = a; i <= b; i++) {
      const along = (at(xs, i) - at(xs, a)) / (at(xs, b) - at(xs, a))
      worst = Math.max(worst, Math.abs(at(ys, a) + along * (at(ys, b) - at(ys, a)) - at(ys, i)))
    }
  }
  return worst
}

test('a smooth dip needs few places, and nothing lies farther off than was allowed', () => {
  const ys = xs.map((x) => 500 / (1 + ((x - 400) / 20) ** 2))
  const kept = thinned(xs, ys, TOLERANCE)
  expect(kept.length).toBeLessThan(200)
  expect(farthest(ys, kept)).toBeLessThanOrEqual(TOLERANCE + 1e-9)
})

test('noise keeps what can be seen, also a single spike', () => {
  let seed = 7
  const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647
  const ys = xs.map(() => 10 * random())
  ys[1234] = 400
  const kept = thinned(xs, ys, TOLERANCE)
  expect(kept).toContain(1234)
  expect(farthest(ys, kept)).toBeLessThanOrEqual(TOLERANCE + 1e-9)
})

test('a straight line is its two ends; one or two points stay', () => {
  expect(
    thinned(
      xs,
      xs.map((x) => 3 * x),
      TOLERANCE,
    ),
  ).toEqual([0, 2000])
  expect(thinned([5], [1], TOLERANCE)).toEqual([0])
  expect(thinned([5, 6], [1, 9], TOLERANCE)).toEqual([0, 1])
})
