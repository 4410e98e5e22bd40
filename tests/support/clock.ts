/**
 * The tests' clock. `GRUMBO_TEST_NOW` sets it for the whole suite, as local time (`2028-02-29T23:58`); a
 * file whose tests hang on the hour sets its own by `clockAt`. Servers and pages the tests start are set
 * to the same; nothing here asks the machine.
 */
const wanted = process.env.GRUMBO_TEST_NOW
let aheadMs = 0
set(wanted ? Date.parse(wanted) - Date.now() : 0)

/** What of the server a test calls in its own process goes by it too. */
function set(ms: number) {
  aheadMs = ms
  process.env.GRUMBO_CLOCK_AHEAD_MS = String(ms)
}

export const clockAheadMs = () => aheadMs
export const currentInstant = () => new Date(Date.now() + aheadMs)

/** Sets the clock of this file to an hour of the suite's day. @param hour such as 10:00 */
export function clockAt(hour: string) {
  const then = currentInstant()
  const [h = 0, m = 0] = hour.split(':').map(Number)
  then.setHours(h, m, 0, 0)
  set(then.getTime() - Date.now())
}

/** Days are those of the zone the tests run in, as they are of the device's. */
export const localDay = (at: Date = currentInstant()) =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`
export const localZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone
