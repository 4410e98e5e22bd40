import { lnChanceOf } from './counts'
import { meanOn } from './grid'

/**
 * How much of what is there this owner's comb finds: s, learned from what a groomer, who goes through all of it, still meets
 * within days of it. What a comb misses it finds another time, so that over the weeks it finds as many as come; then of what
 * it was to find, (1 − s) ⁄ s as many are there still when it is done.
 */

/** Before any such visit: one knot in twelve is missed, and hardly anybody misses one in four (Beta(11, 1); judgement). */
const FINDS = 11
const [LEAST, NODES] = [0.3, 140]
/** The share at a place among the nodes. */
export const shareAt = (node: number): number => LEAST + ((node + 0.5) * (1 - LEAST)) / NODES
const SHARES = Array.from({ length: NODES }, (_, k) => shareAt(k))

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

/** Mean of the share. */
export const findsOf = ({ logs }: Pick<Finds, 'logs'>): number => meanOn(SHARES, logs)
/** With nothing seen. */
export const FINDS_PRIOR = findsOf(NOTHING_FOUND_AFTER)
