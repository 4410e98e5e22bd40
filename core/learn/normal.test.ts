import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { learnedOf, notice, unnoticed } from './normal'

const number = fc.double({ min: -5, max: 5, noNaN: true })
const spread = fc.double({ min: 0.05, max: 3, noNaN: true })

describe('something noticed', () => {
  it('is held between what most are like and what was seen, ever more surely', () => {
    fc.assert(
      fc.property(
        number,
        spread,
        number,
        spread,
        fc.integer({ min: 1, max: 20 }),
        (mean, sd, seen, by, times) => {
          let n = unnoticed({ mean, sd })
          for (let i = 0; i < times; i++) {
            const next = notice(n, seen, by)
            expect(next.held.sd).toBeLessThan(n.held.sd)
            expect(Math.abs(next.held.mean - seen)).toBeLessThanOrEqual(Math.abs(n.held.mean - seen) + 1e-9)
            n = next
          }
          // All at once it is the same: precision adds up.
          const [a, b] = [1 / sd ** 2, times / by ** 2]
          expect(n.held.mean).toBeCloseTo((a * mean + b * seen) / (a + b), 6)
          const { now, interval, prior, seen: told } = learnedOf(n)
          expect(now).toBeGreaterThan(interval[0])
          expect(now).toBeLessThan(interval[1])
          expect(prior).toBe(mean)
          expect(told!.mean).toBeCloseTo(seen, 6)
        },
      ),
    )
  })
  it('says when it is yet more than the prior', () => {
    const once = notice(unnoticed({ mean: 0, sd: 1 }), 2, 3)
    expect(learnedOf(once).telling).toBe(false)
    expect(learnedOf(notice(once, 2, 0.2)).telling).toBe(true)
  })
})
