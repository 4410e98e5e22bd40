import { expect, it } from 'vitest'
import { profile } from '../../tests/support/dogs'
import { judgedAt, lookAhead, nextSession } from './look-ahead'

/** A Monday. */
const AT = '2026-09-07'
const week = (...minutes: number[]) => minutes
const at = (minutes: number[], nextVisit?: string) =>
  profile({ minutes, ...(nextVisit ? { nextVisit } : {}) })

it('the next session is the next day with more minutes than laying out takes, within a week', () => {
  expect(nextSession(at(week(12, 12, 0, 0, 0, 0, 0)), AT)).toBe('2026-09-08')
  expect(nextSession(at(week(12, 4, 5, 0, 0, 0, 0)), AT)).toBe('2026-09-09')
  expect(nextSession(at(week(12, 0, 0, 0, 0, 0, 0)), AT)).toBe('2026-09-14')
  expect(nextSession(at(week(0, 0, 0, 0, 0, 0, 0)), AT)).toBeNull()
})
it('chances look ahead to it, to a week where there is none, or to the visit if that is sooner', () => {
  const some = week(12, 0, 0, 12, 0, 0, 0)
  expect(lookAhead(at(some), AT)).toBe('2026-09-10')
  expect(lookAhead(at(week(0, 0, 0, 0, 0, 0, 0)), AT)).toBe('2026-09-14')
  expect(lookAhead(at(some, '2026-09-09'), AT)).toBe('2026-09-09')
  expect(lookAhead(at(some, '2026-09-12'), AT)).toBe('2026-09-10')
  // A visit of today is over for what lies ahead, one of yesterday too.
  for (const past of [AT, '2026-09-06']) expect(lookAhead(at(some, past), AT)).toBe('2026-09-10')
})
it('a place is judged at the next session, two days on at least (judgement)', () => {
  expect(judgedAt(at(week(12, 12, 12, 0, 0, 0, 0)), AT)).toBe('2026-09-09')
  expect(judgedAt(at(week(12, 0, 0, 12, 0, 0, 0)), AT)).toBe('2026-09-10')
  expect(judgedAt(at(week(0, 0, 0, 0, 0, 0, 0)), AT)).toBe('2026-09-14')
})
