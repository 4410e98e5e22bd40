import { lnGamma } from './gamma'
import type { Rate } from './rate'

/** What a count is held to come to: a Poisson count whose rate is itself held as a Gamma. */
export interface Held {
  mean: number
  /** Of the count, Poisson's own share in it. */
  variance: number
}

/** Least a count strays beyond Poisson, so that its shape has a number. */
const LEAST_EXTRA = 1e-9
/** Shape of the Gamma its rate is held as. */
export const shapeOf = ({ mean, variance }: Held) => (mean * mean) / Math.max(LEAST_EXTRA, variance - mean)

/**
 * What is held of a count over some places, where each expects so many at θ = 1: given the dog the places are
 * apart from one another, and the dog is summed over.
 */
export function heldOf(places: readonly { rate: Rate; expected: number }[]): Held {
  const weights = places[0]?.rate.weights ?? []
  let [mean, square] = [0, 0]
  weights.forEach((weight, k) => {
    let [here, spread] = [0, 0]
    for (const { rate, expected } of places) {
      const each = rate.scales[k]! * expected
      here += rate.shape * each
      spread += rate.shape * each * (1 + each)
    }
    mean += weight * here
    square += weight * (spread + here * here)
  })
  return { mean, variance: Math.max(mean, square - mean * mean) }
}

/** ln of the chance of a count, negative binomial of this mean and variance. */
export function lnChanceOf(n: number, held: Held): number {
  const { mean } = held
  if (mean <= 0) return n === 0 ? 0 : -Infinity
  const shape = shapeOf(held)
  const p = mean / (mean + shape)
  return (
    lnGamma(n + shape) - lnGamma(shape) - lnGamma(n + 1) + shape * Math.log1p(-p) + (n ? n * Math.log(p) : 0)
  )
}

/** More than these are not told apart. */
const MOST = 60

/** Fewest and most that come, but for a tenth at either end. */
export function likelyCount(
  held: Held,
  [low, high]: readonly [number, number] = [0.1, 0.9],
): [number, number] {
  if (held.mean <= 0) return [0, 0]
  let sum = 0
  let least: number | null = null
  for (let n = 0; n < MOST; n++) {
    sum += Math.exp(lnChanceOf(n, held))
    if (least === null && sum >= low) least = n
    if (sum >= high) return [least ?? 0, n]
  }
  return [least ?? 0, MOST]
}

/**
 * How much of what came lies within eight in ten of what was held, 0 to 1. Counts are whole, so one at the edge lies
 * within in part: over many counts that are as they were held it comes to eight in ten (published: the randomised
 * probability integral transform of count data, in its mean).
 */
export function withinLikely(
  n: number,
  held: Held,
  [low, high]: readonly [number, number] = [0.1, 0.9],
): number {
  let below = 0
  for (let i = 0; i < n; i++) below += Math.exp(lnChanceOf(i, held))
  const here = Math.exp(lnChanceOf(n, held))
  if (here <= 0) return 0
  return Math.max(0, Math.min(high, below + here) - Math.max(low, below)) / here
}

/** Where a share lies four times in five, from k of n (published: Wilson's score interval, 1927). */
export function likelyShare(k: number, n: number, z = 1.2815515655446004): [number, number] {
  if (!n) return [0, 1]
  const p = k / n
  const middle = (p + (z * z) / (2 * n)) / (1 + (z * z) / n)
  const half = (z / (1 + (z * z) / n)) * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n))
  return [Math.max(0, middle - half), Math.min(1, middle + half)]
}
