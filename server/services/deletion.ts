import { subDays } from 'date-fns'
import { and, eq, isNull, lt } from 'drizzle-orm'
import { GRACE_DAYS } from '../../shared/limits'
import { currentInstant, inDays } from '../clock'
import { db } from '../db/client'
import { accounts, dogs, groomers, households } from '../db/schema'

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

/** Deletes all whose grace is over, with all that is theirs. @returns how many */
export async function deleteDue(now = currentInstant()): Promise<number> {
  const gone = await Promise.all([
    ...[households, dogs, groomers].map((table) =>
      db().delete(table).where(lt(table.deleteAfter, now)).returning({ id: table.id }),
    ),
    db()
      .delete(accounts)
      .where(lt(accounts.removed, subDays(now, GRACE_DAYS)))
      .returning({ id: accounts.id }),
  ])
  return gone.flat().length
}
