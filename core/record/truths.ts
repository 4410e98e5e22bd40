import type { Day } from './day'
import type { Entry, FactOf } from './entries'
import type { Profile } from './profile'
import { timeline } from './timeline'

/** A dog as it is once something has become true of it. Everything else stays as it was. */
export function become(
  profile: Profile,
  { kind: _kind, nextVisit, ears, ground, ...more }: FactOf<'dog'>,
): Profile {
  const next: Profile = { ...profile, ...(more as Partial<Profile>) }
  if (nextVisit === null) delete next.nextVisit
  else if (nextVisit !== undefined) next.nextVisit = nextVisit
  if (ears !== undefined || ground !== undefined)
    next.habits = { ...next.habits, ...(ears ? { ears } : {}), ...(ground ? { ground } : {}) }
  return next
}

/**
 * A dog as it is on a day: as it was when its record began, and what has become true since. A record of before
 * facts had days is what was true from its first day.
 * @param at up to and with this day; to the last there is where it is left out
 */
export function profileOn(began: Profile, entries: readonly Entry[], at?: Day): Profile {
  let profile = began
  for (const { day, what } of timeline(entries)) {
    if (at !== undefined && day > at) break
    if (what.kind === 'dog') profile = become(profile, what)
    // What works on it is told by whoever had it on the table, too.
    else if (what.kind === 'visit' && what.works?.length) {
      const { works } = what
      const others = (profile.works ?? []).filter((w) => !works.some((n) => n.place === w.place))
      profile = { ...profile, works: [...others, ...works] }
    }
  }
  return profile
}
