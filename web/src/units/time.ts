/** As the person writes dates where they are, in the language that they read here. */
function locale(): string | undefined {
  const read = document.documentElement.lang
  return navigator.languages.find((own) => own.split('-')[0] === read) ?? (read || undefined)
}

/** A time in UTC as the local date and time, without seconds. */
export function formatTime(utc: string): string {
  return new Date(utc).toLocaleString(locale(), { dateStyle: 'medium', timeStyle: 'short' })
}

function toDate(when: string): Date {
  const isDay = /^\d{4}-\d{2}-\d{2}$/.test(when)
  return new Date(isDay ? `${when}T00:00` : when)
}

/** A time in UTC as the local date, or a day of the calendar, which is the same everywhere. */
export function formatDay(when: string): string {
  return toDate(when).toLocaleDateString(locale(), { dateStyle: 'medium' })
}

/** The same without its year, where little room is and the year can be told from what is beside it. */
export function formatDayOfYear(when: string): string {
  return toDate(when).toLocaleDateString(locale(), { day: 'numeric', month: 'short' })
}
