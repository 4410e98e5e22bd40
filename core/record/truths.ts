import type { Day } from './day'
import type { Entry, FactOf } from './entries'
import { TRUTHS } from './profile'
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
  }
  return profile
}

/** What differs from one telling of a dog to the next, of what has its day; null where nothing does. */
export function differs(before: Profile, after: Profile): FactOf<'dog'> | null {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  const changed: Record<string, unknown> = {}
  for (const key of Object.keys(TRUTHS) as (keyof typeof TRUTHS)[])
    if (after[key] !== undefined && !same(before[key], after[key])) changed[key] = after[key]
  if (before.nextVisit !== after.nextVisit) changed.nextVisit = after.nextVisit ?? null
  for (const key of ['ears', 'ground'] as const)
    if (after.habits?.[key] !== undefined && before.habits?.[key] !== after.habits[key])
      changed[key] = after.habits[key]
  return Object.keys(changed).length ? ({ kind: 'dog', ...changed } as FactOf<'dog'>) : null
}

/** The same dog with what has no day as it is told now: its name, how its owner works, what is wished. */
export function withoutDays(before: Profile, after: Profile): Profile {
  const { name, sex, since, hemisphere, breed, wish, habits } = after
  const { breed: _b, wish: _w, habits: had, ...dated } = before
  const kept = { ...habits }
  for (const key of ['ears', 'ground'] as const) {
    delete kept[key]
    Object.assign(kept, had?.[key] === undefined ? {} : { [key]: had[key] })
  }
  return {
    ...dated,
    name,
    sex,
    since,
    hemisphere,
    ...(breed === undefined ? {} : { breed }),
    ...(wish === undefined ? {} : { wish }),
    ...(Object.keys(kept).length ? { habits: kept } : {}),
  }
}
