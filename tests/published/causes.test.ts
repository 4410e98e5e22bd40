import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { CAUSES, learnCauses, UNDER } from '../../core/learn/causes'
import type { Born, SeenUnder } from '../../core/learn/causes'
import { seeded } from '../../drawing/ink'

const { jStat } = jstat as unknown as {
  jStat: {
    gamma: { sample: (shape: number, scale: number) => number }
    normal: { sample: (mean: number, sd: number) => number }
    setRandom: (f: () => number) => void
  }
}
const { harness: H, rain: R, shed: S } = UNDER
const pure = (under: number, count: number) => ({ count, born: [{ under, amount: 1 }] })

/**
 * Brute force with a reference library (jstat): draws of the dog, the places and every cause from their priors, each
 * weighted by how well it explains every count that was met. The priors are judgement: φ Gamma(6, 6), ψ Gamma(3, 3),
 * ln η normal, mean of η 1, sd 0.5.
 */
describe('causes against brute-force sampling with a reference library', () => {
  const CASES: Record<string, SeenUnder[]> = {
    'a harness on some places': [
      { count: 5, born: [{ under: H, amount: 2 }], met: [pure(H, 5)] },
      { count: 3, born: [{ under: H, amount: 2 }], met: [pure(H, 3)] },
      { count: 1, born: [{ under: 0, amount: 2 }], met: [] },
      { count: 2, born: [{ under: 0, amount: 3 }], met: [] },
    ],
    'rain that came and went, met in mixtures': [
      {
        count: 4,
        born: [
          { under: 0, amount: 1.5 },
          { under: R, amount: 1.5 },
        ],
        met: [
          {
            count: 3,
            born: [
              { under: 0, amount: 0.2 },
              { under: R, amount: 0.6 },
            ],
          },
        ],
      },
      {
        count: 2,
        born: [
          { under: 0, amount: 2 },
          { under: R, amount: 1 },
        ],
        met: [
          {
            count: 1,
            born: [
              { under: 0, amount: 0.5 },
              { under: R, amount: 0.5 },
            ],
          },
        ],
      },
    ],
    'a season over all of it, a harness over a part': [
      {
        count: 3,
        born: [
          { under: S, amount: 1 },
          { under: S | H, amount: 1.2 },
        ],
        met: [
          {
            count: 2,
            born: [
              { under: S, amount: 0.4 },
              { under: S | H, amount: 0.5 },
            ],
          },
          pure(S, 1),
        ],
      },
      {
        count: 0,
        born: [
          { under: 0, amount: 1 },
          { under: S, amount: 1.5 },
        ],
        met: [],
      },
    ],
  }
  it.each(Object.entries(CASES))('%s', (name, places) => {
    jStat.setRandom(seeded(name.length * 31))
    const known = learnCauses(places)
    const factor = (eta: Map<number, number>, under: number) =>
      [...eta].reduce((product, [bit, x]) => (under & bit ? product * x : product), 1)
    const total = (born: readonly Born[], eta: Map<number, number>) =>
      born.reduce((s, b) => s + b.amount * factor(eta, b.under), 0)
    const draws = 150_000
    const weights = new Float64Array(draws)
    const drawn = known.map(() => new Float64Array(draws))
    for (let i = 0; i < draws; i++) {
      const eta = new Map(known.map((c) => [UNDER[c.cause], Math.exp(jStat.normal.sample(-0.125, 0.5))]))
      const phi = jStat.gamma.sample(6, 1 / 6)
      let ln = 0
      for (const { count, born, met } of places) {
        const theta = phi * jStat.gamma.sample(3, 1 / 3)
        const apart = met.reduce((s, m) => s + m.count, 0)
        ln += -theta * total(born, eta) + count * Math.log(theta)
        for (const m of met) ln += m.count * Math.log(total(m.born, eta))
        if (apart > count) throw new Error('more met than counted')
      }
      weights[i] = Math.exp(ln)
      known.forEach((c, k) => (drawn[k]![i] = eta.get(UNDER[c.cause])!))
    }
    const all = weights.reduce((s, w) => s + w, 0)
    known.forEach((c, k) => {
      const order = [...weights.keys()].sort((a, b) => drawn[k]![a]! - drawn[k]![b]!)
      const at = (p: number) => {
        let sum = 0
        for (const i of order) if ((sum += weights[i]!) >= p * all) return drawn[k]![i]!
        return Infinity
      }
      const mean = weights.reduce((s, w, i) => s + w * drawn[k]![i]!, 0) / all
      // Laplace's approximation is held to within a twentieth, its ends to within a twelfth.
      expect(Math.abs(c.times / mean - 1), c.cause).toBeLessThan(1 / 20)
      expect(Math.abs(c.likely[0] / at(0.1) - 1), c.cause).toBeLessThan(1 / 12)
      expect(Math.abs(c.likely[1] / at(0.9) - 1), c.cause).toBeLessThan(1 / 12)
    })
    expect(known.length).toBeGreaterThan(0)
    expect(known.every((c) => CAUSES.includes(c.cause))).toBe(true)
  })
})
