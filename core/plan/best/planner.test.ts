import fc from 'fast-check'
import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { ANY_STRETCH, stretchOf } from '../../../tests/support/stretches'
import { Anneal } from './anneal'
import { Pricing } from './bound'
import { broken, cheapestPath, costOf, nodesOf } from './instance'
import { Planner, REFINED } from './planner'

const SMALL = { rounds: 60, whole: 20, starts: 2, cells: 20_000, refills: 2, steps: 60, within: 1000 }
const planned = (instance: ReturnType<typeof stretchOf>, seed: number, effort = SMALL) => {
  const planner = new Planner(instance, effort, randomLcg(seed))
  const costs = [planner.cost]
  while (planner.advance()) costs.push(planner.cost)
  return { planner, costs }
}

describe('a planned stretch', () => {
  it('keeps every limit, costs what it says, never gets worse, and never beats its bound', () => {
    fc.assert(
      fc.property(ANY_STRETCH, (a) => {
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

  // They came to 0.9 and 0.6 % while no days were filled together, and to a third more where care kept to a first plan.
  it.each([
    { days: 28, seed: 1, within: 0.007 },
    { days: 42, seed: 3, within: 0.0057 },
  ])(
    'of 52 units, care with what it needs, is near the best there is: $days days',
    ({ within, ...asked }) => {
      const instance = stretchOf({ ...asked, weekday: 6, saturday: 40, refused: 0, care: true })
      const { planner } = planned(instance, 0.5, { ...REFINED, cells: 1_000_000, steps: 100 })
      expect(broken(instance, planner.chosen)).toEqual([])
      expect(planner.gap).toBeLessThan(within)
    },
  )

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

describe('the prices', () => {
  it('prove no less with units taken whole, and find every unit’s best way worth trying', () => {
    for (const seed of [1, 2, 3]) {
      const instance = stretchOf({ days: 28, weekday: 6, saturday: 40, seed })
      const parts = new Pricing(instance, 200)
      parts.improve()
      const whole = new Pricing(instance, 250, 50)
      whole.improve()
      expect(whole.bound).toBeGreaterThan(parts.bound * 1.001)

      const { units, days, cost } = instance
      const nodes = nodesOf(instance)
      const worth = new Set(whole.worthTrying(1e-9))
      for (let u = 0; u < units; u++) {
        const price = Float64Array.from({ length: nodes }, (_, j) => {
          const cell = u * days + j - 1
          if (j === 0 || j === nodes - 1) return 0
          return instance.minutes[cell]! > instance.limit[j - 1]! - instance.setup
            ? Infinity
            : whole.prices[cell]!
        })
        const from = new Int32Array(nodes)
        cheapestPath(cost[u]!, nodes, price, new Float64Array(nodes), from)
        for (let j = from[nodes - 1]!; j > 0; j = from[j]!) expect(worth).toContain(u * days + j - 1)
      }
    }
  })
})

describe('small changes', () => {
  it('keep count of what the plan costs, whole sessions opened, closed and moved, and part none from what it needs', () => {
    for (const [weekday, saturday, seed, care] of [
      [12, 40, 5, false],
      [30, 90, 6, false],
      [6, 12, 7, false],
      [14, 90, 8, true],
      [30, 90, 9, true],
    ] as const) {
      const instance = stretchOf({ days: 40, weekday, saturday, seed, care })
      const pricing = new Pricing(instance, 100)
      pricing.improve()
      const anneal = new Anneal(instance, randomLcg(0.3), pricing.leaning(), pricing.worthTrying(0.5))
      let found = 0
      for (let n = 0; n < 40; n++) {
        anneal.overPrice = 1 + n
        anneal.heat = 2 * 0.9 ** n
        const before = anneal.bestCost
        anneal.run(2000)
        const { over } = anneal
        // A run of nothing counts the minutes over afresh.
        anneal.run(0)
        expect(anneal.over).toBeCloseTo(over, 6)
        if (anneal.bestCost === before) continue
        found++
        expect(broken(instance, anneal.best).filter((w) => !w.includes('running'))).toEqual([])
        expect(costOf(instance, anneal.best)).toBeCloseTo(anneal.bestCost, 5)
      }
      expect(found).toBeGreaterThan(5)
    }
  })
})
