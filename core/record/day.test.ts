import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addDays, dayNumber, dayOf, daysBetween, isDay, monthsOld, weekday } from './day'
import { sayDay, shortWeekday } from './say-day'

describe('days', () => {
  it('come back from their number', () => {
    fc.assert(
      fc.property(fc.integer({ min: -20_000, max: 60_000 }), (n) => {
        expect(dayNumber(dayOf(n))).toBe(n)
      }),
    )
  })
  it('refuse what is not in the calendar', () => {
    for (const s of ['2026-02-30', '2026-13-01', '26-01-01', 'today', '', '2026-1-1'])
      expect(isDay(s)).toBe(false)
    expect(isDay('2028-02-29')).toBe(true)
  })
  it('count across the change of the clocks and of the year', () => {
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2)
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01')
  })
  it('know the weekday, Monday first', () => {
    expect(weekday('2026-11-23')).toBe(0)
    expect(weekday('2026-11-29')).toBe(6)
    expect(shortWeekday('2026-10-27')).toBe('Tue 27 Oct')
  })
  it('are said from where one stands', () => {
    expect(sayDay('2026-11-25', '2026-11-25')).toBe('today')
    expect(sayDay('2026-11-24', '2026-11-25')).toBe('yesterday')
    expect(sayDay('2026-11-21', '2026-11-25')).toBe('on Saturday')
    expect(sayDay('2026-11-01', '2026-11-25')).toBe('on 1 November')
  })
  it('give an age in months', () => {
    expect(monthsOld('2026-03', '2026-11-25')).toBe(8)
    expect(monthsOld(undefined, '2026-11-25')).toBe(null)
  })
})
