import { gammaCdf } from './gamma'
import { normalised } from './grid'

/**
 * How readily this dog's places knot, against what its coat type says: θ_r = φ · ψ_r, φ the dog and
 * ψ_r the place. Counts of knots born over a known expected exposure Λ_r are Poisson(θ_r Λ_r).
 * Given φ the places are Gamma–Poisson and in closed form; φ is summed over a fixed quadrature.
 */

/** What the comb checks of a place have come to. */
export interface Seen {
  /** Knots born since the checks before, as counted. */
  count: number
  /** Knots that coats like this one would have had in that time: Λ, at θ = 1. */
  exposure: number
}
export const NOTHING_SEEN: Seen = { count: 0, exposure: 0 }

/** What is held of θ for one place: given node k, θ is `scales[k]` times a Gamma(shape, 1). */
export interface Rate {
  shape: number
  scales: readonly number[]
  weights: readonly number[]
  /** Mean of θ. */
  mean: number
}

/** Shape and rate of the priors: the dog, mean 1, sd 0.41; the place, mean 1, sd 0.58 (judgement). */
export const DOG = 6
export const PLACE = 3

/** Nodes for φ, evenly apart in ln φ, and the prior's weight at each. */
const NODES = 65
const [LEAST, MOST] = [0.03, 8]
const PHI = Array.from({ length: NODES }, (_, k) => LEAST * Math.pow(MOST / LEAST, k / (NODES - 1)))
const PRIOR = normalised(PHI.map((phi) => DOG * Math.log(phi) - DOG * phi))

const LOG_PHI = PHI.map(Math.log)
const LOG_PRIOR = PRIOR.map(Math.log)

/** What one place's checks say at each node: their likelihood, as logarithms, and the scales of θ. */
interface Said {
  logs: readonly number[]
  scales: readonly number[]
}
/** From one day to the next few places are checked: what the others' checks say is worked out once. */
const saidBy = new WeakMap<Seen, Said>()
function said(seen: Seen): Said {
  let told = saidBy.get(seen)
  if (!told) {
    const { count, exposure } = seen
    told = {
      logs: PHI.map((phi, k) => count * LOG_PHI[k]! - (PLACE + count) * Math.log(PLACE + phi * exposure)),
      scales: PHI.map((phi) => phi / (PLACE + phi * exposure)),
    }
    saidBy.set(seen, told)
  }
  return told
}

/** The weights of φ once every place's checks are in. With nothing seen they are the prior's own. */
function dogWeights(places: readonly Seen[]): readonly number[] {
  if (places.every((p) => p.count === 0 && p.exposure === 0)) return PRIOR
  const logs = [...LOG_PRIOR]
  for (const p of places) {
    const here = said(p).logs
    for (let k = 0; k < NODES; k++) logs[k] = logs[k]! + here[k]!
  }
  return normalised(logs)
}

/** What is held of each place, from what was seen of all of them. Same order as given. */
export function learnRates(places: readonly Seen[]): Rate[] {
  const weights = dogWeights(places)
  return places.map((seen) => {
    const shape = PLACE + seen.count
    const { scales } = said(seen)
    const mean = shape * scales.reduce((sum, scale, k) => sum + weights[k]! * scale, 0)
    return { shape, scales, weights, mean }
  })
}

/** What is held of any place before anything was seen. */
export const PRIOR_RATE: Rate = learnRates([NOTHING_SEEN])[0]!

/** How far a guess may be out, as the shape of a Gamma of mean 1: sd 0.71 (judgement). */
const GUESS = 2
/**
 * What is held of a place where the knots to expect were guessed, not reckoned from a comb: as widely again.
 * The product of two Gammas, taken as a Gamma of the same mean and variance.
 */
export function widened(rate: Rate): Rate {
  const shape = 1 / ((1 + 1 / rate.shape) * (1 + 1 / GUESS) - 1)
  return { ...rate, shape, scales: rate.scales.map((s) => (s * rate.shape) / shape) }
}

const mixed = (rate: Rate, of: (scale: number) => number) =>
  rate.scales.reduce((sum, scale, k) => sum + rate.weights[k]! * of(scale), 0)

/** Chance that none is there, where `expected` would be at θ = 1: E[exp(−θ · expected)]. */
export const chanceOfNone = (rate: Rate, expected: number): number =>
  // The weights sum to 1 but for rounding, and a chance must not pass 1 by that.
  Math.min(
    1,
    mixed(rate, (scale) => Math.pow(1 + scale * expected, -rate.shape)),
  )

/** Chance that just one is there, where `expected` would be at θ = 1: one count of the same mixture. */
export const chanceOfOne = (rate: Rate, expected: number): number =>
  mixed(rate, (scale) => (rate.shape * scale * expected) / Math.pow(1 + scale * expected, rate.shape + 1))

/** The value θ is below with chance `p`. */
export function rateQuantile(rate: Rate, p: number): number {
  let [low, high] = [0, 60]
  for (let i = 0; i < 60; i++) {
    const x = (low + high) / 2
    if (mixed(rate, (scale) => gammaCdf(rate.shape, x / scale)) < p) low = x
    else high = x
  }
  return (low + high) / 2
}

/** Four times in five θ lies within these. */
export const rateInterval = (rate: Rate): [number, number] => [
  rateQuantile(rate, 0.1),
  rateQuantile(rate, 0.9),
]
