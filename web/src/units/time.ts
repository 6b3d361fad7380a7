/** A time in UTC as the local date and time, without seconds. */
export function formatTime(utc: string): string {
  return new Date(utc).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' })
}
