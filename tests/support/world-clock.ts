import { gammaCdf } from '../../core/learn/gamma'

/**
 * Knots that tighten by a Gamma clock of shape 2: from stage to stage two steps, each exponential and twice as fast as the
 * stage as a whole. What is to be expected at each step is moved over a day exactly.
 */

/** Steps from stage to stage. */
export const CLOCK_SHAPE = 2
const STEPS = 2 * CLOCK_SHAPE
/** Expected numbers at each step, those matted last. */
export type Steps = readonly number[]
export const NO_STEPS: Steps = Array.from({ length: STEPS + 1 }, () => 0)
export const mattedOf = (n: Steps): number => n[STEPS]!

/** A day on. @param born knots that begin in its course @param perDay stages a day, each */
export function aDayOn(n: Steps, born: number, perDay: number): Steps {
  const each = CLOCK_SHAPE * perDay
  // Chance of k steps in a day, and in what is left of it when one is born.
  const made: number[] = []
  const since: number[] = []
  for (let k = 0, p = Math.exp(-each); k < STEPS; k++, p *= each / k) {
    made.push(p)
    since.push(gammaCdf(k + 1, each) / each)
  }
  const out = NO_STEPS.map((_, to) =>
    to === STEPS ? 0 : made.slice(0, to + 1).reduce((s, p, k) => s + p * n[to - k]!, born * since[to]!),
  )
  const all = n.reduce((s, x) => s + x, born)
  out[STEPS] = all - out.reduce((s, x) => s + x, 0)
  return out
}
