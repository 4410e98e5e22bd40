import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { SETUP_MINUTES } from '../coat/minutes'
import { PLACE_IDS } from '../coat/regions'
import { addDays, weekday } from '../record/day'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { allOnLongDays } from './long-day'
import { NO_CHOICES } from './standing'

/** A Tuesday. */
const TODAY = '2026-09-01'
const TO = addDays(TODAY, 56)
const [WEDNESDAY, THURSDAY, SATURDAY, SUNDAY] = [2, 3, 5, 6]
const coatWith = (minutes: number[], mm = 25) => coatOn(dog({ minutes }, mm), TODAY)
const all = (minutes: number[], choices = NO_CHOICES) => allOnLongDays(coatWith(minutes), choices, TO)!

describe('all of it on one day a week', () => {
  it('is on the longest day', () => {
    expect(all([12, 12, 12, 40, 12, 12, 0]).first).toBe('2026-09-03')
  })
  it('of days as long, on the Saturday, then the Sunday, then the latest', () => {
    expect(weekday(all([20, 20, 20, 20, 20, 20, 20]).first)).toBe(SATURDAY)
    expect(weekday(all([20, 0, 20, 0, 20, 0, 20]).first)).toBe(SUNDAY)
    expect(weekday(all([20, 0, 0, 20, 0, 0, 0]).first)).toBe(THURSDAY)
  })
  it('leaves out what the owner has blocked', () => {
    const week = [12, 12, 12, 40, 12, 12, 0]
    const blocked = { ...NO_CHOICES, blocked: ['2026-09-03'] }
    expect(all(week, blocked).first).toBe('2026-09-10')
    expect(all(week, blocked).mats).toBeGreaterThan(all(week).mats)
    const every = Array.from({ length: 8 }, (_, n) => addDays('2026-09-03', 7 * n))
    expect(all(week, { ...NO_CHOICES, blocked: every.slice(2) })).not.toBeNull()
    // One is no habit.
    expect(all(week, { ...NO_CHOICES, blocked: every.slice(1) })).toBeNull()
  })
  it('is the whole coat, each week', () => {
    const coat = coatWith([12, 12, 12, 12, 12, 40, 0])
    const saturdays = Array.from({ length: 56 }, (_, n) => addDays(TODAY, n)).filter(
      (d) => weekday(d) === SATURDAY,
    )
    const by = forecastOf(
      coat,
      saturdays.map((day) => ({ day, places: [...PLACE_IDS], pinned: false })),
      TO,
    )
    const { mats, minutes, sitting } = allOnLongDays(coat, NO_CHOICES, TO)!
    expect([mats, minutes]).toEqual([by.mats, by.minutes])
    expect(sitting).toBeCloseTo(by.minutes / 8, 9)
  })
  it('is no other thing than the plan where the week has one day', () => {
    expect(all([0, 0, 0, 0, 0, 60, SETUP_MINUTES])).toBeNull()
    expect(all([0, 0, 0, 0, 0, 60, SETUP_MINUTES + 1])).not.toBeNull()
  })
  it('costs a coat that knots fast more mats than the same twice a week', () => {
    const coat = coatWith([0, 0, 50, 0, 0, 50, 0], 30)
    const twice = Array.from({ length: 56 }, (_, n) => addDays(TODAY, n))
      .filter((d) => [WEDNESDAY, SATURDAY].includes(weekday(d)))
      .map((day) => ({ day, places: [...PLACE_IDS], pinned: false }))
    const once = allOnLongDays(coat, NO_CHOICES, TO)!
    expect(once.mats).toBeGreaterThan(1.5 * forecastOf(coat, twice, TO).mats)
  })
  it('leaves the coat as it was', () => {
    const coat = coatWith([12, 12, 12, 12, 12, 40, 0])
    const before = JSON.stringify(coat.state())
    allOnLongDays(coat, NO_CHOICES, TO)
    expect(JSON.stringify(coat.state())).toBe(before)
  })
})
