import type { Day } from './day'
import type { DatedFact, FactOf } from './entries'
import type { DogRecord } from './fold'
import { shortWeekday } from './say-day'
import { timeline } from './timeline'
import { endsStretch } from './visits'

/** Days a groomer gave that nobody has answered, the ones that are still to come. */
export interface Proposed {
  id: string
  /** When they were given, and by whom. */
  on: Day
  from: string
  days: readonly Day[]
  says?: string | undefined
}

/** How the next visit came to be when it is: what was told of it, and what is asked. */
export interface NextVisit {
  /** It was moved or called off since it was booked, this day. */
  moved: { on: Day; from: Day; to: Day | null } | null
  proposed: Proposed | null
}

/** What is true from a day on stands before all else of that day; here it counts when it was told. */
const asMade = (facts: readonly DatedFact[]) =>
  facts
    .filter((f) => f.what.kind === 'dog' || f.what.kind === 'proposed' || f.what.kind === 'visit')
    .sort((a, b) => (a.day !== b.day ? (a.day < b.day ? -1 : 1) : a.id < b.id ? -1 : 1))

/**
 * What became of the next visit. A proposal is over once a visit is booked, called off or made after it; a visit that
 * was moved twice was moved from where it stood before the last time.
 */
export function nextVisitOf({ began, profile, entries }: DogRecord, at: Day): NextVisit {
  let booked: Day | null = (began ?? profile).nextVisit ?? null
  let [moved, proposed]: [NextVisit['moved'], Proposed | null] = [null, null]
  for (const { id, day, what } of asMade(timeline(entries))) {
    if (day > at) break
    if (what.kind === 'dog' && what.nextVisit !== undefined) {
      const to: Day | null = what.nextVisit
      if (to === booked) continue
      proposed = null
      // A day that is past was not moved: the visit was, or was not kept.
      moved = booked && booked >= day ? { on: day, from: booked, to } : null
      booked = to
    } else if (what.kind === 'proposed') proposed = asProposed(id, day, what)
    else if (endsStretch(what))
      [moved, proposed, booked] = [null, null, booked && booked > day ? booked : null]
  }
  const days = proposed?.days.filter((d) => d > at) ?? []
  return { moved, proposed: proposed && days.length ? { ...proposed, days } : null }
}
/** Days a groomer gave, as a question to the owner or as what is still open. */
export const sayProposed = (
  { from, days, says }: Pick<Proposed, 'from' | 'days' | 'says'>,
  name: string,
): string =>
  `${from} could take ${name} on ${days
    .map((d) => shortWeekday(d))
    .join(', ')
    .replace(/, ([^,]*)$/, ' or $1')}${says ? `: ${says}` : ''}`
const asProposed = (id: string, on: Day, { from, days, says }: FactOf<'proposed'>): Proposed => ({
  id,
  on,
  from,
  days: [...days].sort(),
  says,
})
