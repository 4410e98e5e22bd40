import { currentInstant } from '../clock'
import { lt } from 'drizzle-orm'
import { db } from '../db/client'
import { households } from '../db/schema'

/** Deletes the households whose grace is over, with all that is theirs. @returns how many */
export async function deleteDue(now = currentInstant()): Promise<number> {
  const rows = await db()
    .delete(households)
    .where(lt(households.deleteAfter, now))
    .returning({ id: households.id })
  return rows.length
}
