import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { gammaCdf, lnGamma } from '../../core/learn/gamma'
import { chanceOfNone, learnRates, PRIOR_RATE, rateInterval } from '../../core/learn/rate'
import type { Seen } from '../../core/learn/rate'
import { howMany } from '../../core/record/odds'
import { seeded } from '../../drawing/ink'

const { jStat } = jstat as unknown as {
  jStat: {
    gammaln: (x: number) => number
    gamma: {
      cdf: (x: number, shape: number, scale: number) => number
      sample: (shape: number, scale: number) => number
    }
    negbin: { pdf: (k: number, r: number, p: number) => number }
    poisson: { pdf: (k: number, l: number) => number }
    setRandom: (f: () => number) => void
  }
}

/** Reference: the jstat library's gamma distribution. */
describe('the gamma distribution against a reference library', () => {
  it('agrees with it to nine digits', () => {
    for (const a of [0.5, 1, 3, 6, 11, 40]) {
      expect(lnGamma(a)).toBeCloseTo(jStat.gammaln(a), 9)
      for (const x of [0.01, 0.4, 1, 2.5, 7, 30, 60])
        expect(gammaCdf(a, x)).toBeCloseTo(jStat.gamma.cdf(x, a, 1), 9)
    }
  })
})

/** Brute force: draws from the priors, each weighted by how well it explains what was seen. */
describe('learning against brute-force sampling with a reference library', () => {
  const CASES: Seen[][] = [
    [
      { count: 4, exposure: 1.5 },
      { count: 0, exposure: 2 },
      { count: 1, exposure: 0.6 },
    ],
    [
      { count: 0, exposure: 3 },
      { count: 0, exposure: 0.4 },
    ],
    [
      { count: 2, exposure: 0.1 },
      { count: 0, exposure: 0 },
      { count: 3, exposure: 4 },
    ],
  ]
  it.each(CASES)('case %#', (...places) => {
    jStat.setRandom(seeded(places.length * 17 + places[0]!.count))
    const draws = 60_000
    const thetas = places.map(() => new Float64Array(draws))
    const weights = new Float64Array(draws)
    for (let i = 0; i < draws; i++) {
      const phi = jStat.gamma.sample(6, 1 / 6)
      let weight = 1
      places.forEach(({ count, exposure }, r) => {
        const theta = phi * jStat.gamma.sample(3, 1 / 3)
        thetas[r]![i] = theta
        weight *= exposure ? jStat.poisson.pdf(count, theta * exposure) : 1
      })
      weights[i] = weight
    }
    const total = weights.reduce((s, w) => s + w, 0)
    learnRates(places).forEach((rate, r) => {
      const mean = (of: (t: number) => number) =>
        thetas[r]!.reduce((s, t, i) => s + weights[i]! * of(t), 0) / total
      const m = mean((t) => t)
      /** Standard error of a weighted mean. */
      const error = (of: (t: number) => number, at: number) =>
        Math.sqrt(thetas[r]!.reduce((s, t, i) => s + (weights[i]! * (of(t) - at)) ** 2, 0)) / total
      expect(Math.abs(rate.mean - m)).toBeLessThan(4 * error((t) => t, m))
      for (const n of [0.2, 1, 2.5]) {
        const none = mean((t) => Math.exp(-t * n))
        expect(Math.abs(chanceOfNone(rate, n) - none)).toBeLessThan(4 * error((t) => Math.exp(-t * n), none))
      }
      const [low, high] = rateInterval(rate)
      for (const [edge, p] of [
        [low, 0.1],
        [high, 0.9],
      ] as const) {
        const below = mean((t) => (t < edge ? 1 : 0))
        expect(Math.abs(below - p)).toBeLessThan(4 * error((t) => (t < edge ? 1 : 0), below))
      }
    })
  })
  it('given the dog, the chance of none is the library’s negative binomial at nought', () => {
    // One node of the mixture: Gamma(3 + C, 3 + φΛ) for the place, Poisson(φψn) to come.
    const [phi, count, exposure, n] = [1.3, 2, 0.9, 0.7]
    const shape = 3 + count
    const scale = phi / (3 + phi * exposure)
    const one = { shape, scales: [scale], weights: [1], mean: shape * scale }
    expect(chanceOfNone(one, n)).toBeCloseTo(jStat.negbin.pdf(0, shape, 1 / (1 + scale * n)), 10)
  })
})

/** Reference: draws from the prior by the jstat library. Chances of one count, and of how many in some places. */
describe('how many there will be, against draws with a reference library', () => {
  it('none, one and more come as often as drawn', () => {
    jStat.setRandom(seeded(11))
    const random = seeded(12)
    const poisson = (mean: number) => {
      let [k, p] = [0, Math.exp(-mean)]
      for (let u = random(), sum = p; u > sum && k < 200; sum += p) p *= mean / ++k
      return k
    }
    const RUNS = 40_000
    for (const expected of [0.1, 0.6, 2]) {
      const seen = [0, 0, 0]
      for (let n = 0; n < RUNS; n++) {
        const theta = jStat.gamma.sample(6, 1 / 6) * jStat.gamma.sample(3, 1 / 3)
        seen[Math.min(2, poisson(theta * expected))]! += 1
      }
      const worked = howMany([{ rate: PRIOR_RATE, expected }])
      worked.forEach((chance, i) => {
        const share = seen[i]! / RUNS
        const error = Math.sqrt((share * (1 - share)) / RUNS)
        expect(Math.abs(chance - share), `${expected}: ${i}`).toBeLessThan(3.5 * error + 1e-4)
      })
    }
  })
})
