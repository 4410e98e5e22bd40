import type { Coat } from './coat'
import type { CoatState } from './coat-state'
import { dayNumber, dayOf } from './day'
import type { Day } from './day'
import type { DatedFact, Entry, FactOf } from './entries'
import { firstLengths } from './first-lengths'
import { pathOver } from './path'
import type { Path } from './path'
import type { Profile } from './profile'
import { timeline } from './timeline'

export interface DogRecord {
  /** As the dog is now. */
  profile: Profile
  /** As it was when the record began; what became true since stands in the entries. Left out, it has not changed. */
  began?: Profile | undefined
  entries: readonly Entry[]
}

/** Longest stretch of days one fold walks: ten years. */
const MOST_DAYS = 3660

/** The walk over a record to a day: one that was kept, as far as it holds. */
function pathTo(record: DogRecord, to: Day): { path: Path; last: number } {
  const facts = timeline(record.entries)
  const told = facts.slice(0, 1).filter((f) => f.day <= to)
  const first = Math.min(dayNumber(record.profile.since), ...told.map((f) => dayNumber(f.day)))
  const last = dayNumber(to)
  const start = Math.max(Math.min(first, last), last - MOST_DAYS)
  return {
    path: pathOver({
      profile: record.began ?? record.profile,
      facts,
      start,
      lengths: firstLengths(facts, to),
    }),
    last,
  }
}

/**
 * Walks to the day `last` and calls `seen` on each day from `from` on, with the first fact after that day's.
 * Past `now` nothing is recorded, so the days go by as the dog usually lives. A walk begins where an
 * earlier one over the same facts stood.
 * @param before told of each fact of those days, with the coat as it stood just before it
 */
function walk(
  path: Path,
  last: number,
  from: number,
  seen: (coat: Coat, next: number) => void,
  before?: (coat: Coat, fact: DatedFact) => void,
) {
  const { facts } = path.ground
  const { coat, next } = path.standing(Math.min(from, last))
  let i = next
  for (;;) {
    const day = dayOf(coat.today)
    path.stand(coat, i, coat.today === last)
    const asked = before && coat.today >= from
    if (asked) coat.learn()
    const gear: FactOf<'gear'>[] = []
    for (let f = facts[i]; f && f.day === day; f = facts[++i]) {
      if (f.what.kind === 'gear') gear.push(f.what)
      else {
        if (asked) before(coat, f)
        coat.apply(f)
      }
    }
    if (coat.today >= from) seen(coat.learn(), i)
    if (coat.today >= last) return
    coat.passDay(gear)
  }
}

/** The coat as the record leaves it on the morning of `at`, after that day's entries, to carry on from. */
export function coatOn(record: DogRecord, at: Day): Coat {
  const { path, last } = pathTo(record, at)
  let coat: Coat | undefined
  walk(path, last, last, (c) => (coat = c))
  return coat as Coat
}

/** The coat on the morning of `at`, after that day's entries. Everything shown comes from this. */
export const assess = (record: DogRecord, at: Day): CoatState => coatOn(record, at).state()

/**
 * The coat on each day from `from` to `to`, inclusive: as recorded, then as the dog usually lives
 * with no session once the record ends.
 */
export function assessEach(record: DogRecord, from: Day, to: Day): CoatState[] {
  const { path, last } = pathTo(record, to)
  const states: CoatState[] = []
  // Days that were told of, and before which nothing has changed since, are as they were.
  let day = dayNumber(from)
  for (let told = path.told(day); told && day <= last; told = path.told(++day)) states.push(told)
  if (day <= last)
    walk(path, last, day, (coat, next) => {
      const state = coat.state()
      path.tell(coat.today, next, state)
      states.push(state)
    })
  return states
}

/**
 * Each fact from one day to another, with the coat as it stood just before it: nothing of a later day is known, neither
 * what was put right then nor what was first measured then.
 */
export function beforeEach(
  record: DogRecord,
  from: Day,
  to: Day,
  met: (coat: Coat, fact: DatedFact) => void,
) {
  const asStood = (day: Day) => record.entries.filter((e) => e.day <= day)
  const within = (day: Day, start: Day, end: Day) => day > start && day <= end
  const dayBefore = (day: Day) => dayOf(dayNumber(day) - 1)
  /** From each of these days to the next nothing changed of what was known of the days before. */
  const spans = (days: readonly Day[], end: Day): [Day, Day][] => {
    const starts = [...new Set(days)].sort()
    return starts.map((start, i) => [start, i + 1 < starts.length ? dayBefore(starts[i + 1]!) : end])
  }
  const putRight = record.entries.flatMap((e) =>
    e.what.kind === 'correction' && within(e.day, from, to) ? [e.day] : [],
  )
  for (const [begins, ends] of spans([from, ...putRight], to)) {
    // A first length says how long the coat was on the days before it, too.
    const measured = [...firstLengths(timeline(asStood(ends)), ends).values()]
      .map((f) => dayOf(f.day))
      .filter((d) => within(d, begins, ends))
    for (const [start, end] of spans([begins, ...measured], ends)) {
      const { path, last } = pathTo({ ...record, entries: asStood(end) }, end)
      walk(path, last, dayNumber(start), () => undefined, met)
    }
  }
}
