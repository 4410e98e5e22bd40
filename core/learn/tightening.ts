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
      const x = gap * Math.exp(LN_TAU[k]!)
      const below = stage ? noFurther((stage - 1) as Stage, x) ** count : 0
      return log + Math.log(MISCALLED / 3 + (1 - MISCALLED) * (noFurther(stage, x) ** count - below))
    }),
  }
}

/** What is held of τ: its mean, and where it lies four times in five. */
export function tauOf({ logs }: Tightening): { mean: number; likely: [number, number] } {
  const top = Math.max(...logs)
  const weights = logs.map((l) => Math.exp(l - top))
  const all = weights.reduce((s, w) => s + w, 0)
  const at = (p: number) => {
    let sum = 0
    for (let k = 0; k < NODES; k++) {
      const here = weights[k]! / all
      // Each node stands for what is half a step either way.
      if (sum + here >= p) return Math.exp(LN_TAU[k]! + STEP * ((p - sum) / here - 0.5))
      sum += here
    }
    return Math.exp(MOST)
  }
  return {
    mean: weights.reduce((s, w, k) => s + (w / all) * Math.exp(LN_TAU[k]!), 0),
    likely: [at(0.1), at(0.9)],
  }
}
/** Mean of τ with nothing found, by which all is divided: 1 but for the grid's ends. */
export const TAU_PRIOR = tauOf(NOTHING_TIGHTENED)
