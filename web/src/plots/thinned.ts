/**
 * The places of a curve that must be drawn so that no other lies farther than `tolerance` above or below the drawn line.
 * The first and the last are always among them. For x that ascends; one pass, by the cone of slopes that still pass every
 * point since the last kept one.
 */
export function thinned(xs: readonly number[], ys: readonly number[], tolerance: number): number[] {
  const last = xs.length - 1
  if (last < 2) return xs.map((_, i) => i)
  const kept = [0]
  let anchor = 0
  let least = -Infinity
  let most = Infinity
  const x = (i: number) => xs[i] ?? 0
  const y = (i: number) => ys[i] ?? 0
  for (let i = 1; i <= last; i++) {
    const slope = (y(i) - y(anchor)) / (x(i) - x(anchor))
    if (slope < least || slope > most) {
      anchor = i - 1
      kept.push(anchor)
      least = -Infinity
      most = Infinity
    }
    const run = x(i) - x(anchor)
    least = Math.max(least, (y(i) - tolerance - y(anchor)) / run)
    most = Math.min(most, (y(i) + tolerance - y(anchor)) / run)
  }
  kept.push(last)
  return kept
}
