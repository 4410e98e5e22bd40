import fc from 'fast-check'
import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { stretchOf } from '../../../tests/support/stretches'
import { Anneal } from './anneal'
import { Pricing } from './bound'
import { broken, cheapestPath, costOf, nodesOf } from './instance'
import { Planner } from './planner'

const SMALL = { rounds: 60, changes: 20_000, steps: 60 }
const planned = (instance: ReturnType<typeof stretchOf>, seed: number, effort = SMALL) => {
  const planner = new Planner(instance, effort, randomLcg(seed))
  const costs = [planner.cost]
  while (planner.advance()) costs.push(planner.cost)
  return { planner, costs }
}
const asked = fc.record({
  days: fc.integer({ min: 1, max: 30 }),
  weekday: fc.integer({ min: 0, max: 40 }),
  saturday: fc.integer({ min: 0, max: 90 }),
  seed: fc.integer({ min: 1, max: 90 }),
  regions: fc.integer({ min: 1, max: 14 }),
})

describe('a planned stretch', () => {
  it('keeps every limit, costs what it says, never gets worse, and never beats its bound', () => {
    fc.assert(
      fc.property(asked, (a) => {
        const instance = stretchOf(a)
        const { planner, costs } = planned(instance, 0.4)
        expect(broken(instance, planner.chosen)).toEqual([])
        expect(costOf(instance, planner.chosen)).toBeCloseTo(planner.cost, 6)
        expect(planner.bound).toBeLessThanOrEqual(planner.cost + 1e-6)
        costs.forEach((c, i) => i && expect(c).toBeLessThanOrEqual(costs[i - 1]! + 1e-9))
      }),
      { numRuns: 40 },
    )
  })

  it('is the same again from the same chance', () => {
    const instance = stretchOf({ days: 28, weekday: 12, saturday: 40, seed: 3 })
    expect(planned(instance, 0.7).planner.chosen).toEqual(planned(instance, 0.7).planner.chosen)
  })

  it('is not made worse by being planned again from itself', () => {
    const instance = stretchOf({ days: 28, weekday: 12, saturday: 40, seed: 4 })
    const first = planned(instance, 0.1).planner
    const again = new Planner(instance, SMALL, randomLcg(0.9), first.chosen)
    expect(again.cost).toBeLessThanOrEqual(first.cost + 1e-9)
  })

  it('combs nothing where there are no minutes', () => {
    const instance = stretchOf({ days: 28, weekday: 0, saturday: 0, seed: 1 })
    const { planner } = planned(instance, 0.2)
    expect(planner.chosen.length).toBe(0)
    expect(planner.gap).toBe(0)
  })
})

describe('the cheapest path', () => {
  it('is the least over every way there is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 7 }),
        fc.array(fc.double({ min: 0, max: 9, noNaN: true }), { minLength: 49, maxLength: 49 }),
        (nodes, numbers) => {
          const cost = Float64Array.from(numbers.slice(0, nodes * nodes))
          const price = Float64Array.from({ length: nodes }, (_, j) => (j % 3 === 1 ? 0.5 : 0))
          const got = cheapestPath(cost, nodes, price, new Float64Array(nodes), new Int32Array(nodes))
          let best = Infinity
          for (let stops = 0; stops < 1 << (nodes - 2); stops++) {
            let [i, total] = [0, 0]
            for (let j = 1; j < nodes; j++) {
              if (j < nodes - 1 && !(stops & (1 << (j - 1)))) continue
              total += cost[j * nodes + i]! + price[j]!
              i = j
            }
            best = Math.min(best, total)
          }
          expect(got).toBeCloseTo(best, 9)
        },
      ),
    )
  })
})

describe('small changes', () => {
  it('keep count of what the plan costs', () => {
    const instance = stretchOf({ days: 28, weekday: 12, saturday: 40, seed: 5 })
    const pricing = new Pricing(instance, 100)
    pricing.improve()
    const anneal = new Anneal(instance, randomLcg(0.3), pricing.leaning())
    for (let n = 0; n < 20; n++) {
      anneal.overPrice = 1 + n
      anneal.run(3000)
    }
    expect(anneal.bestCost).toBeLessThan(Infinity)
    expect(costOf(instance, anneal.best)).toBeCloseTo(anneal.bestCost, 5)
    expect(nodesOf(instance)).toBe(instance.days + 2)
  })
})
