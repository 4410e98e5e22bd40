import { currentInstant } from '../clock'

/** Formats are dear to make, and there are few zones. */
const dayFormats = new Map<string, Intl.DateTimeFormat>()

/** What day it is in a time zone now. */
export function todayIn(timeZone: string, at = currentInstant()): string {
  let format = dayFormats.get(timeZone)
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    })
    dayFormats.set(timeZone, format)
  }
  return format.format(at)
}
