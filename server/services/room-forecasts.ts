import type { Arrival } from '../../core/care/note/arrival'
import { daysBetween } from '../../core/record/day'
import type { Day } from '../../core/record/day'
import { forecastOf, takeUpForecast } from './forecasts'

/** Forecasts asked for at once by one list (judgement). */
const AT_ONCE = 4

/**
 * A forecast of a day gone by says nearly the same until something is written, so only those that
 * come soon are worked out anew each day; the others once a week (judgement).
 */
const SOON_DAYS = 14
const OLD_DAYS = 7
export function isOld(day: Day | null, today: Day, visit: Day | null): boolean {
  if (!day) return true
  const soon = visit !== null && daysBetween(today, visit) <= SOON_DAYS
  return daysBetween(day, today) >= (soon ? 1 : OLD_DAYS)
}

export interface Stale {
  householdId: string
  dogId: string
  day: string
}
/** A dog's id is its household's own affair: two may have one of the same. */
export const keyOf = ({ householdId, dogId }: Pick<Stale, 'householdId' | 'dogId'>) =>
  `${householdId}/${dogId}`

/** What this process is working out, by dog: each once, however often its list is looked at. */
const underWay = new Set<string>()
/** Works these out, a few at a time; those another process is at are left to it. @param done tells of each */
export async function workOutAll(stale: readonly Stale[], done: (s: Stale, arrival: Arrival) => void) {
  const left = stale.filter((s) => !underWay.has(keyOf(s)))
  for (const s of left) underWay.add(keyOf(s))
  const work = async () => {
    for (let s = left.shift(); s; s = left.shift()) {
      const { householdId, dogId, day } = s
      try {
        if (await takeUpForecast(householdId, dogId)) done(s, await forecastOf({ householdId, dogId, day }))
      } catch {
        // The dog may be gone; if not, the next look tries again.
      } finally {
        underWay.delete(keyOf(s))
      }
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, work))
}
