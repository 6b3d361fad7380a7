/** `39.0 W`, `4.25 W`, `850 mW`. */
export function formatWatts(watts: number): string {
  if (watts < 0.9995) return `${Number((watts * 1000).toPrecision(3))} mW`
  return `${watts.toFixed(watts < 10 ? 2 : watts < 100 ? 1 : 0)} W`
}

/** A loss, `0.42 dB`: no sign, and never −0.00. */
export const formatLoss = (db: number): string => `${Math.max(0, db).toFixed(2)} dB`

/** `+3.1 dB`, `−0.4 dB`; never −0.0. */
export function formatDb(db: number): string {
  const rounded = Math.round(db * 10) / 10
  return `${rounded < 0 ? '−' : '+'}${Math.abs(rounded).toFixed(1)} dB`
}
