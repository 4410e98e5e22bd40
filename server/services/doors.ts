import { and, eq } from 'drizzle-orm'
import { hashOf } from '../access/token'
import type { Db, Tx } from '../db/client'
import { db } from '../db/client'
import { doors } from '../db/schema'

/** What a door is known by: a token or a code by its hash, which its own row has too; the rest by what it is. */
export const doorKey = {
  token: hashOf,
  address: (email: string) => hashOf(`address\n${email}`),
  room: (roomId: string) => hashOf(`room\n${roomId}`),
}
export type Behind = Omit<typeof doors.$inferInsert, 'key'>

/** Puts doors to what has just been written, with it. */
export const openDoors = (at: Db | Tx, behind: Behind, keys: readonly Buffer[]) =>
  at
    .insert(doors)
    .values(keys.map((key) => ({ key, ...behind })))
    .onConflictDoNothing()
/** What stands behind a door. @param id of many the one */
export const behindDoor = (key: Buffer, id?: string, at: Db | Tx = db()) =>
  at
    .select({ householdId: doors.householdId, dogId: doors.dogId, id: doors.id })
    .from(doors)
    .where(and(eq(doors.key, key), ...(id ? [eq(doors.id, id)] : [])))
/** Takes doors away: all by a key, or only those to one thing. */
export const closeDoors = (at: Db | Tx, key: Buffer, id?: string) =>
  at.delete(doors).where(and(eq(doors.key, key), ...(id ? [eq(doors.id, id)] : [])))

/** The households and ids of what stands behind a door, each for a statement on their rows. */
export const within = (behind: readonly { householdId: string; id: string }[]) => ({
  homes: [...new Set(behind.map((b) => b.householdId))],
  ids: behind.map((b) => b.id),
})
