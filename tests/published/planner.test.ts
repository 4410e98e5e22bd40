import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { broken, costOf } from '../../core/plan/best/instance'
import { Planner, REFINED } from '../../core/plan/best/planner'
import { solveExactly } from '../support/exact'
import { stretchOf } from '../support/stretches'

/** Reference: HiGHS, a mixed-integer solver, on the same stretches as mixed-integer programs. */
describe('the planner against an exact solver', () => {
  it('with care and a bath in it comes within half a percent on average, and its bound is a bound', async () => {
    const over: number[] = []
    for (const seed of [1, 2, 3, 4, 5]) {
      const instance = stretchOf({ weekday: 6, saturday: 40, seed, days: 28, regions: 12, care: true })
      expect(instance.needs!.length).toBeGreaterThan(1)
      const exact = await solveExactly(instance, 120)
      expect(exact.status).toBe('Optimal')
      expect(broken(instance, exact.chosen)).toEqual([])
      const planner = new Planner(instance, REFINED, randomLcg(0.5))
      while (planner.advance());
      expect(broken(instance, planner.chosen)).toEqual([])
      expect(planner.cost).toBeGreaterThan(exact.cost * (1 - 1e-6))
      expect(planner.bound).toBeLessThanOrEqual(exact.cost * (1 + 1e-6))
      over.push(planner.cost / exact.cost - 1)
    }
    expect(over.reduce((a, b) => a + b) / over.length, over.join(' ')).toBeLessThan(0.005)
  }, 300_000)

  const STRETCHES = (['wool-cross', 'wool'] as const).flatMap((coat) =>
    (
      [
        [6, 40],
        [6, 12],
        [0, 40],
        [9, 30],
      ] as const
    ).flatMap(([weekday, saturday]) =>
      [1, 2, 3].map((seed) => ({ coat, weekday, saturday, seed, days: 28, regions: 12 })),
    ),
  )

  it('comes within half a percent on average and two at worst, and its bound is a bound', async () => {
    const over: number[] = []
    for (const asked of STRETCHES) {
      const instance = stretchOf(asked)
      const exact = await solveExactly(instance, 60)
      expect(exact.status, JSON.stringify(asked)).toBe('Optimal')
      expect(broken(instance, exact.chosen)).toEqual([])
      expect(costOf(instance, exact.chosen)).toBeCloseTo(exact.cost, 4)

      const planner = new Planner(instance, REFINED, randomLcg(0.5))
      while (planner.advance());
      expect(broken(instance, planner.chosen)).toEqual([])
      expect(planner.cost).toBeGreaterThan(exact.cost * (1 - 1e-6))
      expect(planner.bound).toBeLessThanOrEqual(exact.cost * (1 + 1e-6))
      over.push(planner.cost / exact.cost - 1)
    }
    expect(over.length).toBeGreaterThanOrEqual(20)
    expect(over.reduce((a, b) => a + b) / over.length, over.join(' ')).toBeLessThan(0.005)
    expect(Math.max(...over), over.join(' ')).toBeLessThan(0.02)
  }, 600_000)
})
