import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { COAT_IDS } from '../coat/coat-types'
import { PLACE_IDS } from '../coat/regions'
import type { PlaceId } from '../coat/regions'
import { addDays, daysBetween } from '../record/day'
import type { FactOf } from '../record/entries'
import { careDue, careInPlan, careInterval, leftToVisit } from './due'
import { CARE_IDS } from '../record/tidies'

const START = '2026-09-01'
const tidied = (day: string, was?: FactOf<'tidy'>['was']) =>
  entry(day, { kind: 'tidy', tidy: 'paws', ...(was ? { was } : {}) })

/** Common practice, no source. */
describe('care that falls due', () => {
  it('paws: three to four weeks on fast growers, six on slow', () => {
    expect(careInterval(dog({ coat: 'wool-cross' }), 'paws')!.now / 7).toBeCloseTo(3.5, 0)
    expect(careInterval(dog({ coat: 'double-short' }), 'paws')!.now / 7).toBeCloseTo(6, 0)
  })
  it('face runs out first of the tidies, and double coats want no sanitary tidy', () => {
    const due = careDue(dog({ coat: 'wool' }), START).map((d) => d.care)
    for (const later of ['paws', 'sanitary', 'ears'] as const)
      expect(due.indexOf('face')).toBeLessThan(due.indexOf(later))
    expect(careInterval(dog({ coat: 'double-long' }), 'sanitary')).toBe(null)
  })
  it('by growth: the closed form, millimetres over millimetres a day, whatever the growth', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 0.6, noNaN: true }), (growth) => {
        expect(careInterval(dog(), 'paws', growth)!.now).toBeCloseTo(8.5 / growth, 6)
        expect(careInterval(dog(), 'face', growth)!.now).toBeCloseTo(Math.min(21, 8 / growth), 6)
        expect(careInterval(dog(), 'ears', growth)!.now).toBeCloseTo(Math.min(42, 12 / growth), 6)
      }),
    )
  })
  it('double coats are bathed every six to eight weeks, curly and drop coats every three to six', () => {
    for (const coat of ['double-long', 'double-short'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(42)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(56)
    }
    for (const coat of ['wool', 'wool-cross', 'drop'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(21)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(42)
    }
  })
  it('has an answer for every coat, none in the past', () => {
    for (const coat of COAT_IDS)
      for (const d of careDue(dog({ coat, since: START }), addDays(START, 200)))
        expect(d.day >= addDays(START, 200)).toBe(true)
  })

  it('nothing told, the interval is the prior; told, it leans to what was told', () => {
    const bare = careInterval(dog(), 'paws')!
    expect(bare.now).toBeCloseTo(bare.prior, 9)
    expect(bare.seen).toBe(null)
    const told = (was: FactOf<'tidy'>['was']) =>
      careInterval(
        dog({}, 20, [tidied('2026-09-20'), tidied('2026-10-14', was), tidied('2026-11-07', was)]),
        'paws',
      )!
    expect(told('not-yet').now).toBeGreaterThan(bare.now)
    expect(told('overdue').now).toBeLessThan(bare.now)
    expect(told('right').now).toBeCloseTo(24, 0)
    expect(told('right').seen!.times).toBe(2)
  })

  it('hangs on session days near its time, a bath on a day most is combed, none just before the visit', () => {
    const record = dog({ since: START })
    const places = (n: number) => Array.from({ length: n }, () => 'beard' as PlaceId)
    const sessions = Array.from({ length: 8 }, (_, w) => [
      { day: addDays(START, 7 * w + 1), places: places(6), pinned: false },
      { day: addDays(START, 7 * w + 4), places: places(25), pinned: false },
    ]).flat()
    const to = addDays(START, 56)
    const hung = careInPlan(record, sessions, START, to, true)
    expect(hung.length).toBeGreaterThan(4)
    const days = new Set(sessions.map((s) => s.day))
    for (const h of hung) {
      expect(days.has(h.day)).toBe(true)
      expect(daysBetween(h.day, to)).toBeGreaterThanOrEqual(4)
    }
    for (const b of hung.filter((h) => h.care === 'bath'))
      expect(sessions.find((s) => s.day === b.day)!.places.length).toBe(25)
    for (let i = 1; i < hung.length; i++)
      if (hung[i]!.day === hung[i - 1]!.day)
        expect(CARE_IDS.indexOf(hung[i]!.care)).toBeGreaterThan(CARE_IDS.indexOf(hung[i - 1]!.care))
  })

  it('just before a visit what the groomer does anyway is left to it, and looks are not', () => {
    expect(leftToVisit('paws', addDays(START, 4), START)).toBe(true)
    expect(leftToVisit('paws', addDays(START, 5), START)).toBe(false)
    expect(leftToVisit('look-over', addDays(START, 1), START)).toBe(false)
    expect(leftToVisit('paws', undefined, START)).toBe(false)
  })
  it('a tidy near a bath waits for it: a clean coat is worth a day or two', () => {
    const session = (day: number, places: number) => ({
      day: addDays(START, day),
      places: PLACE_IDS.slice(0, places),
      pinned: false,
    })
    const hung = careInPlan(
      dog({ since: START }),
      [session(23, 6), session(26, 25)],
      START,
      addDays(START, 40),
      false,
    )
    const on = (care: string) => hung.find((h) => h.care === care)!.day
    expect(on('bath')).toBe(addDays(START, 26))
    expect(on('paws')).toBe(on('bath'))
  })
  it('over any eight weeks keeps every order rule, whatever is combed when', () => {
    const anyPlan = fc
      .uniqueArray(fc.tuple(fc.integer({ min: 0, max: 55 }), fc.integer({ min: 1, max: 28 })), {
        selector: ([d]) => d,
        maxLength: 24,
      })
      .map((list) =>
        list
          .sort(([a], [b]) => a - b)
          .map(([d, n]) => ({ day: addDays(START, d), places: PLACE_IDS.slice(0, n), pinned: false })),
      )
    fc.assert(
      fc.property(anyPlan, fc.constantFrom(...COAT_IDS), fc.boolean(), (sessions, coat, visit) => {
        const to = addDays(START, 56)
        const hung = careInPlan(dog({ coat, since: START }), sessions, START, to, visit)
        hung.forEach((h, i) => {
          expect(h.day >= START && h.day < to).toBe(true)
          const before = hung[i - 1]
          if (before && before.day === h.day)
            expect(CARE_IDS.indexOf(before.care)).toBeLessThan(CARE_IDS.indexOf(h.care))
          if (before) expect(before.day <= h.day).toBe(true)
        })
        // A bath within a fifth of its time, on the day that combs most for the days it is off.
        const every = Math.round(careInterval(dog({ coat }), 'bath')!.now)
        let due = addDays(START, every)
        for (const { day } of hung.filter((h) => h.care === 'bath')) {
          const worth = (s: (typeof sessions)[number]) => s.places.length - Math.abs(daysBetween(due, s.day))
          const near = sessions.filter(
            (s) =>
              Math.abs(daysBetween(due, s.day)) <= Math.max(2, Math.round(every * 0.2)) &&
              s.day < (visit ? addDays(to, -4) : to),
          )
          const best = Math.max(...near.map(worth))
          const on = near.find((s) => s.day === day)
          if (near.length) expect(on && worth(on)).toBe(best)
          else expect(Math.abs(daysBetween(day, due))).toBeLessThanOrEqual(3)
          due = addDays(day, every)
        }
        for (const care of CARE_IDS) {
          const days = hung.filter((h) => h.care === care).map((h) => h.day)
          expect(new Set(days).size).toBe(days.length)
        }
      }),
    )
  })
})
