import { subDays } from 'date-fns'
import { and, eq, inArray, isNull, lt } from 'drizzle-orm'
import { GRACE_DAYS } from '../../shared/limits'
import { currentInstant, inDays } from '../clock'
import { db, inTransaction } from '../db/client'
import { accountLinks, accounts, dogs, doors, groomers, households, mails, passkeys } from '../db/schema'
import { letPicturesGo } from './loose-pictures'
import { emptyRoom } from './shares'

/**
 * What is asked to be deleted goes after a grace, with all that hangs on it, and can be kept after all until then: a
 * household, one of its dogs, a groomer. Of a member who left or was taken out the name and address go by themselves.
 */
const LASTING = {
  household: (id: string) => ({ table: households, where: eq(households.id, id) }),
  dog: (householdId: string, id: string) => ({
    table: dogs,
    where: and(eq(dogs.householdId, householdId), eq(dogs.id, id)),
  }),
  groomer: (id: string) => ({ table: groomers, where: eq(groomers.id, id) }),
}
export const { household: aHousehold, dog: aDog, groomer: aGroomer } = LASTING
type Going = ReturnType<(typeof LASTING)[keyof typeof LASTING]>

/** Asked twice it goes when it was first asked to. @returns when */
export async function askDeletion({ table, where }: Going): Promise<string> {
  await db()
    .update(table)
    .set({ deleteAfter: inDays(GRACE_DAYS) })
    .where(and(where, isNull(table.deleteAfter)))
  const [row] = await db().select({ at: table.deleteAfter }).from(table).where(where)
  return (row?.at ?? inDays(GRACE_DAYS)).toISOString()
}
export const keepAfterAll = ({ table, where }: Going) =>
  db().update(table).set({ deleteAfter: null }).where(where)

/**
 * Deletes all whose grace is over, with all that is theirs: what hangs on it by the database's own keys, and what
 * stands elsewhere because it is come to with no household known. @returns how many
 */
export async function deleteDue(now = currentInstant()): Promise<number> {
  const gone = await Promise.all([
    inTransaction(async (tx) => {
      const over = lt(households.deleteAfter, now)
      await letPicturesGo(tx, households, over)
      const rows = await tx.delete(households).where(over).returning({ id: households.id })
      const ids = rows.map((r) => r.id)
      for (const table of [doors, mails, passkeys, accountLinks])
        await tx.delete(table).where(inArray(table.householdId, ids))
      return rows
    }),
    inTransaction(async (tx) => {
      const over = lt(dogs.deleteAfter, now)
      await letPicturesGo(tx, dogs, over)
      const rows = await tx.delete(dogs).where(over).returning({ householdId: dogs.householdId, id: dogs.id })
      for (const { householdId, id } of rows)
        await tx.delete(doors).where(and(eq(doors.householdId, householdId), eq(doors.dogId, id)))
      return rows
    }),
    inTransaction(async (tx) => {
      const rows = await tx
        .delete(groomers)
        .where(lt(groomers.deleteAfter, now))
        .returning({ id: groomers.id })
      for (const { id } of rows) await emptyRoom(tx, id)
      return rows
    }),
    inTransaction(async (tx) => {
      const rows = await tx
        .delete(accounts)
        .where(lt(accounts.removed, subDays(now, GRACE_DAYS)))
        .returning({ householdId: accounts.householdId, id: accounts.id })
      for (const { householdId, id } of rows)
        for (const table of [passkeys, accountLinks])
          await tx.delete(table).where(and(eq(table.householdId, householdId), eq(table.accountId, id)))
      return rows
    }),
  ])
  return gone.flat().length
}
