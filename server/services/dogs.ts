import { currentInstant } from '../clock'
import { and, asc, eq } from 'drizzle-orm'
import { withoutOldPlans } from '../../core/plan/standing'
import type { Entry } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { refuse } from '../access/refuse'
import { db } from '../db/client'
import type { Db, Tx } from '../db/client'
import { arrivals, dogs, entries } from '../db/schema'
import { checkEntries, checkProfile } from './checks'

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

export async function changeProfile(householdId: string, dogId: string, profile: Profile) {
  checkProfile(profile, await entriesOf(db(), householdId, dogId))
  await db().update(dogs).set({ profile, changed: currentInstant() }).where(one(householdId, dogId))
  await forgetArrival(db(), householdId, dogId)
}

/** Adds entries to the record; those already there stay as they were. @returns how many were new */
export const addEntries = (householdId: string, dogId: string, authorId: string, fresh: Entry[]) =>
  db().transaction(async (tx) => (await insertEntries(tx, householdId, dogId, authorId, fresh)).added.length)

/** The same as part of something larger. The dog's row is held. @returns its profile as it was, and the ids that were new */
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
  checkEntries(dog.profile, await entriesOf(tx, householdId, dogId), fresh)
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
