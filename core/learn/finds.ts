import { lnChanceOf } from './counts'
import type { Learned } from './normal'

/**
 * How much of what is there this owner's comb finds: s, learned from what a groomer, who goes through all of it, still meets
 * within days of it. What a comb misses it finds another time, so that over the weeks it finds as many as come; then of what
 * it was to find, (1 − s) ⁄ s as many are there still when it is done.
 */

/** Before any such visit: one knot in twelve is missed, and hardly anybody misses one in four (Beta(11, 1); judgement). */
const FINDS = 11
const [LEAST, NODES] = [0.3, 140]
const SHARES = Array.from({ length: NODES }, (_, k) => LEAST + ((k + 0.5) * (1 - LEAST)) / NODES)

/** What visits came to: what they say at each share, as logarithms, and what was to be found and was missed in all. */
export interface Finds {
  logs: readonly number[]
  times: number
  through: number
  missed: number
}
export const NOTHING_FOUND_AFTER: Finds = {
  logs: SHARES.map((s) => (FINDS - 1) * Math.log(s)),
  times: 0,
  through: 0,
  missed: 0,
}

/** Places a comb went through shortly before a visit: what it was to find there, and what was to be found of what came since. */
export interface Through {
  through: number
  since: number
  /** Of the Gamma their rate is held as. */
  shape: number
}

/**
 * One more visit. Where nothing was met nobody may have said so: of those that met something it counts how much.
 * @param met knots the groomer met in those places, less those known to be there
 */
export function metAfter(held: Finds, met: number, { through, since, shape }: Through): Finds {
  return {
    times: held.times + 1,
    through: held.through + through,
    missed: held.missed + met - since,
    logs: held.logs.map((log, k) => {
      const s = SHARES[k]!
      const mean = since + ((1 - s) / s) * through
      const all = { mean, variance: mean + (mean * mean) / shape }
      return log + lnChanceOf(met, all) - (met ? Math.log(-Math.expm1(lnChanceOf(0, all))) : 0)
    }),
  }
}

/** What is held of the share: its mean, and where it lies four times in five. */
export function findsOf({ logs }: Pick<Finds, 'logs'>): { mean: number; likely: [number, number] } {
  const top = Math.max(...logs)
  const weights = logs.map((l) => Math.exp(l - top))
  const all = weights.reduce((s, w) => s + w, 0)
  const width = (1 - LEAST) / NODES
  const at = (p: number) => {
    let sum = 0
    for (let k = 0; k < NODES; k++) {
      const here = weights[k]! / all
      if (sum + here >= p) return LEAST + width * (k + (p - sum) / here)
      sum += here
    }
    return 1
  }
  return {
    mean: weights.reduce((sum, w, k) => sum + (w / all) * SHARES[k]!, 0),
    likely: [at(0.1), at(0.9)],
  }
}
/** What is held with nothing seen. */
export const FINDS_PRIOR = findsOf(NOTHING_FOUND_AFTER)

export function learnedFinds(held: Finds): Learned {
  const { mean, likely } = findsOf(held)
  return {
    prior: FINDS_PRIOR.mean,
    seen: held.times
      ? { mean: held.through / (held.through + Math.max(0, held.missed)), times: held.times }
      : null,
    now: mean,
    interval: likely,
    telling: likely[0] > FINDS_PRIOR.mean || likely[1] < FINDS_PRIOR.mean,
  }
}
