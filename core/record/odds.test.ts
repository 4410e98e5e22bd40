import { randomGamma, randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from './day'
import { assess } from './fold'
import { chanceOfNone } from '../learn/rate'
import { chanceOfAnyMat, chanceOfMat, expectedKnots, expectedMats, likelyChance, placesOf } from './odds'

const START = '2026-03-01'
const at = (days: number, entries = [] as ReturnType<typeof entry>[]) =>
  placesOf(assess(dog({ since: START, harnessHours: 2 }, 20, entries), addDays(START, days)))

describe('what the chance of a mat is likely to be', () => {
  it.each([5, 20, 40])('holds the chance itself, %i days on, and both are chances', (days) => {
    const places = at(days)
    const [low, high] = likelyChance(places)
    expect(low).toBeGreaterThanOrEqual(0)
    expect(high).toBeLessThanOrEqual(1)
    expect(low).toBeLessThan(chanceOfAnyMat(places))
    expect(high).toBeGreaterThan(chanceOfAnyMat(places))
  })
  it('is what drawing the dog and its places by chance gives, eight times in ten', () => {
    const places = at(20)
    const random = randomLcg(0.4)
    const gamma = randomGamma.source(random)
    const drawn = Array.from({ length: 4000 }, () => {
      // The dog's node by its weight, then each place's rate given that.
      let [k, left] = [0, random()]
      while (k < 64 && (left -= places[0]!.rate.weights[k]!) > 0) k++
      const sum = places.reduce((s, p) => s + gamma(p.rate.shape)() * p.rate.scales[k]! * p.unseen[2], 0)
      return 1 - Math.exp(-sum)
    })
    const [low, high] = likelyChance(places)
    const within = drawn.filter((c) => c >= low && c <= high).length / drawn.length
    expect(within).toBeGreaterThan(0.76)
    expect(within).toBeLessThan(0.84)
  })
  it('mats and knots in a place are those nobody saw, at its rate, and those left in by their stage', () => {
    const place = at(10)[0]!
    const left = [
      { count: 3, stages: [0.2, 0.3, 0.5] as const },
      { count: 2, stages: [1, 0, 0] as const },
    ]
    const unseen = [0.4, 0.2, 0.1] as const
    const here = { ...place, left, unseen, rate: { ...place.rate, mean: 2 } }
    expect(expectedMats(here)).toBeCloseTo(2 * 0.1 + 3 * 0.5, 12)
    const { tangles, knots } = expectedKnots(here)
    expect(tangles).toBeCloseTo(2 * 0.4 + 3 * 0.2 + 2, 12)
    expect(knots).toBeCloseTo(2 * 0.2 + 3 * 0.3, 12)
    // None of it is a mat: each is one by its own chance.
    const clear = chanceOfNone(here.rate, 0.1) * 0.5 ** 3
    expect(chanceOfMat(here)).toBeCloseTo(1 - clear, 12)
  })
  it('a mat that was left in is sure', () => {
    const left = entry(addDays(START, 1), {
      kind: 'check',
      region: 'beard',
      finding: 'mat',
      count: 1,
      out: 0,
    })
    expect(likelyChance(at(9, [left]))).toEqual([1, 1])
  })
})
