import type { Stages } from '../coat/knots'
import { CLEAR, stepStages } from '../coat/knots'

/**
 * What is known of a coat nobody has written of: when a comb last went through all of it, and what a hand
 * feels now. It is a guess, held wider than what was counted, until the comb has met a place.
 */

/** When a comb last went through all of it to the skin, as an owner would say it. */
export const COMBED_TOLD = ['this-week', 'weeks', 'months', 'never'] as const
export type CombedTold = (typeof COMBED_TOLD)[number]
/** Days each is taken for: the middle of what people mean by it (judgement). */
const COMBED_TOLD_DAYS: Record<CombedTold, number> = {
  'this-week': 4,
  weeks: 28,
  months: 100,
  never: 180,
}

/** What a flat hand feels, over the whole dog. */
export const HAND_FEELS = ['nothing', 'lumps', 'many', 'sheet'] as const
export type HandFeels = (typeof HAND_FEELS)[number]
/**
 * How many times as many tight knots and mats there are as the days alone would say. A hand misses what the
 * comb finds, so nothing felt is not nothing; a loose tangle is not felt at all (judgement).
 */
const FELT_TIMES: Record<HandFeels, number> = { nothing: 0.4, lumps: 1, many: 2.5, sheet: 5 }

/** A dog's first coat cannot have gone uncombed for longer than the dog has lived; days in a month. */
const DAYS_A_MONTH = 30.4

/** Days since the comb went through, as told. @param months the dog's age, null where nobody knows */
export const toldUncombed = (combed: CombedTold, months: number | null): number =>
  Math.round(
    Math.min(COMBED_TOLD_DAYS[combed], months === null ? Infinity : Math.max(1, months) * DAYS_A_MONTH),
  )

/**
 * Knots to expect in a place so long uncombed, had it been as long all that while, at θ = 1.
 * @param born knots a day there now
 * @param mu how fast knots tighten, 1/day
 */
export function expectedByHand(born: number, mu: number, days: number, feels: HandFeels): Stages {
  const [tangles, knots, mats] = stepStages(CLEAR, born, mu, days)
  const times = FELT_TIMES[feels]
  return [tangles, knots * times, mats * times]
}

/**
 * How much a whole coat of guessed knots teaches once it is counted, in knots expected: as much as what is
 * held of a dog before anything is known, and no more, for the days told may be out by as much as the dog is
 * (judgement).
 */
const A_GUESS_TEACHES = 6

/** The share of a count that teaches, where so many knots of the whole coat were guessed. */
export const guessTeaches = (guessedOverDog: number): number =>
  A_GUESS_TEACHES / (A_GUESS_TEACHES + guessedOverDog)
