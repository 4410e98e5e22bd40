import { shapeOf } from './counts'
import type { Held } from './counts'
import { DOG, PLACE } from './rate'
import type { Seen } from './rate'

/**
 * Whether what is found has left what is said, tried day by day: the odds of twice or half as many against what was
 * held, multiplied up. Of a right forecast they pass 1/α in one run in 1/α at most, whenever one looks (published:
 * Ville's inequality).
 */

/** Alarms raised of a forecast that is right: one run in so many, at most. */
export const FALSE_ALARMS = 1 / 20
/** What it is tried against: half, and twice, as many as were said (judgement). */
const RATIOS = [0.5, 2] as const
/** ln of the odds of each. */
export type Odds = readonly [fewer: number, more: number]
export const EVEN: Odds = [0, 0]
/** Odds beyond this, ln, are told apart no more. */
const MOST = 50

/** As many times as many straying by the same share have the same shape: of two such counts all else falls out. */
function lnOddsOf(ratio: number, found: number, { mean, variance }: Held): number {
  if (mean <= 0) return 0
  const shape = shapeOf({ mean, variance })
  return (shape + found) * Math.log((shape + mean) / (shape + ratio * mean)) + found * Math.log(ratio)
}

/** The odds after one more count. */
export const oddsAfter = ([fewer, more]: Odds, found: number, held: Held): Odds => [
  fewer + lnOddsOf(RATIOS[0], found, held),
  more + lnOddsOf(RATIOS[1], found, held),
]
/** @returns whether fewer or more come than is said; null while that may be chance */
export function drifted([fewer, more]: Odds): 'fewer' | 'more' | null {
  const together = Math.log((Math.exp(Math.min(MOST, fewer)) + Math.exp(Math.min(MOST, more))) / 2)
  if (together < -Math.log(FALSE_ALARMS)) return null
  return more > fewer ? 'more' : 'fewer'
}

/** A change as it may have come some day or other. */
interface Since {
  /** Its odds, those of every day it may have begun on summed. */
  odds: number
  /** ln of the odds that it began on the likeliest of these, and what was found and said since. */
  lately: number
  found: number
  said: number
}
/** Half and twice as many, each. */
export type Left = readonly [fewer: Since, more: Since]
const NO_DAY: Since = { odds: 0, lately: 0, found: 0, said: 0 }
export const NOT_LEFT: Left = [NO_DAY, NO_DAY]
/** Days of checks a right forecast goes on for, on average, before it is taken to have been left (judgement). */
export const LASTS = 400
/**
 * The same where nobody knows when it began: every day so far may be the first (Shiryaev 1963, Roberts 1966). A right
 * forecast goes on for so many days on average as the odds may come to (published: Pollak 1985).
 */
export function leftAfter(left: Left, found: number, held: Held): Left {
  const after = (since: Since, ratio: number): Since => {
    const ln = lnOddsOf(ratio, found, held)
    const odds = (1 + since.odds) * Math.exp(ln)
    const lately = since.lately + ln
    // It did not begin before this day.
    if (lately <= 0) return { ...NO_DAY, odds }
    return { odds, lately, found: since.found + found, said: since.said + held.mean }
  }
  return [after(left[0], RATIOS[0]), after(left[1], RATIOS[1])]
}
/** Knots said, as many found, that are counted along: few days do not make it many times (judgement). */
const STEADY = 6
/** @returns how many times as many come as was said; null while that may be chance */
export function timesNow([fewer, more]: Left): number | null {
  if ((fewer.odds + more.odds) / 2 < LASTS) return null
  const { found, said } = more.odds > fewer.odds ? more : fewer
  return (found + STEADY) / (said + STEADY)
}

/** A place a comb went through: what was seen of it before, and what was to come at θ = 1. */
export interface Combed {
  seen: Seen
  expected: number
}
/**
 * What is held of a day's count, in few steps: the dog as its mean, each place shrunk to it. `heldOf` of what
 * `learnRates` comes to is this to a few parts in a hundred.
 * @param all what was seen of all places before
 */
export function heldRoughly(all: Seen, combed: readonly Combed[]): Held {
  const phi = (DOG + all.count) / (DOG + all.exposure)
  let [mean, strays] = [0, 0]
  for (const { seen, expected } of combed) {
    const shape = PLACE + seen.count
    const here = (phi * shape * expected) / (PLACE + phi * seen.exposure)
    mean += here
    strays += (here * here) / shape
  }
  return { mean, variance: mean + strays + (mean * mean) / (DOG + all.count) }
}
