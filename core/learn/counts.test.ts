import { randomGamma, randomLcg, randomPoisson } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { heldOf, likelyCount, likelyShare, lnChanceOf, withinLikely } from './counts'
import { learnRates, NOTHING_SEEN, PRIOR_RATE } from './rate'

const held = fc
  .tuple(fc.double({ min: 0.01, max: 12, noNaN: true }), fc.double({ min: 1.001, max: 4, noNaN: true }))
  .map(([mean, times]) => ({ mean, variance: mean * times }))

describe('what is held of a count', () => {
  it('its chances sum to one, with its mean and variance', () => {
    fc.assert(
      fc.property(held, (h) => {
        let [all, mean, square] = [0, 0, 0]
        for (let n = 0; n < 600; n++) {
          const p = Math.exp(lnChanceOf(n, h))
          all += p
          mean += n * p
          square += n * n * p
        }
        expect(all).toBeCloseTo(1, 6)
        expect(mean).toBeCloseTo(h.mean, 4)
        expect(square - mean * mean).toBeCloseTo(h.variance, 2)
      }),
      { numRuns: 30 },
    )
  })
  it('over several places it is as played: the dog is one, the places are apart', () => {
    const rates = learnRates([{ count: 4, exposure: 2 }, NOTHING_SEEN, { count: 0, exposure: 3 }])
    const places = rates.map((rate, i) => ({ rate, expected: 0.4 + i / 3 }))
    const { mean, variance } = heldOf(places)
    const source = randomLcg(0.7)
    const N = 60_000
    let [sum, square] = [0, 0]
    const draws = rates.map((r) => randomGamma.source(source)(r.shape, 1))
    const poisson = randomPoisson.source(source)
    for (let n = 0; n < N; n++) {
      let [u, k] = [source(), 0]
      while ((u -= rates[0]!.weights[k]!) > 0 && k < rates[0]!.weights.length - 1) k++
      const count = places.reduce((s, p, i) => s + poisson(draws[i]!() * p.rate.scales[k]! * p.expected)(), 0)
      sum += count
      square += count * count
    }
    const [m, v] = [sum / N, square / N - (sum / N) ** 2]
    expect(Math.abs(m - mean)).toBeLessThan(4 * Math.sqrt(variance / N))
    expect(v / variance).toBeGreaterThan(0.95)
    expect(v / variance).toBeLessThan(1.05)
  })
  it('a count of none where none is expected is sure, and any other beyond belief', () => {
    expect(lnChanceOf(0, { mean: 0, variance: 0 })).toBe(0)
    expect(lnChanceOf(1, { mean: 0, variance: 0 })).toBe(-Infinity)
    expect(withinLikely(1, { mean: 0, variance: 0 })).toBe(0)
    // Close to Poisson where it strays no further: e^−2 and 2·e^−2.
    expect(Math.exp(lnChanceOf(0, { mean: 2, variance: 2.000001 }))).toBeCloseTo(Math.exp(-2), 5)
    expect(Math.exp(lnChanceOf(1, { mean: 2, variance: 2.000001 }))).toBeCloseTo(2 * Math.exp(-2), 5)
  })
  it('the fewest and most that come leave a tenth at either end, and no more than sixty are told apart', () => {
    fc.assert(
      fc.property(held, (h) => {
        const upTo = (n: number) => {
          let sum = 0
          for (let i = 0; i <= n; i++) sum += Math.exp(lnChanceOf(i, h))
          return sum
        }
        const [least, most] = likelyCount(h)
        if (most === 60) return
        expect(upTo(least)).toBeGreaterThanOrEqual(0.1)
        expect(least ? upTo(least - 1) : 0).toBeLessThan(0.1)
        expect(upTo(most)).toBeGreaterThanOrEqual(0.9)
        expect(most ? upTo(most - 1) : 0).toBeLessThan(0.9)
      }),
      { numRuns: 60 },
    )
    expect(likelyCount({ mean: 400, variance: 900 })).toEqual([0, 60])
    expect(likelyCount({ mean: 3, variance: 4 }, [0.5, 0.5])).toEqual([3, 3])
  })
  it('nothing expected is nothing held', () => {
    expect(heldOf([{ rate: PRIOR_RATE, expected: 0 }])).toEqual({ mean: 0, variance: 0 })
    expect(likelyCount({ mean: 0, variance: 0 })).toEqual([0, 0])
    expect(heldOf([])).toEqual({ mean: 0, variance: 0 })
  })
  it('eight in ten of what comes as it is held lies within, though counts are whole', () => {
    fc.assert(
      fc.property(held, (h) => {
        let within = 0
        for (let n = 0; n < 400; n++) within += Math.exp(lnChanceOf(n, h)) * withinLikely(n, h)
        expect(within).toBeCloseTo(0.8, 6)
      }),
      { numRuns: 30 },
    )
  })
  it('a share lies where Wilson has it', () => {
    // Published: Wilson's interval; for 9 in 88 at 80 %, by hand from the formula.
    const [low, high] = likelyShare(9, 88)
    expect(low).toBeCloseTo(0.0679, 3)
    expect(high).toBeCloseTo(0.1512, 3)
    expect(likelyShare(0, 0)).toEqual([0, 1])
    expect(likelyShare(0, 20)[0]).toBe(0)
    expect(likelyShare(20, 20)[1]).toBeCloseTo(1, 12)
  })
})
