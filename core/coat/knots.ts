import type { CoatType } from './coat-types'
import type { Region } from './regions'
import { KNOT_WEIGHT, TOTAL_WEIGHT } from './regions'

/** Expected numbers in a place: loose tangles, tight knots, mats. */
export type Stages = readonly [tangles: number, knots: number, mats: number]
export const CLEAR: Stages = [0, 0, 0]

/** Length at which hair begins to knot, and the span over which it comes to do so readily, mm. */
const KNOT_FREE_MM = 5
const KNOT_SPAN_MM = 20

/**
 * How readily hair of this length knots: f(L) = 2x²/(1+x²), x = max(0, L−5)/20.
 * Nothing at 5 mm, 1 at 25 mm, towards 2 (judgement).
 */
export function lengthFactor(mm: number): number {
  const x = Math.max(0, mm - KNOT_FREE_MM) / KNOT_SPAN_MM
  return (2 * x * x) / (1 + x * x)
}

/**
 * Knots begun a day in a region, λ = B · κ/Σκ · S · f(L) · exposure, before anything is learned.
 * @param size S, how many times the coat of a 10 kg dog: `sizeFactor(kg)`
 * @param mm length of that region's hair that morning
 * @param exposure product of that day's factors, 1 when nothing rubbed or wetted it
 */
export function knotRate(
  coat: CoatType,
  size: number,
  region: Pick<Region, 'class'>,
  mm: number,
  exposure = 1,
): number {
  const share = KNOT_WEIGHT[region.class] / TOTAL_WEIGHT
  return coat.knotsPerDay * share * size * lengthFactor(mm) * exposure
}

/**
 * Moves expected numbers on by `days` at a constant rate of `born` a day, exactly: tangles tighten
 * to knots and knots to mats, each exponential with rate `mu` a day. Nothing leaves by itself, so
 * the three sum to what was there plus `born · days`. What depends on the rate alone is worked out once.
 */
export function stepper(mu: number, days = 1): (n: Stages, born: number) => Stages {
  const x = mu * days
  const stay = Math.exp(-x)
  const left = 1 - stay
  const matted = 1 - stay * (1 + x)
  const bornMatted = x - 2 + stay * (2 + x)
  return (n, born) => {
    const per = born / mu
    return [
      n[0] * stay + per * left,
      n[1] * stay + n[0] * x * stay + per * matted,
      n[2] + n[1] * left + n[0] * matted + per * bornMatted,
    ]
  }
}
export const stepStages = (n: Stages, born: number, mu: number, days = 1): Stages =>
  stepper(mu, days)(n, born)

/** What an act leaves of each stage, as shares kept (judgement). */
export const KEPT = {
  /** The comb glided to the skin. */
  combed: [0.02, 0.02, 0.02],
  /** Brushed to the skin in lines, the comb not used. */
  brushed: [0.4, 0.8, 1],
  /** Brushed over the top. */
  surface: [0.96, 1, 1],
} as const satisfies Record<string, Stages>

export const keep = (n: Stages, share: Stages): Stages => [n[0] * share[0], n[1] * share[1], n[2] * share[2]]

/** Washed and not combed out: a part of the knots mat, then every tangle is a knot (judgement). */
const WASHED_TIGHT_TO_MAT = 0.3
export function tightenByWash(n: Stages): Stages {
  const matted = n[1] * WASHED_TIGHT_TO_MAT
  return [0, n[1] - matted + n[0], n[2] + matted]
}
