import { daysBetween, monthOf, weekday } from './day'
import type { Day } from './day'

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

export const weekdayName = (day: Day) => WEEKDAYS[weekday(day)]!
/** "27 October". */
export const dayAndMonth = (day: Day) => `${Number(day.slice(8))} ${MONTHS[monthOf(day) - 1]}`
/** "27 Oct". */
export const shortDay = (day: Day) => `${Number(day.slice(8))} ${MONTHS[monthOf(day) - 1]!.slice(0, 3)}`
/** "Tue 27 Oct". */
export const shortWeekday = (day: Day) => `${weekdayName(day).slice(0, 3)} ${shortDay(day)}`

/** How a person would say a day seen from another: today, yesterday, on Saturday, on 14 October. */
export function sayDay(day: Day, from: Day): string {
  const ago = daysBetween(day, from)
  if (ago === 0) return 'today'
  if (ago === 1) return 'yesterday'
  if (ago === -1) return 'tomorrow'
  return Math.abs(ago) < 7 ? `on ${weekdayName(day)}` : `on ${dayAndMonth(day)}`
}
