import { millisecondsInDay } from 'date-fns/constants'

/**
 * Calendar days. A day is a string, `2026-11-25`; arithmetic goes through a count of days, so no
 * clock, zone or daylight saving enters the core.
 */
export type Day = string

const MS = millisecondsInDay
const PATTERN = /^\d{4}-\d{2}-\d{2}$/

/** Whole days since 1970-01-01. @throws RangeError if the string names no day of the calendar. */
export function dayNumber(day: Day): number {
  const ms = PATTERN.test(day) ? Date.parse(`${day}T00:00:00Z`) : NaN
  if (Number.isNaN(ms) || dayOf(ms / MS) !== day) throw new RangeError(`${day} is not a day.`)
  return ms / MS
}

/** Days written out before, so many at most: a fold asks for each of them again and again. */
const MOST_KEPT = 20_000
const written = new Map<number, Day>()
/** The day that number stands for. */
export function dayOf(n: number): Day {
  const before = written.get(n)
  if (before !== undefined) return before
  const day = new Date(n * MS).toISOString().slice(0, 10)
  if (written.size >= MOST_KEPT) written.clear()
  written.set(n, day)
  return day
}

export const isDay = (s: string): boolean => {
  try {
    dayNumber(s)
    return true
  } catch {
    return false
  }
}

export const addDays = (day: Day, n: number): Day => dayOf(dayNumber(day) + n)
export const daysBetween = (from: Day, to: Day): number => dayNumber(to) - dayNumber(from)
/** 0 for Monday to 6 for Sunday. */
export const weekday = (day: Day): number => (dayNumber(day) + 3) % 7
export const monthOf = (day: Day): number => Number(day.slice(5, 7))

/** Age in whole months on a day, from a birth month `2025-04`; null if that is not known. */
export function monthsOld(born: string | undefined, day: Day): number | null {
  if (!born) return null
  const [year = 0, month = 0] = born.split('-').map(Number)
  return (Number(day.slice(0, 4)) - year) * 12 + monthOf(day) - month
}
