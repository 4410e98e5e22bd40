import { and, eq } from 'drizzle-orm'
import type { Whose } from '../access/whose'
import type { accountLinks, passkeys } from './schema'

/** Rows of one account, in the tables whose rows may be a member's or a groomer's. */
export const isWhose = (whose: Whose, of: typeof passkeys | typeof accountLinks) =>
  whose.realm === 'room'
    ? eq(of.groomerId, whose.groomerId)
    : and(eq(of.householdId, whose.householdId), eq(of.accountId, whose.accountId))
