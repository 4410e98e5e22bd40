import { earlyMinutes, lateMinutes } from '../due/care-units'
import type { CareUnit } from '../due/care-units'
import { daysBetween } from '../record/day'
import type { Day } from '../record/day'
import type { PlannedCare } from '../record/entries'

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
  /** It goes quicker on a clean coat. */
  wantsClean: boolean
}

/** Of the combing of a bath day so much is done while the coat is dried, at most as much of the drying (judgement). */
export const COMBED_WHILE_DRYING = 0.5

/**
 * The days after a bath on which the coat is clean and nails are soft, and the share of its minutes a tidy is spared
 * then. A day's minutes are counted without it (judgement).
 */
export const CLEAN_DAYS = 3
const CLEAN_SPARES = 0.2

/** Minutes of each day as they cost: fewer while the coat is clean. */
export const onCleanCoat = (
  term: CareTerm,
  dayAt: readonly number[],
  minutes: Float64Array,
  clean: ReadonlySet<number>,
) => (term.wantsClean ? minutes.map((m, k) => (clean.has(dayAt[k]!) ? m * (1 - CLEAN_SPARES) : m)) : minutes)

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
 * Minutes it takes so many days from now. While only some of its parts wait, the first time takes theirs; it is over
 * before half its interval is (judgement).
 * @param combed minutes of combing that day
 */
const minutesThen = (
  { every, minutes, firstMinutes, drying }: Pick<CareTerm, 'every' | 'minutes' | 'firstMinutes' | 'drying'>,
  days: number,
  combed: number,
): number => (days < every / 2 ? firstMinutes : minutes) - COMBED_WHILE_DRYING * Math.min(drying, combed)

/** Minutes of each day it could be done on. */
export const careMinutesOn = (term: CareTerm, dayAt: readonly number[], combed: (k: number) => number) =>
  Float64Array.from(dayAt, (d, k) => minutesThen(term, d, combed(k)))

/**
 * Minutes of care on each day of a plan from a day on, laying out left out.
 * @param combed minutes of combing on a day
 */
export function careMinutesByDay(
  planned: readonly PlannedCare[],
  units: readonly CareUnit[],
  at: Day,
  combed: (day: Day) => number,
): Map<Day, number> {
  const by = new Map<Day, number>()
  for (const { day, unit } of planned) {
    const u = units.find((x) => x.unit === unit)
    if (u && day >= at) by.set(day, (by.get(day) ?? 0) + minutesThen(u, daysBetween(at, day), combed(day)))
  }
  return by
}
