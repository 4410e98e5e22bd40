import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { SETUP_MINUTES } from '../coat/minutes'
import { REGIONS } from '../coat/regions'
import { addDays, weekday } from '../record/day'
import { coatOn } from '../record/fold'
import { forecastOf } from './forecast'
import { allOnLongDays } from './long-day'
import { NO_CHOICES } from './standing'

/** A Tuesday. */
const TODAY = '2026-09-01'
const TO = addDays(TODAY, 56)
const [SATURDAY, SUNDAY, THURSDAY] = [5, 6, 3]
const coatWith = (minutes: number[], mm = 25) => coatOn(dog({ minutes }, mm), TODAY)
const daysOf = (minutes: number[], choices = NO_CHOICES) =>
  allOnLongDays(coatWith(minutes), choices, TO)!.planned.map((p) => p.day)

describe('all of it on one day a week', () => {
  it('is on the longest day, every week', () => {
    const days = daysOf([12, 12, 12, 40, 12, 12, 0])
    expect(days).toHaveLength(8)
    expect(days[0]).toBe('2026-09-03')
    expect(new Set(days.map(weekday))).toEqual(new Set([THURSDAY]))
  })
  it('of days as long, on the Saturday, then the Sunday, then the latest', () => {
    expect(weekday(daysOf([20, 20, 20, 20, 20, 20, 20])[0]!)).toBe(SATURDAY)
    expect(weekday(daysOf([20, 0, 20, 0, 20, 0, 20])[0]!)).toBe(SUNDAY)
    expect(weekday(daysOf([20, 0, 0, 20, 0, 0, 0])[0]!)).toBe(THURSDAY)
  })
  it('leaves out what the owner has blocked', () => {
    expect(daysOf([12, 12, 12, 40, 12, 12, 0], { ...NO_CHOICES, blocked: ['2026-09-03'] })[0]).toBe(
      '2026-09-10',
    )
  })
  it('has all the week’s minutes, and spends no more', () => {
    const coat = coatWith([12, 12, 12, 12, 12, 40, 0], 60)
    const { sessions } = forecastOf(coat, allOnLongDays(coat, NO_CHOICES, TO)!.planned, TO)
    for (const s of sessions) expect(s.minutes).toBeLessThanOrEqual(100 + 1e-9)
    // And leaves none that would hold another place.
    expect(sessions[0]!.minutes).toBeGreaterThan(100 - 12)
  })
  it('takes the hot places first where not all fits', () => {
    const coat = coatWith([9, 0, 0, 0, 0, 12, 0], 40)
    const first = REGIONS.find((r) => r.class === 'hot')!.place
    const places = new Set(allOnLongDays(coat, NO_CHOICES, TO)!.planned[0]!.places)
    expect(places.size).toBeGreaterThan(0)
    const left = REGIONS.filter((r) => !places.has(r.place))
    expect(left.some((r) => r.class === 'calm')).toBe(true)
    expect(places).toContain(first)
  })
  it('is no other thing than the plan where the week has one day', () => {
    expect(allOnLongDays(coatWith([0, 0, 0, 0, 0, 60, SETUP_MINUTES]), NO_CHOICES, TO)).toBeNull()
  })
  it('costs a coat that knots fast more mats than the same minutes twice a week', () => {
    const coat = coatWith([0, 0, 50, 0, 0, 50, 0], 30)
    const once = allOnLongDays(coat, NO_CHOICES, TO)!
    const twice = Array.from({ length: 56 }, (_, n) => addDays(TODAY, n))
      .filter((d) => weekday(d) === 2 || weekday(d) === SATURDAY)
      .map((day) => ({ day, places: once.planned[0]!.places, pinned: false }))
    expect(forecastOf(coat, once.planned, TO).mats).toBeGreaterThan(1.5 * forecastOf(coat, twice, TO).mats)
  })
  it('leaves the coat as it was', () => {
    const coat = coatWith([12, 12, 12, 12, 12, 40, 0])
    const before = JSON.stringify(coat.state())
    allOnLongDays(coat, NO_CHOICES, TO)
    expect(JSON.stringify(coat.state())).toBe(before)
  })
})
