import { sharedOf } from '../../core/learn/shared-counts'
import type { Shared } from '../../core/learn/shared-counts'
import type { Day } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { coatOn } from '../../core/record/fold'
import type { Profile } from '../../core/record/profile'
import { dogFile, dogsOf } from '../services/dogs'

export interface CountsAsked {
  householdId: string
  day: Day
}

/** Whatever a dog goes by, its exposures are told as coats are taken to be. */
const asTaken = <T extends Partial<Pick<Profile, 'like'>>>({ like: _like, ...rest }: T) => rest
const entryAsTaken = (e: Entry): Entry =>
  e.what.kind === 'dog' ? ({ ...e, what: asTaken(e.what) } as Entry) : e

/** A household's sums by coat type and class of place: what it shares, and nothing else. */
export default async function sharedCounts({ householdId, day }: CountsAsked): Promise<Shared[]> {
  const by = new Map<Shared['coat'], Parameters<typeof sharedOf>[0][number][]>()
  for (const { id } of await dogsOf(householdId)) {
    const { profile, began, entries } = await dogFile(householdId, id)
    const coat = coatOn(
      {
        profile: asTaken(profile) as Profile,
        ...(began ? { began: asTaken(began) as Profile } : {}),
        entries: entries.map(entryAsTaken),
      },
      day,
    )
    by.set(coat.profile.coat, [...(by.get(coat.profile.coat) ?? []), ...coat.places])
  }
  return [...by].map(([coat, places]) => ({ coat, classes: sharedOf(places) }))
}
