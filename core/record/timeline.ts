import type { DatedFact, Entry, Fact } from './entries'

/**
 * When on its day a thing counts, in minutes after midnight, for entries without a time: the order of
 * work (gear and walks, then brush, comb, wash; a visit by day). Judgement.
 */
const USUAL_MINUTE: Record<Fact['kind'], number> = {
  gear: 0,
  wet: 8 * 60,
  visit: 12 * 60,
  advice: 12 * 60 + 5,
  'advice-answer': 12 * 60 + 10,
  measure: 17 * 60 + 45,
  handling: 17 * 60,
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
  f.time ? Number(f.time.slice(0, 2)) * 60 + Number(f.time.slice(3)) : USUAL_MINUTE[f.what.kind]

const compare = (a: string | number, b: string | number) => (a < b ? -1 : a > b ? 1 : 0)

/**
 * When an entry was made, to be compared: later than anything it was made in view of, though its own id,
 * from a clock that is behind, may be earlier.
 */
export const madeAt = ({ id, what }: Pick<Entry, 'id' | 'what'>): string =>
  what.kind === 'correction' && what.knows && what.knows >= id ? `${what.knows}+` : id

/**
 * The facts in force, in the order they count: day, time or usual time, then id. The same entries in
 * any order, or given twice, come out the same. A correction stands in for what it replaces; taking
 * a correction back (by correcting it with nothing) brings the earlier entry back.
 */
export function timeline(entries: readonly Entry[]): DatedFact[] {
  const byId = new Map<string, Entry>()
  for (const e of entries) if (!byId.has(e.id)) byId.set(e.id, e)
  const all = [...byId.values()].sort((a, b) => compare(a.id, b.id))

  // Newest correction first: one that was itself taken back no longer speaks.
  const verdict = new Map<string, Fact | null>()
  for (const e of [...all].sort((a, b) => compare(madeAt(b), madeAt(a)) || compare(b.id, a.id))) {
    if (e.what.kind !== 'correction' || verdict.get(e.id) === null) continue
    if (!verdict.has(e.what.replaces)) verdict.set(e.what.replaces, e.what.by)
  }

  const facts: DatedFact[] = []
  for (const e of all) {
    if (e.what.kind === 'correction') continue
    const what = verdict.has(e.id) ? verdict.get(e.id) : e.what
    if (what) facts.push({ id: e.id, day: e.day, time: e.time, what })
  }
  return facts.sort(
    (a, b) => compare(a.day, b.day) || compare(minuteOf(a), minuteOf(b)) || compare(a.id, b.id),
  )
}
