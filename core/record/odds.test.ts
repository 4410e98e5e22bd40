import { randomGamma, randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from './day'
import { assess } from './fold'
import { chanceOfAnyMat, likelyChance, placesOf } from './odds'

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
