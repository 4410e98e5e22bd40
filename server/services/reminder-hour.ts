import { addDays } from '../../core/record/day'
import { todayIn } from './today-in'

/** Minutes after midnight in a time zone. */
function minuteIn(timeZone: string, at: Date): number {
  const [h, m] = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
    .format(at)
    .split(':')
  return Number(h) * 60 + Number(m)
}

const MINUTE_MS = 60_000
/** Hours looked through for an hour of the clock: a day's, and those a change of clocks may add. */
const MOST_HOURS = 26

/**
 * The next instant at which the clock of a time zone shows an hour, or has passed it where that day's clock
 * leaps over it.
 * @param remindAt minutes after midnight; null for no reminder
 * @param after an instant, itself not meant
 */
export function nextReminder(remindAt: number | null, timeZone: string, after: Date): Date | null {
  if (remindAt === null) return null
  const today = todayIn(timeZone, after)
  const day = minuteIn(timeZone, after) < remindAt ? today : addDays(today, 1)
  // The first whole minute of that day on which the clock has come so far.
  const reached = (ms: number) => {
    const at = new Date(ms)
    const on = todayIn(timeZone, at)
    return on > day || (on === day && minuteIn(timeZone, at) >= remindAt)
  }
  const from = Math.floor(after.getTime() / MINUTE_MS) * MINUTE_MS
  let [low, high] = [from, from + 2 * MOST_HOURS * 60 * MINUTE_MS]
  while (high - low > MINUTE_MS) {
    const middle = low + Math.floor((high - low) / 2 / MINUTE_MS) * MINUTE_MS
    if (reached(middle)) high = middle
    else low = middle
  }
  return new Date(high)
}
