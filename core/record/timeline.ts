import type { Day } from './day'
import type { DatedFact, Entry, Fact } from './entries'

/**
 * When on its day a thing counts, in minutes after midnight, for entries without a time: the order of
 * work (gear and walks, then brush, comb, wash; a visit by day). Judgement.
 */
const USUAL_MINUTE: Record<Fact['kind'], number> = {
  dog: -1,
  hand: 1,
  gear: 0,
  wet: 8 * 60,
  visit: 12 * 60,
  advice: 12 * 60 + 5,
  'advice-answer': 12 * 60 + 10,
  wish: 12 * 60 - 30,
  'wish-answer': 12 * 60 - 20,
  'wish-taken': 12 * 60 - 10,
  proposed: 12 * 60 + 15,
  measure: 17 * 60 + 45,
  handling: 17 * 60,
  rehearsed: 17 * 60 + 10,
  brush: 18 * 60,
  check: 18 * 60 + 30,
  tidy: 18 * 60 + 45,
  undercoat: 18 * 60 + 50,
  concern: 17 * 60 + 30,
  'concern-closed': 17 * 60 + 35,
  wash: 19 * 60,
  photo: 19 * 60 + 30,
  session: 20 * 60,
  plan: 20 * 60 + 30,
}

const minuteOf = (f: DatedFact) =>
  // What is true from a day on is true of all of it.
  f.time && f.what.kind !== 'dog'
    ? Number(f.time.slice(0, 2)) * 60 + Number(f.time.slice(3))
    : USUAL_MINUTE[f.what.kind]

const compare = (a: string | number, b: string | number) => (a < b ? -1 : a > b ? 1 : 0)

/**
 * When an entry was made, to be compared: later than anything it was made in view of, though its own id,
 * from a clock that is behind, may be earlier.
 */
export const madeAt = ({ id, what }: Pick<Entry, 'id' | 'what'>): string =>
  what.kind === 'correction' && what.knows && what.knows >= id ? `${what.knows}+` : id

/** Timelines worked out lately, so many: those of the dogs somebody is looking at. */
const KEPT = 4
interface Kept {
  entries: readonly Entry[]
  /** How many they were then: a list may have been added to since. */
  size: number
  /** Of these and of lists that grew from it: none of them is new. */
  ids: Set<string>
  facts: readonly DatedFact[]
}
const lately: Kept[] = []
function keep(kept: Kept): readonly DatedFact[] {
  lately.unshift(kept)
  lately.length = Math.min(lately.length, KEPT)
  return kept.facts
}

/** An entry that nothing corrects is the same fact each time, so that what rests on it can tell. */
const asFact = new WeakMap<Entry, DatedFact>()
function factOf(e: Entry, what: Fact): DatedFact {
  const told = asFact.get(e)
  if (told?.what === what) return told
  const fact = { id: e.id, day: e.day, time: e.time, what }
  asFact.set(e, fact)
  return fact
}

/** Facts that only had more put in since an earlier list: which list, and how many of its first still stand. */
const grewFrom = new WeakMap<readonly DatedFact[], { before: readonly DatedFact[]; same: number }>()

/** How many of the first of two lists of facts are the same: what rests on them alone still holds. */
export function sameFirst(before: readonly DatedFact[], now: readonly DatedFact[]): number {
  const grew = grewFrom.get(now)
  if (grew?.before === before) return grew.same
  let same = 0
  while (same < before.length && same < now.length && before[same] === now[same]) same++
  return same
}

/** The place of the first of these facts, in order, that is of a day or later. */
function firstOn(facts: readonly DatedFact[], day: Day): number {
  let [low, high] = [0, facts.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (facts[middle]!.day < day) low = middle + 1
    else high = middle
  }
  return low
}

/** Of a timeline, what is from one day to another, both counted in; without walking over the years before. */
export function between(facts: readonly DatedFact[], from: Day, to: Day): readonly DatedFact[] {
  const first = firstOn(facts, from)
  let last = first
  while (last < facts.length && facts[last]!.day <= to) last++
  return facts.slice(first, last)
}

const inOrder = (a: DatedFact, b: DatedFact) =>
  compare(a.day, b.day) || compare(minuteOf(a), minuteOf(b)) || compare(a.id, b.id)

/**
 * The facts in force, in the order they count: day, time or usual time, then id. The same entries in
 * any order, or given twice, come out the same. A correction stands in for what it replaces; taking
 * a correction back (by correcting it with nothing) brings the earlier entry back. What was worked out
 * of the same list is given again, and of a list that only grew it is carried on.
 */
export function timeline(entries: readonly Entry[]): readonly DatedFact[] {
  const same = lately.find((k) => k.entries === entries && k.size === entries.length)
  if (same) return same.facts
  for (const kept of lately) {
    const more = addedTo(kept, entries)
    if (more) return keep(grown(kept, entries, more))
  }
  return keep(inFull(entries))
}

/** What a longer list has beyond a kept one; null where it is another list, or what is new corrects what was. */
function addedTo({ entries: before, size, ids }: Kept, now: readonly Entry[]): readonly Entry[] | null {
  if (size === 0 || size > now.length) return null
  for (let i = size - 1; i >= 0; i--) if (before[i] !== now[i]) return null
  const more = now.slice(size)
  return more.every((e) => e.what.kind !== 'correction' && !ids.has(e.id)) &&
    new Set(more.map((e) => e.id)).size === more.length
    ? more
    : null
}

function grown(before: Kept, entries: readonly Entry[], more: readonly Entry[]): Kept {
  if (!more.length) return { ...before, entries }
  const facts = [...before.facts]
  // One set for a list and what it grows to: a copy of ten years' ids is dear at every press.
  const { ids } = before
  let same = before.facts.length
  for (const e of more) {
    ids.add(e.id)
    const fact = factOf(e, e.what as Fact)
    let [low, high] = [0, facts.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (inOrder(facts[middle]!, fact) <= 0) low = middle + 1
      else high = middle
    }
    facts.splice(low, 0, fact)
    same = Math.min(same, low)
  }
  grewFrom.set(facts, { before: before.facts, same })
  return { entries, size: entries.length, ids, facts }
}

function inFull(entries: readonly Entry[]): Kept {
  const byId = new Map<string, Entry>()
  for (const e of entries) if (!byId.has(e.id)) byId.set(e.id, e)

  // Newest correction first: one that was itself taken back no longer speaks.
  const verdict = new Map<string, Fact | null>()
  const corrections = [...byId.values()].filter((e) => e.what.kind === 'correction')
  for (const e of corrections.sort((a, b) => compare(madeAt(b), madeAt(a)) || compare(b.id, a.id))) {
    if (e.what.kind !== 'correction' || verdict.get(e.id) === null) continue
    if (!verdict.has(e.what.replaces)) verdict.set(e.what.replaces, e.what.by)
  }

  const keyed: { fact: DatedFact; minute: number }[] = []
  for (const e of byId.values()) {
    if (e.what.kind === 'correction') continue
    const what = verdict.has(e.id) ? verdict.get(e.id) : e.what
    if (!what) continue
    const fact = factOf(e, what)
    keyed.push({ fact, minute: minuteOf(fact) })
  }
  keyed.sort(
    (a, b) => compare(a.fact.day, b.fact.day) || a.minute - b.minute || compare(a.fact.id, b.fact.id),
  )
  return { entries, size: entries.length, ids: new Set(byId.keys()), facts: keyed.map((k) => k.fact) }
}
