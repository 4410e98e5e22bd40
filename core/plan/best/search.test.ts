import fc from 'fast-check'
import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { stretchOf } from '../../../tests/support/stretches'
import { broken, costOf } from './instance'
import type { Instance } from './instance'
import { Search } from './search'

const search = (instance: Instance, seed: number) =>
  new Search(instance, randomLcg(seed), new Float64Array(instance.units * instance.days))

const asked = fc.record({
  days: fc.integer({ min: 2, max: 30 }),
  weekday: fc.integer({ min: 5, max: 40 }),
  saturday: fc.integer({ min: 5, max: 90 }),
  seed: fc.integer({ min: 1, max: 90 }),
  regions: fc.integer({ min: 1, max: 12 }),
  // Half of them refused, which is more than any dog's.
  refused: fc.constantFrom(0, 0.5),
})

describe('a plan made better while it is let', () => {
  it('keeps every rule with refused places in it, and its count of the cost, whatever is kept', () => {
    fc.assert(
      fc.property(asked, fc.double({ min: 0.01, max: 20, noNaN: true }), (a, heat) => {
        const instance = stretchOf(a)
        const s = search(instance, a.seed / 91)
        for (let n = 0; n < 40; n++) {
          s.step(heat)
          expect(broken(instance, s.chosen)).toEqual([])
          expect(costOf(instance, s.chosen)).toBeCloseTo(s.cost, 6)
        }
        expect(costOf(instance, s.best)).toBeCloseTo(s.bestCost, 6)
        expect(s.bestCost).toBeLessThanOrEqual(s.cost + 1e-6)
      }),
      { numRuns: 40 },
    )
  })

  it('is never made worse by every place once more by its own best way', () => {
    fc.assert(
      fc.property(asked, (a) => {
        const instance = stretchOf(a)
        const s = search(instance, 0.4)
        for (let n = 0; n < 5; n++) s.step(50)
        const before = s.cost
        s.polish()
        expect(s.cost).toBeLessThanOrEqual(before + 1e-9)
        expect(broken(instance, s.chosen)).toEqual([])
      }),
      { numRuns: 40 },
    )
  })

  it('puts a refused place in anew where a plan combs it in two sessions running', () => {
    const instance = stretchOf({ days: 14, weekday: 30, saturday: 60, seed: 2, regions: 6, refused: 0 })
    const u = 3
    instance.spaced[u] = 1
    const plan = new Uint8Array(instance.units * instance.days)
    for (const k of [2, 3, 6]) plan[u * instance.days + k] = 1
    for (const k of [2, 3, 6]) plan[k] = 1
    expect(broken(instance, plan)).toEqual([
      expect.stringContaining('two sessions running'),
      expect.anything(),
    ])
    const s = search(instance, 0.2)
    expect(s.adopt(plan)).toBe(true)
    expect(broken(instance, s.chosen)).toEqual([])
    // The place the dog lets be combed is left where it was.
    expect([...s.chosen.subarray(0, instance.days)]).toEqual([...plan.subarray(0, instance.days)])
  })
})
