import { SETUP_MINUTES } from '../coat/minutes'
import type { Coat } from '../record/coat'
import { addDays, dayOf, daysBetween, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Choices, Planned } from '../record/entries'
import { forecastOf } from './forecast'
import { byPlace } from './today-places'

/** Saturday and Sunday: of days as long as one another, all of it is left for one of these. */
const SATURDAY = 5

/** The habit a plan is held against: the whole coat on one day of the week, however long that takes. */
export interface LongDays {
  /** The first of them. */
  first: Day
  /** Mats on average to the plan's end, minutes in all, and those of one sitting. */
  mats: number
  minutes: number
  sitting: number
}
/**
 * All of it in one sitting on the week's longest day. The coat is left as it was.
 * @returns null where the week has but one day for the table, or fewer than two such are left: then there is no habit
 */
export function allOnLongDays(from: Coat, choices: Choices, to: Day): LongDays | null {
  const { minutes } = from.profile
  if (minutes.filter((m) => m > SETUP_MINUTES).length < 2) return null
  const longest = Math.max(...minutes)
  const weekend = minutes.findIndex((m, w) => m === longest && w >= SATURDAY)
  const on = weekend < 0 ? minutes.lastIndexOf(longest) : weekend
  const begins = dayOf(from.today)
  const places = [...byPlace(from).keys()]
  const planned = Array.from({ length: daysBetween(begins, to) }, (_, n) => addDays(begins, n))
    .filter((day) => weekday(day) === on && !choices.blocked.includes(day))
    .map((day): Planned => ({ day, places, pinned: false }))
  if (planned.length < 2) return null
  const all = forecastOf(from, planned, to)
  return {
    first: planned[0]!.day,
    mats: all.mats,
    minutes: all.minutes,
    sitting: all.minutes / all.sessions.length,
  }
}
