import { SETUP_MINUTES } from '../coat/minutes'
import { addDays, daysBetween, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Profile } from '../record/profile'

/** How far ahead the chances look where no day has time for a session, days (judgement). */
const LOOK_AHEAD_DAYS = 7
/** The day the chances on the map and in the plan look ahead to: the next session, or the visit if sooner. */
export function lookAhead(profile: Profile, at: Day): Day {
  const next = nextSession(profile, at) ?? addDays(at, LOOK_AHEAD_DAYS)
  const visit = profile.nextVisit
  return visit && visit > at && visit < next ? visit : next
}

/** The next day after `at` on which the owner has time for a session; null if no day has any. */
export function nextSession(profile: Profile, at: Day): Day | null {
  for (let n = 1; n <= 7; n++) {
    const day = addDays(at, n)
    if ((profile.minutes[weekday(day)] ?? 0) > SETUP_MINUTES) return day
  }
  return null
}

/**
 * The day a place's worth is judged at: what waiting until then would cost. That is the next session,
 * as the place can be combed then; at least two days on, as not everything fits into that one either.
 * Judgement, from playing the plan over eight weeks of four coats: the least minutes plus mats, at
 * what a mat is worth, came at two.
 */
const JUDGED_AT_LEAST_DAYS = 2
export function judgedAt(profile: Profile, at: Day): Day {
  const next = nextSession(profile, at)
  return next
    ? addDays(at, Math.max(JUDGED_AT_LEAST_DAYS, daysBetween(at, next)))
    : addDays(at, LOOK_AHEAD_DAYS)
}
