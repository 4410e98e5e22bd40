import { subHours } from 'date-fns'
import { and, asc, eq, isNull, lt, sql } from 'drizzle-orm'
import type { SQL } from 'drizzle-orm'
import { currentInstant } from '../clock'
import { inTransaction } from '../db/client'
import type { Tx } from '../db/client'
import { dogs, households, loosePictures, photographs } from '../db/schema'
import { pictureStore } from './picture-store'
import type { PictureName } from './picture-store'

/**
 * A store knows nothing of the database's transactions. So whatever may lie there with no photograph to it is
 * written down first: before a picture goes there, and with the deletion of whose it was.
 */

/** On its way for longer than this it will not come, hours (judgement). */
const ON_ITS_WAY_HOURS = 1

const whose = {
  dogs: and(eq(photographs.householdId, dogs.householdId), eq(photographs.dogId, dogs.id)),
  households: eq(photographs.householdId, households.id),
}
export const ofPicture = (
  { householdId, dogId, id }: PictureName,
  t: typeof photographs | typeof loosePictures,
) => and(eq(t.householdId, householdId), eq(t.dogId, dogId), eq(t.id, id))

/** Of households or dogs about to be deleted, what lies in the store. */
export async function letPicturesGo(tx: Tx, of: typeof dogs | typeof households, which: SQL) {
  const long = subHours(currentInstant(), 2 * ON_ITS_WAY_HOURS)
  const { householdId, dogId, id } = photographs
  await tx
    .insert(loosePictures)
    .select(
      tx
        .select({ householdId, dogId, id, since: sql<Date>`${long}::timestamptz`.as('since') })
        .from(photographs)
        .innerJoin(of, of === dogs ? whose.dogs : whose.households)
        .where(and(which, isNull(photographs.jpeg))),
    )
    .onConflictDoNothing()
}

/** Removes from the store what nobody has any more, one at a time, each by one process. @returns how many */
export async function removeLoosePictures(): Promise<number> {
  const store = pictureStore()
  if (!store) return 0
  const one = () =>
    inTransaction(async (tx) => {
      const [next] = await tx
        .select()
        .from(loosePictures)
        .where(lt(loosePictures.since, subHours(currentInstant(), ON_ITS_WAY_HOURS)))
        .orderBy(asc(loosePictures.since))
        .limit(1)
        .for('update', { skipLocked: true })
      if (!next) return false
      const [kept] = await tx
        .select({ id: photographs.id })
        .from(photographs)
        .where(ofPicture(next, photographs))
      if (!kept) await store.remove(next)
      await tx.delete(loosePictures).where(ofPicture(next, loosePictures))
      return true
    })
  let removed = 0
  while (await one()) removed += 1
  return removed
}
