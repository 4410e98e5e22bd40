import { describe, expect, it } from 'vitest'
import { dayAndMonth, nameDay, sayDay, shortDay } from './say-day'

describe('a day as a person would say it', () => {
  const FROM = '2026-11-26'
  it.each([
    ['2026-11-26', 'today', 'today'],
    ['2026-11-25', 'yesterday', 'yesterday'],
    ['2026-11-27', 'tomorrow', 'tomorrow'],
    ['2026-11-29', 'Sunday', 'on Sunday'],
    ['2026-11-20', 'Friday', 'on Friday'],
    ['2026-11-19', '19 November', 'on 19 November'],
    ['2027-02-01', '1 February', 'on 1 February'],
  ])('%s is %s', (day, name, when) => {
    expect(nameDay(day, FROM)).toBe(name)
    expect(sayDay(day, FROM)).toBe(when)
  })
  it('further off than half a year it says which year', () => {
    expect(dayAndMonth('2027-11-26', FROM)).toBe('26 November 2027')
    expect(shortDay('2027-11-26', FROM)).toBe('26 Nov 2027')
    expect(sayDay('2025-11-26', FROM)).toBe('on 26 November 2025')
    expect(shortDay('2027-05-26', FROM)).toBe('26 May')
    expect(shortDay('2027-05-28', FROM)).toBe('28 May 2027')
    expect(dayAndMonth('2027-11-26')).toBe('26 November')
  })
})
