import fc from 'fast-check'
import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { ANY_STRETCH, stretchOf } from '../../../tests/support/stretches'
import { broken, costOf } from './instance'
import type { Chosen, Instance } from './instance'
import { RefilledPlan } from './refilled-plan'
import { Search } from './search'

/** A plan that no unit alone makes better. */
function polished(instance: Instance): Chosen {
  const search = new Search(instance, randomLcg(0.3), new Float64Array(instance.units * instance.days))
  search.polish()
  return search.best
}
const refilled = (instance: Instance, start: Chosen): { chosen: Chosen; cheaper: boolean } => {
  const plan = new RefilledPlan(instance, start)
  let cheaper = false
  for (const any of plan.refill()) cheaper ||= any
  return { chosen: plan.chosen, cheaper }
}

describe('days filled anew in pairs', () => {
  it('keep every limit and cost less, or nothing has changed', () => {
    fc.assert(
      fc.property(ANY_STRETCH, fc.constantFrom(0, 0.1, 0.5), (a, refused) => {
        const instance = stretchOf({ ...a, refused })
        const start = polished(instance)
        fc.pre(!broken(instance, start).length)
        const { chosen, cheaper } = refilled(instance, start)
        expect(broken(instance, chosen)).toEqual([])
        if (cheaper) expect(costOf(instance, chosen)).toBeLessThan(costOf(instance, start))
        else expect(chosen).toEqual(start)
      }),
      { numRuns: 60 },
    )
  })

  it('gain what no unit alone does, until there is no more to gain', () => {
    for (const care of [false, true]) {
      const instance = stretchOf({ days: 28, weekday: 6, saturday: 40, seed: 2, refused: 0, care })
      let { chosen, cheaper } = refilled(instance, polished(instance))
      expect(cheaper).toBe(true)
      expect(costOf(instance, chosen)).toBeLessThan(0.99 * costOf(instance, polished(instance)))
      for (let n = 0; cheaper && n < 12; n++) ({ chosen, cheaper } = refilled(instance, chosen))
      expect(cheaper).toBe(false)
    }
  })
})
