import jstat from 'jstat'
import { expect, it } from 'vitest'
import { gammaCdf, lnGamma } from './gamma'

const { jStat } = jstat as unknown as {
  jStat: { gammaln: (x: number) => number; lowRegGamma: (a: number, x: number) => number }
}

it('ln Γ at values everybody knows, below a half by its reflection', () => {
  // Published: Γ(1/2) = √π, Γ(1/4) = 3.6256099082, Γ(n) = (n − 1)!.
  expect(lnGamma(0.5)).toBeCloseTo(Math.log(Math.PI) / 2, 12)
  expect(lnGamma(0.25)).toBeCloseTo(Math.log(3.6256099082219083), 12)
  expect(lnGamma(0.75)).toBeCloseTo(Math.log(1.2254167024651776), 12)
  expect(lnGamma(6)).toBeCloseTo(Math.log(120), 12)
  for (const x of [0.1, 0.4, 0.6, 1, 3.5, 12, 90]) expect(lnGamma(x)).toBeCloseTo(jStat.gammaln(x), 8)
})
it('the chance that a Gamma is at most x, as a reference library has it, on either side of its middle', () => {
  for (const a of [0.3, 1, 3, 6, 40])
    for (const times of [0.01, 0.3, 0.9, 1.1, 2, 6])
      expect(gammaCdf(a, a * times), `${a} ${times}`).toBeCloseTo(jStat.lowRegGamma(a, a * times), 9)
  expect(gammaCdf(3, 0)).toBe(0)
  expect(gammaCdf(3, -1)).toBe(0)
  expect(gammaCdf(1, 2)).toBeCloseTo(1 - Math.exp(-2), 12)
})
