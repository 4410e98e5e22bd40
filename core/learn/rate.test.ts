import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { REGION_IDS } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { chanceOfNone, learnRates, NOTHING_SEEN, PRIOR_RATE, rateInterval, rateQuantile } from './rate'
import type { Seen } from './rate'

const START = '2026-09-01'
const rateOf = (entries: ReturnType<typeof entry>[], at: string) => {
  const { places } = coatOn(dog({}, 20, entries), at)
  return (id: RegionId) => places.find((p) => p.id === id)!.rate
}
const check = (
  day: string,
  region: RegionId,
  finding: 'glides' | 'knot' | 'snag' | 'refused',
  count?: number,
) => entry(day, { kind: 'check', region, finding, ...(count ? { count, out: count } : {}) })

describe('what is held of a place', () => {
  it('with nothing seen is the prior exactly: mean 1, wide', () => {
    expect(PRIOR_RATE.mean).toBeCloseTo(1, 6)
    for (const rate of learnRates([NOTHING_SEEN, NOTHING_SEEN])) expect(rate).toEqual(PRIOR_RATE)
    const rate = rateOf([], '2026-10-01')
    for (const id of REGION_IDS) expect(rate(id)).toEqual(PRIOR_RATE)
    const [low, high] = rateInterval(PRIOR_RATE)
    expect(low).toBeLessThan(0.35)
    expect(high).toBeGreaterThan(1.7)
  })
  it('ten glides lower a place and, less, its neighbours through the dog', () => {
    const glides = Array.from({ length: 10 }, (_, i) =>
      check(addDays(START, 7 * (i + 1)), 'armpit.left', 'glides'),
    )
    const rate = rateOf(glides, addDays(START, 71))
    const [here, there] = [rate('armpit.left').mean, rate('beard').mean]
    expect(here).toBeLessThan(there)
    expect(there).toBeLessThan(1)
    expect(1 - there).toBeLessThan((1 - here) * 0.7)
  })
  it('one bad place does not condemn the dog', () => {
    const bad = Array.from({ length: 6 }, (_, i) => check(addDays(START, 7 * (i + 1)), 'beard', 'knot', 3))
    const fine = REGION_IDS.filter((id) => id !== 'beard').flatMap((id) =>
      Array.from({ length: 6 }, (_, i) => check(addDays(START, 7 * (i + 1)), id, 'glides')),
    )
    const rate = rateOf([...bad, ...fine], addDays(START, 43))
    expect(rate('beard').mean).toBeGreaterThan(3)
    expect(rate('back').mean).toBeLessThan(1.1)
  })
  it('is taught by checks alone, and not twice by a knot that was left in', () => {
    expect(rateOf([check('2026-09-20', 'beard', 'refused')], '2026-09-21')('beard')).toEqual(PRIOR_RATE)
    const left = entry('2026-09-20', { kind: 'check', region: 'beard', finding: 'knot', count: 1, out: 0 })
    const places = coatOn(dog({}, 20, [left, check('2026-09-21', 'beard', 'knot', 1)]), '2026-09-21').places
    expect(places.find((p) => p.id === 'beard')!.seen.count).toBe(1)
    const again = coatOn(dog({}, 20, []), '2026-09-20')
      .combThrough()
      .learn()
    expect(again.places[0]!.rate).toEqual(PRIOR_RATE)
  })
  it('takes a groomer who tells findings to have been through all of it', () => {
    const visit = entry('2026-10-10', {
      kind: 'visit',
      lengths: { body: 13, legs: 13, head: 13, ears: 13, tail: 13 },
      found: [{ region: 'beard', finding: 'mat', count: 2 }],
    })
    const places = coatOn(dog({}, 20, [visit]), '2026-10-10').places
    expect(places.find((p) => p.id === 'beard')!.seen.count).toBe(2)
    expect(places.every((p) => p.seen.exposure > 0)).toBe(true)
    expect(places.find((p) => p.id === 'back')!.rate.mean).toBeLessThan(1)
  })
})

describe('the arithmetic of it', () => {
  const seen: fc.Arbitrary<Seen> = fc.record({
    count: fc.integer({ min: 0, max: 12 }),
    exposure: fc.double({ min: 0, max: 8, noNaN: true }),
  })
  it('keeps chances chances, quantiles in order, and more knots never mean a calmer place', () => {
    fc.assert(
      fc.property(
        fc.array(seen, { minLength: 1, maxLength: 8 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (list, n) => {
          const rates = learnRates(list)
          for (const r of rates) {
            const p = chanceOfNone(r, n)
            expect(p).toBeGreaterThan(0)
            expect(p).toBeLessThanOrEqual(1)
            expect(chanceOfNone(r, 0)).toBeLessThanOrEqual(1)
            // Jensen: the mixture is never below the chance at the mean.
            expect(p).toBeGreaterThanOrEqual(Math.exp(-r.mean * n) - 1e-9)
          }
          expect(rateQuantile(rates[0]!, 0.1)).toBeLessThan(rateQuantile(rates[0]!, 0.9))
          const worse = learnRates(list.map((s, i) => (i ? s : { ...s, count: s.count + 1 })))
          expect(worse[0]!.mean).toBeGreaterThan(rates[0]!.mean)
        },
      ),
      { numRuns: 40 },
    )
  })
})
