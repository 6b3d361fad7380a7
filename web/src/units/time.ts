/** A time in UTC as the local date and time, without seconds. */
export function formatTime(utc: string): string {
  return new Date(utc).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
}

/** A time in UTC as the local date. */
export function formatDay(utc: string): string {
  return new Date(utc).toLocaleDateString([], { dateStyle: 'medium' })
}
