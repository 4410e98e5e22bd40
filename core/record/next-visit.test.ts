import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { Entry } from './entries'
import { nextVisitOf } from './next-visit'

const TODAY = '2026-10-10'
const told = (day: string, nextVisit: string | null) => entry(day, { kind: 'dog', nextVisit })
const days = (day: string, ...given: string[]) => entry(day, { kind: 'proposed', from: 'Imke', days: given })
const of = (entries: Entry[], nextVisit?: string) =>
  nextVisitOf(dog(nextVisit ? { nextVisit } : {}, 20, entries), TODAY)

describe('the next visit', () => {
  it('booked is not moved; moved says from where, the last time; called off says so', () => {
    expect(of([told('2026-10-01', '2026-11-01')]).moved).toBeNull()
    expect(of([told('2026-10-02', '2026-11-05')], '2026-11-01').moved).toEqual({
      on: '2026-10-02',
      from: '2026-11-01',
      to: '2026-11-05',
    })
    expect(
      of([told('2026-10-02', '2026-11-05'), told('2026-10-03', '2026-11-09')], '2026-11-01').moved,
    ).toEqual({
      on: '2026-10-03',
      from: '2026-11-05',
      to: '2026-11-09',
    })
    expect(of([told('2026-10-02', null)], '2026-11-01').moved).toMatchObject({ to: null })
  })
  it('told again as it was is not moved, nor is one booked after the day had passed', () => {
    expect(of([told('2026-10-02', '2026-11-01')], '2026-11-01').moved).toBeNull()
    expect(of([told('2026-10-05', '2026-11-01')], '2026-10-01').moved).toBeNull()
  })
  it('a visit is the end of it: of the move, and of days that were given', () => {
    const visit = entry('2026-10-04', { kind: 'visit', lengths: { body: 14 }, found: [] })
    expect(
      of([told('2026-10-02', '2026-11-05'), days('2026-10-03', '2026-11-01'), visit], '2026-11-01'),
    ).toEqual({
      moved: null,
      proposed: null,
    })
  })
  it('all on one day it goes by what was told after what', () => {
    const visit = entry(TODAY, { kind: 'visit', lengths: { body: 14 }, found: [] })
    const given = days(TODAY, '2026-11-20', '2026-11-22')
    const booked = told(TODAY, '2026-11-22')
    expect(of([visit, given], TODAY).proposed?.days).toHaveLength(2)
    expect(of([visit, given, booked], TODAY)).toEqual({ moved: null, proposed: null })
    // That the visit which was booked is over answers nothing.
    expect(of([visit, given, told(TODAY, null)], TODAY).proposed?.days).toHaveLength(2)
    const later = told(TODAY, '2026-11-28')
    expect(of([later, visit, booked, given], TODAY).moved).toMatchObject({
      from: '2026-11-22',
      to: '2026-11-28',
    })
  })
  it('days given stand, those to come, in order, till one is booked or others are given', () => {
    const given = days('2026-10-03', '2026-11-09', '2026-11-02', '2026-10-05')
    expect(of([given]).proposed).toMatchObject({
      from: 'Imke',
      on: '2026-10-03',
      days: ['2026-11-02', '2026-11-09'],
    })
    expect(of([given, days('2026-10-04', '2026-12-01')]).proposed?.days).toEqual(['2026-12-01'])
    expect(of([given, told('2026-10-05', '2026-11-02')]).proposed).toBeNull()
    expect(of([days('2026-10-03', '2026-10-05')]).proposed).toBeNull()
    // Not yet given, seen from before.
    expect(nextVisitOf(dog({}, 20, [given]), '2026-10-02').proposed).toBeNull()
  })
})
