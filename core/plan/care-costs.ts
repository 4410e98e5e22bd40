import { earlyMinutes, lateMinutes } from '../due/care-units'

/** Care as a plan weighs it: what it costs by when it is done. */
export interface CareTerm {
  /** Days since it was last done, and to which it is held. */
  since: number
  every: number
  hurts: number
  minutes: number
  firstMinutes: number
  /** Of those, drying after a bath. */
  drying: number
  refused: boolean
  /** Units that are combed the same day. */
  needs: readonly number[]
}

/** Of the combing of a bath day so much is done while the coat is dried, at most as much of the drying (judgement). */
export const COMBED_WHILE_DRYING = 0.5

/**
 * What a kind of care costs from each time it is done to the next: its minutes, what being late costs and being
 * too soon. Past the end nothing is asked but that it not be late by then.
 * @param dayAt day of each node between, as a problem counts them
 * @param minutes of each day
 * @param must whether it is done on each day whatever it costs
 */
export function careCost(
  term: CareTerm,
  dayAt: readonly number[],
  days: number,
  minutes: ArrayLike<number>,
  must: readonly boolean[],
): Float64Array<ArrayBuffer> {
  const K = dayAt.length
  const nodes = K + 2
  const cost = new Float64Array(nodes * nodes).fill(Infinity)
  for (let i = 0; i < nodes - 1; i++) {
    const since = i === 0 ? -term.since : dayAt[i - 1]!
    for (let j = i + 1; j < nodes; j++) {
      const end = j === nodes - 1
      const gap = (end ? days : dayAt[j - 1]!) - since
      const soon = end ? 0 : earlyMinutes(gap, term.every) + minutes[j - 1]!
      cost[j * nodes + i] = lateMinutes(gap, term.every, term.hurts) + soon
      if (!end && must[j - 1]) break
    }
  }
  return cost
}

/**
 * Minutes of each day it could be done on. While only some of its parts wait, the first time takes theirs; it is over
 * before half its interval is (judgement).
 */
export const careMinutesOn = (term: CareTerm, dayAt: readonly number[], combed: (k: number) => number) =>
  Float64Array.from(dayAt, (d, k) => {
    const minutes = d < term.every / 2 ? term.firstMinutes : term.minutes
    return minutes - COMBED_WHILE_DRYING * Math.min(term.drying, combed(k))
  })
