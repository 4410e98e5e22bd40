import { REGION_IDS } from '../coat/regions'
import { chanceOfNone, chanceOfOne } from '../learn/rate'
import type { Rate } from '../learn/rate'
import type { CoatState, RegionState } from './coat-state'

/**
 * Chance that a place holds a mat: unseen ones are Poisson at the rate learned for the place, seen
 * ones each have their own chance.
 */
export function chanceOfMat(s: RegionState): number {
  let clear = chanceOfNone(s.rate, s.unseen[2])
  for (const l of s.left) clear *= Math.pow(1 - Math.min(1, l.stages[2]), l.count)
  return 1 - clear
}

/** Expected mats in a place. */
export const expectedMats = (s: RegionState): number =>
  s.left.reduce((sum, l) => sum + l.count * l.stages[2], s.rate.mean * s.unseen[2])

/** Expected tangles and knots in a place, still to be teased. */
export const expectedKnots = (s: RegionState): { tangles: number; knots: number } =>
  s.left.reduce(
    (sum, l) => ({
      tangles: sum.tangles + l.count * l.stages[0],
      knots: sum.knots + l.count * l.stages[1],
    }),
    { tangles: s.rate.mean * s.unseen[0], knots: s.rate.mean * s.unseen[1] },
  )

/** The states of a coat's places, in the order of the map. */
export const placesOf = (state: CoatState): RegionState[] =>
  REGION_IDS.flatMap((id) => state.regions[id] ?? [])

/** Chance that a whole coat, or some of its places, holds at least one mat. */
export function chanceOfAnyMat(places: readonly RegionState[]): number {
  return 1 - places.reduce((clear, s) => clear * (1 - chanceOfMat(s)), 1)
}

/** Eight in ten of a normal lie within so many standard deviations. */
const EIGHT_IN_TEN = 1.2815515655446004
/**
 * Four times in five the chance of a mat somewhere lies within these, were it known how readily each place of
 * this dog knots. What is expected in all, Σ θ·expected, is a mixture of Gamma sums; it is taken as log-normal
 * of the same mean and variance (judgement).
 */
export function likelyChance(places: readonly RegionState[]): [low: number, high: number] {
  let known = 1
  for (const { left } of places)
    for (const l of left) known *= Math.pow(1 - Math.min(1, l.stages[2]), l.count)
  const weights = places[0]?.rate.weights ?? []
  let [mean, square] = [0, 0]
  weights.forEach((weight, k) => {
    let [here, spread] = [0, 0]
    for (const { rate, unseen } of places) {
      const each = rate.scales[k]! * unseen[2]
      here += rate.shape * each
      spread += rate.shape * each * each
    }
    mean += weight * here
    square += weight * (spread + here * here)
  })
  if (mean <= 0) return [1 - known, 1 - known]
  const sd = Math.sqrt(Math.log(Math.max(1, square / (mean * mean))))
  const at = (z: number) => 1 - known * Math.exp(-mean * Math.exp(z * sd - (sd * sd) / 2))
  return [at(-EIGHT_IN_TEN), at(EIGHT_IN_TEN)]
}

/** Words for the five states the map draws, from open to knotting, and for a place nobody has met. */
export const SHADE_IDS = ['open', 'combed', 'filling', 'catching', 'knotting', 'unmet'] as const
export type Shade = 0 | 1 | 2 | 3 | 4 | 5
export const UNMET_SHADE = 5
/**
 * Chance of a mat from which a place is drawn in each of the upper four states. Forty-one places at
 * the third make a mat somewhere more likely than not, so the whole dog looks it (judgement).
 */
const SHADE_FROM = [0.003, 0.01, 0.028, 0.07]

/** How densely a place is drawn, 0 (open) to 4 (knotting). */
export const shadeOf = (chance: number): Shade => SHADE_FROM.filter((from) => chance >= from).length as Shade

/** Chances that of what is expected in some places none forms, one, or more. */
export type HowMany = readonly [none: number, one: number, more: number]

/**
 * How many there will be in all, where each place expects so many at θ = 1: a Gamma mixture of
 * Poisson counts in each, taken as independent of one another.
 */
export function howMany(places: readonly { rate: Rate; expected: number }[]): HowMany {
  let none = 1
  let odds = 0
  for (const { rate, expected } of places) {
    if (!expected) continue
    const zero = chanceOfNone(rate, expected)
    none *= zero
    odds += chanceOfOne(rate, expected) / zero
  }
  const one = Math.min(1 - none, none * odds)
  return [none, one, Math.max(0, 1 - none - one)]
}
