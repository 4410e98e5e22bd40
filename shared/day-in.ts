/** Formats are dear to make, and there are few zones. */
const formats = new Map<string, Intl.DateTimeFormat>()

/** What day it is in a time zone at an instant. @throws RangeError for no zone there is */
export function dayIn(timeZone: string, at: Date): string {
  let format = formats.get(timeZone)
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    })
    formats.set(timeZone, format)
  }
  return format.format(at)
}
