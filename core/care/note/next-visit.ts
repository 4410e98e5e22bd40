import { addDays } from '../../record/day'
import type { Day } from '../../record/day'
import { matsIn } from '../../record/findings'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'
import { expectedMats } from '../../record/odds'
import type { Entry, FactOf } from '../../record/entries'
import { playAhead } from '../../plan/kept'

/** Fewest and most weeks to the next visit (common practice, no source). */
export const VISIT_WEEKS = { least: 4, most: 12 } as const
/** Weeks the odds are told of. */
const TOLD_WEEKS = [4, 6, 8] as const
/** Chance of a mat anywhere that is still worth the wait (judgement). */
const EVEN = 0.5

export interface Suggestion {
  day: Day
  weeks: number
  /** Chance of a mat anywhere, were the dog to come after so many weeks. */
  odds: { weeks: number; day: Day; chance: number }[]
  /** Mats forecast for this visit as the record stood, and those found. */
  forecast: number
  found: number
}

/** A visit as an entry of the record. */
export type VisitEntry = Entry & { what: FactOf<'visit'> }

/**
 * When to come again: the most whole weeks for which a mat anywhere stays less likely than not, the
 * coat as this visit leaves it, what was found learned from, and the owner's minutes kept.
 * @param visit the visit as it is being entered, of day `entry.day`
 */
export function suggestVisit(record: DogRecord, entry: VisitEntry): Suggestion {
  const { day, what } = entry
  const before = coatOn(record, day)
  const after = coatOn({ ...record, entries: [...record.entries, entry] }, day)
  const { chances } = playAhead(after, addDays(day, 7 * VISIT_WEEKS.most))
  let weeks: number = VISIT_WEEKS.least
  while (weeks < VISIT_WEEKS.most && chances[7 * (weeks + 1)]! < EVEN) weeks += 1
  return {
    day: addDays(day, 7 * weeks),
    weeks,
    odds: TOLD_WEEKS.map((w) => ({ weeks: w, day: addDays(day, 7 * w), chance: chances[7 * w]! })),
    forecast: before.places.reduce((sum, p) => sum + expectedMats(p), 0),
    found: what.found.reduce((sum, f) => sum + matsIn(f), 0),
  }
}
