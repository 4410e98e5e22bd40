import { and, asc, count, eq, gt, gte, inArray, lte, ne, or, sql } from 'drizzle-orm'
import type { Placeholder } from 'drizzle-orm'
import type { Day } from '../../core/record/day'
import { withoutOldPlans } from '../../core/plan/standing'
import type { Entry, Fact } from '../../core/record/entries'
import { refuse } from '../access/refuse'
import { db, oftenAsked } from '../db/client'
import type { Db, Tx } from '../db/client'
import { dogs, entries } from '../db/schema'

export const oneDog = (householdId: string | Placeholder, dogId: string | Placeholder) =>
  and(eq(dogs.householdId, householdId), eq(dogs.id, dogId))

const dogAsked = oftenAsked((at) =>
  at
    .select({ id: dogs.id })
    .from(dogs)
    .where(oneDog(sql.placeholder('householdId'), sql.placeholder('dogId')))
    .prepare(''),
)
export async function findDog(householdId: string, dogId: string) {
  const [row] = await dogAsked().execute({ householdId, dogId })
  return row ? { householdId, dogId: row.id } : null
}

export const dogsOf = (householdId: string) =>
  db()
    .select({ id: dogs.id, profile: dogs.profile, deleteAfter: dogs.deleteAfter })
    .from(dogs)
    .where(eq(dogs.householdId, householdId))
    .orderBy(asc(dogs.created), asc(dogs.id))

export const ofDog = (householdId: string, dogId: string) =>
  and(eq(entries.householdId, householdId), eq(entries.dogId, dogId))

/** What a device has of a record, as it says it: up to which version, and how many entries that is. */
const MARK = /^(\d{1,15})\.(\d{1,9})$/

/**
 * A dog's record. The dog must exist.
 * @param since the mark of what the caller has: then the entries are those that came after it, unless the
 * record here is another than the one it was given of, as after bringing back an older state
 */
export async function dogFile(householdId: string, dogId: string, since?: string) {
  const [row] = await db()
    .select({ profile: dogs.profile, began: dogs.began, version: dogs.version })
    .from(dogs)
    .where(oneDog(householdId, dogId))
  if (!row) throw refuse(404, 'There is nothing here.')
  const { profile, began, version } = row
  const [, had, many] = MARK.exec(since ?? '') ?? []
  // Entries come with their version, and versions one after another: nothing up to this one is still on its way.
  const upTo = (v: number) => and(ofDog(householdId, dogId), lte(entries.version, v))
  const howMany = async (v: number) =>
    (await db().select({ n: count() }).from(entries).where(upTo(v)))[0]?.n ?? 0
  const known = had !== undefined && Number(had) <= version && (await howMany(Number(had))) === Number(many)
  const rows = await db()
    .select({ entry: entries.entry })
    .from(entries)
    .where(known ? and(upTo(version), gt(entries.version, Number(had))) : upTo(version))
    .orderBy(asc(entries.day), asc(entries.id))
  const list = rows.map((r) => r.entry)
  return {
    id: dogId,
    profile,
    ...(began ? { began } : {}),
    entries: known ? list : withoutOldPlans(list),
    version,
    mark: `${version}.${known ? Number(many) + list.length : list.length}`,
    ...(known ? { since: since! } : {}),
  }
}

/** A dog as it stands. @throws 404 */
export async function dogOf(householdId: string, dogId: string) {
  const [row] = await db().select().from(dogs).where(oneDog(householdId, dogId))
  if (!row) throw refuse(404, 'There is nothing here.')
  return row
}

/** What is told to others of a record, from a day on or all of it: everything but the plans. */
export async function entriesToldOf(householdId: string, dogId: string, from: Day | null): Promise<Entry[]> {
  const rows = await db()
    .select({ entry: entries.entry })
    .from(entries)
    .where(
      and(ofDog(householdId, dogId), ne(entries.kind, 'plan'), from ? gte(entries.day, from) : undefined),
    )
    .orderBy(asc(entries.day), asc(entries.id))
  return rows.map((r) => r.entry)
}

/** One entry, and all that puts entries right: what says how it stands. */
export async function entryWithCorrections(householdId: string, dogId: string, id: string): Promise<Entry[]> {
  const rows = await db()
    .select({ entry: entries.entry })
    .from(entries)
    .where(and(ofDog(householdId, dogId), or(eq(entries.id, id), eq(entries.kind, 'correction'))))
  return rows.map((r) => r.entry)
}

/** What says when the visits were: the visits, and what puts entries right. */
export const visitsOf = (householdId: string, dogId: string): Promise<Entry[]> =>
  entriesOfKinds(db(), householdId, dogId, ['visit', 'dog'])

/** Entries of some kinds, and what puts entries right. */
export async function entriesOfKinds(at: Db | Tx, householdId: string, dogId: string, kinds: Fact['kind'][]) {
  const rows = await at
    .select({ entry: entries.entry })
    .from(entries)
    .where(and(ofDog(householdId, dogId), inArray(entries.kind, [...kinds, 'correction'])))
  return rows.map((r) => r.entry)
}
