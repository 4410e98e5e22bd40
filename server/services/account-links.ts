import { and, eq, gt, isNull, lt } from 'drizzle-orm'
import { hoursToMilliseconds } from 'date-fns'
import { MOVE_HOURS, RESET_HOURS } from '../../shared/limits'
import { hashOf, newToken } from '../access/token'
import { whoseColumns, whoseOf } from '../access/whose'
import type { Whose } from '../access/whose'
import { currentInstant } from '../clock'
import type { Db, Tx } from '../db/client'
import { db } from '../db/client'
import type { LINK_KINDS } from '../db/schema'
import { isWhose } from '../db/whose'
import { accountLinks } from '../db/schema'

type LinkKind = (typeof LINK_KINDS)[number]
/** How long each opens its door, ms (judgement; a new password, an hour). */
const OPEN_MS: Record<LinkKind, number> = {
  reset: hoursToMilliseconds(RESET_HOURS),
  move: hoursToMilliseconds(MOVE_HOURS),
}

const live = (kind: LinkKind, token: string) =>
  and(
    eq(accountLinks.tokenHash, hashOf(token)),
    eq(accountLinks.kind, kind),
    isNull(accountLinks.used),
    gt(accountLinks.expires, currentInstant()),
  )

/** A link into somebody's own account, for a letter to them. @returns its token, which is kept nowhere */
export async function makeLink(at: Db | Tx, kind: LinkKind, whose: Whose, email?: string): Promise<string> {
  const token = newToken()
  await at.insert(accountLinks).values({
    tokenHash: hashOf(token),
    kind,
    ...whoseColumns(whose),
    email: email ?? null,
    expires: new Date(currentInstant().getTime() + OPEN_MS[kind]),
  })
  return token
}

/** Takes a link up, which serves once. @returns null for one that was used, ran out, or never was */
export async function takeLink(tx: Tx, kind: LinkKind, token: string) {
  const [row] = await tx
    .update(accountLinks)
    .set({ used: currentInstant() })
    .where(live(kind, token))
    .returning()
  const whose = row && whoseOf(row)
  return whose ? { whose, email: row.email } : null
}

/** Whether a link would open, for a page to say before anything is typed. */
export async function linkOpens(kind: LinkKind, token: string): Promise<boolean> {
  const [row] = await db().select({ kind: accountLinks.kind }).from(accountLinks).where(live(kind, token))
  return !!row
}

/** Links to somebody's account end with what they were for. */
export const endLinks = (tx: Tx, whose: Whose) => tx.delete(accountLinks).where(isWhose(whose, accountLinks))
export const forgetOldLinks = () =>
  db().delete(accountLinks).where(lt(accountLinks.expires, currentInstant()))
