import fc from 'fast-check'
import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { stretchOf } from '../../../tests/support/stretches'
import { Deadline } from './deadline'
import { broken, costOf } from './instance'
import { Planner } from './planner'

describe('how far work has gone', () => {
  it('is what is done, where there is no clock or it stands still', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        (done, by) => {
          expect(new Deadline(100).part(by)(done)).toBe(done)
          expect(new Deadline(100, () => 7).part(by)(done)).toBe(done)
        },
      ),
    )
  })
  it('is by the time gone where that is further, part by part, and never past the end', () => {
    let now = 1000
    const deadline = new Deadline(100, () => now)
    const first = deadline.part(0.4)
    now += 10
    expect(first(0.1)).toBeCloseTo(0.25, 9)
    expect(first(0.5)).toBe(0.5)
    now += 90
    expect(first(0)).toBe(1)
    // The time of the next part is gone before it began.
    expect(deadline.part(0.9)(0)).toBe(1)
  })
})

describe('a plan that has only so long', () => {
  const effort = { rounds: 60, whole: 20, starts: 2, cells: 20_000, refills: 2, steps: 60, within: 1000 }
  const plan = (seed: number, clock?: () => number) => {
    const instance = stretchOf({ days: 24, weekday: 6, saturday: 30, seed, regions: 12 })
    const planner = new Planner(instance, effort, randomLcg(0.4), undefined, clock)
    let slices = 1
    while (planner.advance()) slices++
    return { instance, planner, slices }
  }
  it('keeps every limit and its bound however short that is, in so much fewer slices', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 90 }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        (seed, aLook) => {
          let now = 0
          const { instance, planner, slices } = plan(seed, () => (now += aLook))
          expect(broken(instance, planner.chosen)).toEqual([])
          expect(costOf(instance, planner.chosen)).toBeCloseTo(planner.cost, 6)
          expect(planner.bound).toBeLessThanOrEqual(planner.cost + 1e-6)
          expect(planner.progress).toBe(1)
          // One look at the clock a slice, and some at the ends of the parts.
          expect(slices).toBeLessThanOrEqual(1000 / aLook + 8)
        },
      ),
      { numRuns: 30 },
    )
  })
  it('is the plan of no clock where there is time enough', () => {
    expect(plan(3, () => 0).planner.chosen).toEqual(plan(3).planner.chosen)
  })
})
