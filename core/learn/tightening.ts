import { meanOn } from './grid'

/**
 * How fast this dog's tangles tighten, as times what coats like it do: τ, learned from the stage knots are found at after
 * a known gap. Of knots begun evenly over a gap of t days the shares of each stage are those of the model's formulas at
 * x = μτt; of n found together the worst is what a check tells. ln τ is held on a grid.
 */

/** What is held of ln τ before anything was found: most dogs within half as fast again either way (judgement). */
const PRIOR_SD = 0.4
const [LEAST, MOST, NODES] = [-1.6, 1.2, 57]
const STEP = (MOST - LEAST) / (NODES - 1)
const LN_TAU = Array.from({ length: NODES }, (_, k) => LEAST + k * STEP)
const TAU = LN_TAU.map(Math.exp)
/** The mean of τ is 1 while nothing was found. */
const CENTRE = -(PRIOR_SD * PRIOR_SD) / 2
const PRIOR = LN_TAU.map((u) => -((u - CENTRE) ** 2) / (2 * PRIOR_SD * PRIOR_SD))

/** Checks that told something of it, and what they say at each node, as logarithms. */
export interface Tightening {
  logs: readonly number[]
  times: number
}
export const NOTHING_TIGHTENED: Tightening = { logs: PRIOR, times: 0 }

/** Stages a check may call the worst it met: a tangle, a tight knot, a mat. */
export type Stage = 0 | 1 | 2

/** Share of knots begun evenly over a gap that are no further than a stage at its end, x = μτt. */
function noFurther(stage: Stage, x: number): number {
  if (stage === 2) return 1
  const stay = Math.exp(-x)
  const loose = (1 - stay) / x
  return stage === 0 ? loose : loose + (1 - stay * (1 + x)) / x
}
/** No count of a kind is beyond all belief: people call one the other (judgement). */
const MISCALLED = 0.02

/** One more check. @param gap days since a comb was there, times μ */
export function tightened(held: Tightening, stage: Stage, count: number, gap: number): Tightening {
  return {
    times: held.times + 1,
    logs: held.logs.map((log, k) => {
      const x = gap * TAU[k]!
      const below = stage ? noFurther((stage - 1) as Stage, x) ** count : 0
      return log + Math.log(MISCALLED / 3 + (1 - MISCALLED) * (noFurther(stage, x) ** count - below))
    }),
  }
}

/** Mean of τ. */
export const tauOf = ({ logs }: Pick<Tightening, 'logs'>): number => meanOn(TAU, logs)
/** Mean of τ with nothing found, by which all is divided: 1 but for the grid's ends. */
export const TAU_PRIOR = tauOf(NOTHING_TIGHTENED)
/** τ at a place among the nodes. */
export const tauAt = (node: number): number => Math.exp(LEAST + node * STEP)
