import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import { PLACE_IDS } from '../coat/regions'
import { addDays } from '../record/day'
import type { Planned } from '../record/entries'
import { coatOn } from '../record/fold'
import { forecastOf, movedTo } from './forecast'
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
