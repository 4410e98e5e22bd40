import { lnGamma } from './gamma'

/** ln of the beta function B(a, b). */
const lnBeta = (a: number, b: number) => lnGamma(a) + lnGamma(b) - lnGamma(a + b)

/**
 * The chance that the share behind a count is the greater of two, each from a flat prior: a count k of n leaves
 * Beta(1 + k, 1 + n − k). Exact for whole counts: a finite sum of
 * beta functions (memory; its test holds it to numeric integration).
 * @param a [how often, of how many] of the one that is asked about
 */
export function chanceGreater(a: readonly [number, number], b: readonly [number, number]): number {
  const [aYes, aNo] = [1 + a[0], 1 + a[1] - a[0]]
  const [bYes, bNo] = [1 + b[0], 1 + b[1] - b[0]]
  let sum = 0
  for (let i = 0; i < aYes; i++)
    sum += Math.exp(lnBeta(bYes + i, aNo + bNo) - Math.log(aNo + i) - lnBeta(1 + i, aNo) - lnBeta(bYes, bNo))
  return Math.min(1, sum)
}
