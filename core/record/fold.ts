import type { Coat } from './coat'
import type { CoatState } from './coat-state'
import { dayNumber, dayOf } from './day'
import type { Day } from './day'
import type { DatedFact, Entry, FactOf } from './entries'
import { firstLengths } from './first-lengths'
import { pathOver } from './path'
import type { Profile } from './profile'
import { timeline } from './timeline'

export interface DogRecord {
  profile: Profile
  entries: readonly Entry[]
}

/** Longest stretch of days one fold walks: ten years. */
const MOST_DAYS = 3660

/** How many of these facts, in their order, count up to and with a day. */
function countTo(facts: readonly DatedFact[], to: Day): number {
  let [low, high] = [0, facts.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (facts[middle]!.day <= to) low = middle + 1
    else high = middle
  }
  return low
}

/**
 * Walks the record from its first day to `to` and calls `seen` on each day from `from` on.
 * Past `now` nothing is recorded, so the days go by as the dog usually lives. A walk begins where an
 * earlier one over the same facts stood.
 */
function walk(record: DogRecord, to: Day, seen: (coat: Coat) => void, from: Day = to) {
  const all = timeline(record.entries)
  const facts = all.slice(0, countTo(all, to))
  const first = Math.min(dayNumber(record.profile.since), ...facts.slice(0, 1).map((f) => dayNumber(f.day)))
  const last = dayNumber(to)
  const start = Math.max(Math.min(first, last), last - MOST_DAYS)
  const path = pathOver({ profile: record.profile, facts, start, lengths: firstLengths(facts) })
  const stood = path.standing(Math.min(dayNumber(from), last))
  let i = stood.next
  const { coat } = stood
  for (;;) {
    const day = dayOf(coat.today)
    path.stand(coat, i, coat.today === last)
    const gear: FactOf<'gear'>[] = []
    for (let f = facts[i]; f && f.day === day; f = facts[++i]) {
      if (f.what.kind === 'gear') gear.push(f.what)
      else coat.apply(f)
    }
    if (day >= from) seen(coat.learn())
    if (coat.today >= last) return
    coat.passDay(gear)
  }
}

/** The coat as the record leaves it on the morning of `at`, after that day's entries, to carry on from. */
export function coatOn(record: DogRecord, at: Day): Coat {
  let coat: Coat | undefined
  walk(record, at, (c) => (coat = c))
  return coat as Coat
}

/** The coat on the morning of `at`, after that day's entries. Everything shown comes from this. */
export const assess = (record: DogRecord, at: Day): CoatState => coatOn(record, at).state()

/**
 * The coat on each day from `from` to `to`, inclusive: as recorded, then as the dog usually lives
 * with no session once the record ends.
 */
export function assessEach(record: DogRecord, from: Day, to: Day): CoatState[] {
  const states: CoatState[] = []
  walk(record, to, (coat) => states.push(coat.state()), from)
  return states
}
