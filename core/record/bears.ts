import { SESSION_ENOUGH, YOUNG_MONTHS } from '../coat/minutes'
import type { Comfort } from './findings'

/**
 * Minutes a dog is asked to bear at one go, from step to step (judgement): a young one, or one that is only learning
 * the table, begins at the first; past the last it is asked for whatever its owner has.
 */
const BEARS_STEPS = [SESSION_ENOUGH.young, 6, 8, 10, 12, 15, 20, 25, 30, 40] as const
/** A session that came to less than this share of what is asked says nothing of whether more would be borne (judgement). */
const LONG_ENOUGH = 0.8
/** A session ended for the dog's sake is asked for shorter: this share of what it came to (judgement). */
const SHORTER = 0.8

/** What a dog has been found to bear: minutes at one go, null while nothing holds it back. */
export interface Bears {
  minutes: number | null
  /** How the last places of the session at hand were borne. */
  lately: readonly Comfort[]
  /** Sessions running that ended fidgety. */
  fidgety: number
}
export const bearsFrom = (monthsOld: number | null): Bears => ({
  minutes: monthsOld !== null && monthsOld < YOUNG_MONTHS ? BEARS_STEPS[0] : null,
  lately: [],
  fidgety: 0,
})

export const bearsComfort = (b: Bears, comfort: Comfort): Bears => ({
  ...b,
  lately: [...b.lately, comfort].slice(-2),
})
/** One learning the table begins with the first step. */
export const bearsTable = (b: Bears): Bears => ({ ...b, minutes: b.minutes ?? BEARS_STEPS[0] })

/**
 * A session has ended after so many minutes. One that ended well says that so much is borne, and not how much more
 * would be: a step up, once it was as long as was asked. One the dog ended says where it had enough.
 */
export function bearsSession(b: Bears, minutes: number): Bears {
  const least = BEARS_STEPS[0]
  const rest = { lately: [], fidgety: 0 }
  if (b.lately.at(-1) === 'stopped')
    return {
      ...rest,
      minutes: Math.max(least, Math.min(b.minutes ?? Infinity, Math.floor(SHORTER * minutes))),
    }
  if (b.lately.length === 2 && b.lately.every((c) => c === 'fidgety')) {
    const again = b.fidgety + 1
    // Once is a bad day; twice running is as much as it bears.
    const held = again > 1 ? Math.max(least, Math.min(b.minutes ?? Infinity, Math.floor(minutes))) : b.minutes
    return { ...rest, fidgety: again, minutes: held }
  }
  if (b.minutes === null || minutes < LONG_ENOUGH * b.minutes) return { ...rest, minutes: b.minutes }
  const { minutes: now } = b
  return { ...rest, minutes: BEARS_STEPS.find((step) => step > now) ?? null }
}
