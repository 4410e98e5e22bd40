import { currentInstant } from '../clock'
import { and, asc, eq, inArray } from 'drizzle-orm'
import { withoutOldPlans } from '../../core/plan/standing'
import { entrySchema } from '../../core/record/entries'
import type { Entry } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { madeAt } from '../../core/record/timeline'
import type { EntriesAnswer, RefusedEntry } from '../../shared/api'
import { refuse, refuseFor } from '../access/refuse'
import { db } from '../db/client'
import type { Db, Tx } from '../db/client'
import { arrivals, dogs, entries } from '../db/schema'
import { checkEntries, checkProfile, problemWith, referredTo } from './checks'

const one = (householdId: string, dogId: string) => and(eq(dogs.householdId, householdId), eq(dogs.id, dogId))

export async function findDog(householdId: string, dogId: string) {
  const [row] = await db().select({ id: dogs.id }).from(dogs).where(one(householdId, dogId))
  return row ? { householdId, dogId: row.id } : null
}

export const dogsOf = (householdId: string) =>
  db()
    .select({ id: dogs.id, profile: dogs.profile })
    .from(dogs)
    .where(eq(dogs.householdId, householdId))
    .orderBy(asc(dogs.created), asc(dogs.id))

async function entriesOf(at: Db | Tx, householdId: string, dogId: string): Promise<Entry[]> {
  const rows = await at
    .select({ entry: entries.entry })
    .from(entries)
    .where(and(eq(entries.householdId, householdId), eq(entries.dogId, dogId)))
    .orderBy(asc(entries.day), asc(entries.id))
  return rows.map((r) => r.entry)
}

/** A dog's whole record. The dog must exist. */
export async function dogFile(householdId: string, dogId: string) {
  const [row] = await db().select({ profile: dogs.profile }).from(dogs).where(one(householdId, dogId))
  if (!row) throw refuse(404, 'There is nothing here.')
  return {
    id: dogId,
    profile: row.profile,
    entries: withoutOldPlans(await entriesOf(db(), householdId, dogId)),
  }
}

/** Adds a dog with its first entries. Adding the same one twice changes nothing. */
export async function addDog(
  householdId: string,
  authorId: string,
  dog: { id: string; profile: Profile; entries: Entry[] },
) {
  checkEntries(dog.profile, [], dog.entries)
  checkProfile(dog.profile, dog.entries)
  await db().transaction(async (tx) => {
    const [row] = await tx
      .insert(dogs)
      .values({ householdId, id: dog.id, profile: dog.profile })
      .onConflictDoNothing()
      .returning({ id: dogs.id })
    if (row) await insert(tx, householdId, dog.id, authorId, dog.entries)
  })
}

/** What says when the visits were: the visits, and what puts entries right. */
async function visitsOf(householdId: string, dogId: string): Promise<Entry[]> {
  const rows = await db()
    .select({ entry: entries.entry })
    .from(entries)
    .where(
      and(
        eq(entries.householdId, householdId),
        eq(entries.dogId, dogId),
        inArray(entries.kind, ['visit', 'correction']),
      ),
    )
  return rows.map((r) => r.entry)
}

export async function changeProfile(householdId: string, dogId: string, profile: Profile) {
  checkProfile(profile, await visitsOf(householdId, dogId))
  await db().update(dogs).set({ profile, changed: currentInstant() }).where(one(householdId, dogId))
  await forgetArrival(db(), householdId, dogId)
}

/** Of these ids, the ones on file. */
async function onFile(at: Db | Tx, householdId: string, dogId: string, ids: readonly string[]) {
  if (!ids.length) return []
  const rows = await at
    .select({ id: entries.id })
    .from(entries)
    .where(and(eq(entries.householdId, householdId), eq(entries.dogId, dogId), inArray(entries.id, [...ids])))
  return rows.map((r) => r.id)
}

const corrects = (e: Entry) => e.what.kind === 'correction'
/** What an entry is called, for one that could not be read. */
const idIn = (raw: unknown) =>
  raw && typeof raw === 'object' && 'id' in raw && typeof raw.id === 'string' ? raw.id : ''

/**
 * Adds what it can of what was sent; those already there stay as they were. Only what the entries refer
 * to is read, and posts to one record do not wait for one another.
 * @throws 422 in the words of the first where none could be taken
 */
export async function addEntries(
  householdId: string,
  dogId: string,
  authorId: string,
  sent: readonly unknown[],
): Promise<EntriesAnswer> {
  const refused: RefusedEntry[] = []
  const read = sent.flatMap((raw): Entry[] => {
    const parsed = entrySchema.safeParse(raw)
    if (parsed.success) return [parsed.data]
    refused.push({ id: idIn(raw), code: 'wrong', says: refuseFor(parsed.error).message })
    return []
  })
  const taken = await db().transaction(async (tx) => {
    const [dog] = await tx
      .select({ profile: dogs.profile })
      .from(dogs)
      .where(one(householdId, dogId))
      .for('key share')
    if (!dog) throw refuse(404, 'There is nothing here.')
    const known = new Set(await onFile(tx, householdId, dogId, referredTo(read)))
    // What is corrected comes before what corrects it: an entry that was refused is not on file.
    const inOrder = [...read].sort(
      (a, b) => Number(corrects(a)) - Number(corrects(b)) || (madeAt(a) < madeAt(b) ? -1 : 1),
    )
    const good = inOrder.filter((e) => {
      const problem = problemWith(dog.profile, known, e)
      if (problem) refused.push({ id: e.id, ...problem })
      else known.add(e.id)
      return !problem
    })
    await insert(tx, householdId, dogId, authorId, good)
    return good.map((e) => e.id)
  })
  if (!taken.length) throw refuse(422, refused[0]!.says, { refused, now: currentInstant().toISOString() })
  return { taken, refused, now: currentInstant().toISOString() }
}

/** The same as part of something larger, all or nothing. The dog's row is held. @returns its profile as it was, and the ids that were new */
export async function insertEntries(
  tx: Tx,
  householdId: string,
  dogId: string,
  authorId: string,
  fresh: Entry[],
) {
  const [dog] = await tx
    .select({ profile: dogs.profile })
    .from(dogs)
    .where(one(householdId, dogId))
    .for('update')
  if (!dog) throw refuse(404, 'There is nothing here.')
  checkEntries(dog.profile, await onFile(tx, householdId, dogId, referredTo(fresh)), fresh)
  return { profile: dog.profile, added: await insert(tx, householdId, dogId, authorId, fresh) }
}

async function insert(tx: Tx, householdId: string, dogId: string, authorId: string, fresh: Entry[]) {
  if (!fresh.length) return []
  const rows = await tx
    .insert(entries)
    .values(
      fresh.map((e) => ({ householdId, dogId, id: e.id, day: e.day, kind: e.what.kind, entry: e, authorId })),
    )
    .onConflictDoNothing()
    .returning({ id: entries.id })
  if (rows.length) await forgetArrival(tx, householdId, dogId)
  return rows.map((r) => r.id)
}

/** What the room said of the dog no longer holds. */
const forgetArrival = (at: Db | Tx, householdId: string, dogId: string) =>
  at.delete(arrivals).where(and(eq(arrivals.householdId, householdId), eq(arrivals.dogId, dogId)))
