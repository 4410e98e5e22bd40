import { randomGamma, randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { combedWeekly, WORLD_BEGINS } from '../../tests/support/world'
import type { WorldTerms } from '../../tests/support/world'
import { REGIONS } from '../coat/regions'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { scored } from '../record/score'
import { LEAST_HOUSEHOLDS, learnTimes, sharedOf, timesOf } from './shared-counts'
import type { Shared } from './shared-counts'

const CLASSES: WorldTerms['classes'] = { hot: 2, rubbing: 0.5, moving: 1, calm: 2 }

describe('what coats of a type come to', () => {
  it('is what was counted over what was to be met, and one where too little was', () => {
    const seen = Array.from({ length: 400 }, () => ({ count: 30, exposure: 20 }))
    expect(timesOf(seen)).toBeCloseTo(1.5, 2)
    expect(timesOf([])).toBeNull()
    expect(timesOf([{ count: 0, exposure: 0 }])).toBeNull()
    const little = timesOf([{ count: 2, exposure: 1 }])!
    expect(little).toBeGreaterThan(1)
    expect(little).toBeLessThan(1.5)
    expect(timesOf([{ count: 0, exposure: 1 }])!).toBeGreaterThan(0.5)
  })
  it('gives no one dog the word: a dog that knots ten times as readily among fifty changes it little', () => {
    const usual = Array.from({ length: 49 }, () => ({ count: 40, exposure: 40 }))
    expect(timesOf([...usual, { count: 400, exposure: 40 }])!).toBeLessThan(1.25)
  })
  it('is told of no type and class that fewer than twenty households shared', () => {
    const many = (n: number): Shared[] =>
      Array.from({ length: n }, () => ({ coat: 'wool', classes: { hot: { count: 8, exposure: 4 } } }))
    expect(learnTimes(many(LEAST_HOUSEHOLDS - 1))).toEqual({})
    expect(learnTimes(many(LEAST_HOUSEHOLDS)).wool!.hot).toBeGreaterThan(1.5)
    // One with nothing to share makes nobody harder to tell.
    const unmet: Shared = { coat: 'wool', classes: { hot: { count: 0, exposure: 0 } } }
    expect(learnTimes([...many(LEAST_HOUSEHOLDS - 1), unmet])).toEqual({})
  })
  it('is counted by class of place and by nothing else', () => {
    const places = REGIONS.map((region) => ({ region, seen: { count: 1, exposure: 0.5 } }))
    const by = sharedOf(places)
    const sum = (of: 'count' | 'exposure') => Object.values(by).reduce((s, x) => s + x[of], 0)
    expect(Object.keys(by).sort()).toEqual(['calm', 'hot', 'moving', 'rubbing'])
    expect([sum('count'), sum('exposure')]).toEqual([REGIONS.length, REGIONS.length / 2])
  })
  it('comes right within a share as counts stray, whatever the truth', () => {
    const gamma = randomGamma.source(randomLcg(0.2))
    const draw = (mean: number) => Math.round(gamma(mean, 1)())
    for (const truth of [0.5, 1, 2]) {
      const seen = Array.from({ length: 300 }, () => {
        const exposure = 5 + 30 * gamma(2, 0.5)()
        return { count: draw(truth * exposure * gamma(6, 1 / 6)()), exposure }
      })
      expect(Math.abs(timesOf(seen)! / truth - 1)).toBeLessThan(0.06)
    }
  })
  it('after five hundred dogs of a richer world is within a tenth, and a new dog’s first month is forecast better', () => {
    const shared = Array.from({ length: 500 }, (_, n): Shared => {
      const { record } = combedWeekly({ seed: 1000 + n, causes: 0.5, classes: CLASSES }, 8)
      const { places } = coatOn(record, addDays(WORLD_BEGINS, 56))
      return { coat: record.profile.coat, classes: sharedOf(places) }
    })
    const like = learnTimes(shared)
    for (const [cls, truth] of Object.entries(CLASSES) as ['hot', number][])
      expect(Math.abs(like['wool-cross']![cls]! / truth - 1)).toBeLessThan(0.1)
    const loss = (more: object) => {
      let sum = 0
      for (let seed = 1; seed <= 40; seed++) {
        const { record } = combedWeekly({ seed, causes: 0.5, classes: CLASSES }, 4)
        const of = scored(
          { ...record, profile: { ...record.profile, ...more } },
          WORLD_BEGINS,
          addDays(WORLD_BEGINS, 28),
        )
        for (const c of of.checks) sum -= Math.log(Math.max(1e-6, c.found ? c.any : 1 - c.any))
      }
      return sum
    }
    const profile = { like: { version: 1, coat: 'wool-cross', times: like['wool-cross'] } }
    expect(loss(profile)).toBeLessThan(0.97 * loss({}))
  }, 120_000)
})
