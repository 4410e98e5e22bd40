import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { PLACE_IDS } from '../coat/regions'
import { addDays } from '../record/day'
import type { Planned } from '../record/entries'
import { coatOn } from '../record/fold'
import { careMovedTo, forecastOf, likelyAhead, movedTo } from './forecast'
import { playAhead } from './kept'

const START = '2026-09-01'
const TO = addDays(START, 30)
/** Plans a person might make of a month: some days, some places, one session a day. */
const plans: fc.Arbitrary<Planned[]> = fc
  .uniqueArray(fc.integer({ min: 1, max: 29 }), { maxLength: 8 })
  .chain((days) =>
    fc.tuple(
      ...days
        .sort((a, b) => a - b)
        .map((d) =>
          fc.record({
            day: fc.constant(addDays(START, d)),
            places: fc.uniqueArray(fc.constantFrom(...PLACE_IDS), { minLength: 1, maxLength: 12 }),
            pinned: fc.boolean(),
          }),
        ),
    ),
  )

describe('a forecast', () => {
  const from = coatOn(dog({}, 20), START)
  it('is what playing the plan day by day comes to, and leaves the coat as it was', () => {
    const before = from.state()
    fc.assert(
      fc.property(plans, (planned) => {
        const forecast = forecastOf(from, planned, TO)
        const { chances, coat } = playAhead(from, TO, [], planned)
        expect(forecast.chances).toHaveLength(31)
        forecast.chances.forEach((c, i) => expect(c).toBeCloseTo(chances[i]!, 9))
        expect(forecast.sessions.map((s) => s.day)).toEqual(planned.map((s) => s.day))
        expect(coat.today).toBe(from.today + 30)
        // A session lowers the chance of its day or leaves it.
        forecast.before.forEach((b, i) => expect(forecast.chances[i]!).toBeLessThanOrEqual(b + 1e-12))
        const [none, one, more] = forecast.odds
        expect(none + one + more).toBeCloseTo(1, 9)
      }),
      { numRuns: 40 },
    )
    expect(from.state()).toEqual(before)
  }, 30_000)
  it('counts the mats that form, day by day, whatever the comb takes away between', () => {
    fc.assert(
      fc.property(plans, (planned) => {
        const coat = from.copy()
        let formed = 0
        for (let d = 0; d < 30; d++) {
          const places = planned.find((s) => s.day === addDays(START, d))?.places ?? []
          coat.combThrough(coat.places.flatMap((p) => (places.includes(p.region.place) ? [p.id] : [])))
          const before = coat.places.map((p) => p.unseen[2])
          coat.passDay()
          coat.places.forEach((p, i) => (formed += p.rate.mean * (p.unseen[2] - before[i]!)))
        }
        expect(forecastOf(from, planned, TO).mats).toBeCloseTo(formed, 9)
      }),
      { numRuns: 30 },
    )
  }, 30_000)
  it('is no better for a session less', () => {
    fc.assert(
      fc.property(
        plans.filter((p) => p.length > 0),
        fc.nat(),
        (planned, n) => {
          const less = planned.filter((_, i) => i !== n % planned.length)
          const [with_, without] = [forecastOf(from, planned, TO), forecastOf(from, less, TO)]
          expect(without.mats).toBeGreaterThanOrEqual(with_.mats - 1e-9)
          expect(without.minutes).toBeLessThan(with_.minutes)
        },
      ),
      { numRuns: 40 },
    )
  }, 30_000)
  it('of nothing done is the chance of the coat left alone', () => {
    const { sessions, minutes, chances } = forecastOf(from, [], TO)
    expect([sessions, minutes]).toEqual([[], 0])
    chances.forEach((c, i) => i && expect(c).toBeGreaterThanOrEqual(chances[i - 1]!))
  })
})

describe('a session moved', () => {
  it('loses no place, joins what is there, is pinned, and the days stay in order', () => {
    fc.assert(
      fc.property(
        plans.filter((p) => p.length > 0),
        fc.nat(),
        fc.integer({ min: 1, max: 29 }),
        (planned, n, d) => {
          const { day, places } = planned[n % planned.length]!
          const to = addDays(START, d)
          const moved = movedTo(planned, day, to)
          const days = moved.map((s) => s.day)
          expect(days).toEqual([...new Set(days)].sort())
          const there = moved.find((s) => s.day === to)!
          expect(there.places).toEqual(expect.arrayContaining([...places]))
          if (to === day) {
            expect(moved).toEqual(planned)
            return
          }
          expect(there.pinned).toBe(true)
          expect(new Set(there.places).size).toBe(there.places.length)
          const others = (list: Planned[]) => list.filter((s) => s.day !== day && s.day !== to)
          expect(others(moved)).toEqual(others(planned))
        },
      ),
    )
  })
  it('from a day without one changes nothing', () => {
    const planned = [{ day: addDays(START, 3), places: ['beard' as const], pinned: false }]
    expect(movedTo(planned, addDays(START, 4), addDays(START, 9))).toEqual(planned)
  })
})

describe('what is moved to another day', () => {
  const care = (n: number, unit: 'face' | 'bath', pinned = false) => ({
    day: addDays(START, n),
    unit,
    pinned,
  })
  it('care is pinned there, once, and what was there stays as it was', () => {
    const list = [care(3, 'face'), care(3, 'bath'), care(5, 'face')]
    expect(careMovedTo(list, addDays(START, 3), addDays(START, 4))).toEqual([
      care(4, 'face', true),
      care(4, 'bath', true),
      care(5, 'face'),
    ])
    expect(careMovedTo(list, addDays(START, 3), addDays(START, 5))).toEqual([
      care(5, 'bath', true),
      care(5, 'face'),
    ])
    expect(careMovedTo(list, addDays(START, 3), addDays(START, 3))).toEqual(list)
  })
  it('a session goes to its day in order; of a day that has none nothing is moved', () => {
    const at = (n: number) => ({ day: addDays(START, n), places: ['beard' as const], pinned: false })
    const moved = movedTo([at(2), at(6)], addDays(START, 6), addDays(START, 1))
    expect(moved.map((s) => [s.day, s.pinned])).toEqual([
      [addDays(START, 1), true],
      [addDays(START, 2), false],
    ])
    expect(movedTo([at(2)], addDays(START, 4), addDays(START, 1))).toEqual([at(2)])
    expect(movedTo([at(2)], addDays(START, 2), addDays(START, 2))).toEqual([at(2)])
  })
})

it('what the chance is likely to be holds it each day before its session, and falls with one', () => {
  const from = coatOn(dog({}, 20), START)
  const planned = [{ day: addDays(START, 5), places: [...PLACE_IDS], pinned: false }]
  const to = addDays(START, 8)
  const likely = likelyAhead(from, planned, to)
  const { before } = forecastOf(from, planned, to)
  expect(likely).toHaveLength(9)
  likely.forEach(([low, high], d) => {
    expect(low).toBeLessThanOrEqual(before[d]! + 1e-9)
    expect(high).toBeGreaterThanOrEqual(before[d]! - 1e-9)
  })
  expect(likely[6]![1]).toBeLessThan(likely[5]![1])
  expect(likelyAhead(from, [], to)[6]![1]).toBeGreaterThan(likely[6]![1])
  // None is combed on the day it ends.
  expect(forecastOf(from, planned, addDays(START, 5)).sessions).toEqual([])
})
