import { daysBetween, monthOf, weekday } from './day'
import type { Day } from './day'

const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']
/** The months as they are said, January first. */
export const MONTHS = [
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
/** Further off than this a day is said with its year: half a year. */
const SAME_YEAR_DAYS = 182
const yearOf = (day: Day, from: Day | undefined) =>
  from && Math.abs(daysBetween(from, day)) > SAME_YEAR_DAYS ? ` ${day.slice(0, 4)}` : ''
/** "27 October"; seen from a day more than half a year off, "27 October 2027". */
export const dayAndMonth = (day: Day, from?: Day) =>
  `${Number(day.slice(8))} ${MONTHS[monthOf(day) - 1]}${yearOf(day, from)}`
/** "27 Oct", and its year likewise. */
export const shortDay = (day: Day, from?: Day) =>
  `${Number(day.slice(8))} ${MONTHS[monthOf(day) - 1]!.slice(0, 3)}${yearOf(day, from)}`
/** "Tue 27 Oct". */
export const shortWeekday = (day: Day) => `${weekdayName(day).slice(0, 3)} ${shortDay(day)}`

const NEAR: Partial<Record<number, string>> = { 0: 'today', 1: 'yesterday', [-1]: 'tomorrow' }
/** A day's name seen from another: today, yesterday, Saturday, 14 October. */
export function nameDay(day: Day, from: Day): string {
  const ago = daysBetween(day, from)
  return NEAR[ago] ?? (Math.abs(ago) < 7 ? weekdayName(day) : dayAndMonth(day, from))
}
/** How a person would say when: today, yesterday, on Saturday, on 14 October. */
export const sayDay = (day: Day, from: Day): string =>
  NEAR[daysBetween(day, from)] ?? `on ${nameDay(day, from)}`
