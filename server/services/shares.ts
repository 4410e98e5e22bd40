import { currentInstant, inDays } from '../clock'
import { and, desc, eq, gt, inArray, isNull, or, sql } from 'drizzle-orm'
import type { z } from 'zod'
import type { shareBody } from '../../shared/api'
import type { Share } from '../../shared/answers'
import type { Groomer, Kept, LinkHolder, Member } from '../access/authorise'
import { codeFrom, hashOf, keyed, plainCode } from '../access/token'
import { db, inTransaction } from '../db/client'
import type { Tx } from '../db/client'
import { shareReads, shares } from '../db/schema'
import { behindDoor, closeDoors, doorKey, openDoors, within } from './doors'
import { groomersById } from './groomers'
import { mailInvitation } from './note-mail'

/** A code that nobody used has run out after so many days (judgement). */
const CODE_DAYS = 14
const ofDog = (householdId: string, dogId: string) =>
  and(eq(shares.householdId, householdId), eq(shares.dogId, dogId))
const live = (now: Date) => and(isNull(shares.revoked), gt(shares.expires, now))

/**
 * Makes a share, and writes to the groomer where an address is given: both or neither. Its link and its code
 * follow from its id and our secret, so that asking again, when the answer was lost, gives the same.
 * @returns null when there is another of that id
 */
export async function makeShare(
  { householdId, name, email: own, claimed }: Pick<Member, 'householdId' | 'name' | 'email' | 'claimed'>,
  dogId: string,
  form: z.output<typeof shareBody>,
) {
  const seed = `${householdId} ${dogId} ${form.id}`
  const token = keyed('share', seed).toString('base64url')
  const code = codeFrom(keyed('code', seed))
  const expires = inDays(form.days)
  return inTransaction(async (tx) => {
    const [row] = await tx
      .insert(shares)
      .values({
        householdId,
        dogId,
        id: form.id,
        tokenHash: hashOf(token),
        codeHash: hashOf(code),
        codeExpires: new Date(Math.min(expires.getTime(), inDays(CODE_DAYS).getTime())),
        scope: form.scope,
        groomer: form.groomer,
        email: form.email ?? null,
        expires,
        madeBy: name,
      })
      .onConflictDoNothing()
      .returning({ id: shares.id })
    if (!row) {
      const [there] = await tx
        .select()
        .from(shares)
        .where(and(ofDog(householdId, dogId), eq(shares.id, form.id), eq(shares.tokenHash, hashOf(token))))
      return there ? { token, code, expires: there.expires.toISOString(), mailed: null } : null
    }
    await openDoors(tx, { householdId, dogId, id: form.id }, [doorKey.token(token), doorKey.token(code)])
    const mailed = form.email
      ? await mailInvitation(tx, {
          householdId,
          dogId,
          groomer: form.groomer,
          email: form.email,
          owner: { name, email: own, claimed },
          token,
          code,
        })
      : null
    return { token, code, expires: expires.toISOString(), mailed }
  })
}

/** Closes a share, link and room alike. @returns false when there is no such share */
export async function revokeShare(
  { householdId, name }: Pick<Member, 'householdId' | 'name'>,
  dogId: string,
  id: string,
) {
  const rows = await db()
    .update(shares)
    .set({
      revoked: sql`coalesce(${shares.revoked}, ${currentInstant()})`,
      closedBy: sql`coalesce(${shares.closedBy}, ${name})`,
    })
    .where(and(ofDog(householdId, dogId), eq(shares.id, id)))
    .returning({ id: shares.id })
  return rows.length > 0
}

export async function sharesOf(householdId: string, dogId: string): Promise<Share[]> {
  const [rows, reads] = await Promise.all([
    db().select().from(shares).where(ofDog(householdId, dogId)).orderBy(desc(shares.created)),
    db()
      .select()
      .from(shareReads)
      .where(and(eq(shareReads.householdId, householdId), eq(shareReads.dogId, dogId)))
      .orderBy(desc(shareReads.last)),
  ])
  const rooms = await groomersById(rows.map((r) => r.groomerId))
  return rows.map((r) => ({
    id: r.id,
    groomer: r.groomer,
    scope: r.scope,
    created: r.created.toISOString(),
    expires: r.expires.toISOString(),
    revoked: r.revoked?.toISOString() ?? null,
    lastOpened: r.lastOpened?.toISOString() ?? null,
    room: rooms.get(r.groomerId ?? '')?.room ?? null,
    madeBy: r.madeBy,
    closedBy: r.closedBy,
    seen: reads.filter((s) => s.shareId === r.id).map((s) => ({ name: s.name, last: s.last.toISOString() })),
  }))
}

const holderOf = (row: typeof shares.$inferSelect): LinkHolder => {
  const { householdId, dogId, groomer, scope, expires } = row
  return { kind: 'link', shareId: row.id, householdId, dogId, groomer, scope, expires }
}

/** The holder of a live link; null for a dead or guessed one. */
export async function openShare(token: string): Promise<LinkHolder | null> {
  const [door] = await behindDoor(doorKey.token(token))
  if (!door?.dogId) return null
  const [row] = await db()
    .select()
    .from(shares)
    .where(
      and(
        ofDog(door.householdId, door.dogId),
        eq(shares.id, door.id),
        eq(shares.tokenHash, hashOf(token)),
        live(currentInstant()),
      ),
    )
  return row ? holderOf(row) : null
}

/** Somebody has it before their eyes. */
export const noteOpened = ({ householdId, dogId, shareId }: LinkHolder) =>
  db()
    .update(shares)
    .set({ lastOpened: currentInstant() })
    .where(and(ofDog(householdId, dogId), eq(shares.id, shareId)))

/** One of a room has it before their eyes, under their own name. */
export const noteSeenBy = (
  { householdId, dogId, shareId }: LinkHolder,
  { groomerId, name }: Pick<Groomer, 'groomerId' | 'name'>,
) => {
  const set = { name, last: currentInstant() }
  return db()
    .insert(shareReads)
    .values({ householdId, dogId, shareId, groomerId, ...set })
    .onConflictDoUpdate({
      target: [shareReads.householdId, shareReads.dogId, shareReads.shareId, shareReads.groomerId],
      set,
    })
}

/** Puts a share in a groomer's room, by its link's token or by its code. @returns null when neither opens one */
export async function keepShare(roomId: string, what: { token?: string; code?: string }) {
  const now = currentInstant()
  const byToken = what.token ? eq(shares.tokenHash, hashOf(what.token)) : undefined
  const byCode = what.code
    ? and(eq(shares.codeHash, hashOf(plainCode(what.code))), gt(shares.codeExpires, now))
    : undefined
  const key = doorKey.token(what.token ?? plainCode(what.code ?? ''))
  const [door] = await behindDoor(key)
  if (!door?.dogId || (!byToken && !byCode)) return null
  const { householdId, dogId, id } = door
  return inTransaction(async (tx) => {
    const mine = and(ofDog(householdId, dogId), eq(shares.id, id))
    const [was] = await tx.select({ codeHash: shares.codeHash }).from(shares).where(mine).for('update')
    const [row] = await tx
      .update(shares)
      // A room is known by whose it is.
      .set({ groomerId: roomId, codeHash: null, codeExpires: null, lastOpened: now })
      // One that stands in somebody else's room is not to be had by passing its link on.
      .where(
        and(mine, byToken ?? byCode, live(now), or(isNull(shares.groomerId), eq(shares.groomerId, roomId))),
      )
      .returning({ id: shares.id })
    if (!row) return null
    await openDoors(tx, { householdId, dogId, id }, [doorKey.room(roomId)])
    if (was?.codeHash) await closeDoors(tx, was.codeHash)
    return row.id
  })
}

/** The groomer lets a dog go. The link goes on until it runs out. */
export async function dropShare(roomId: string, id: string) {
  const key = doorKey.room(roomId)
  const { homes, ids } = within(await behindDoor(key, id))
  if (!ids.length) return
  await inTransaction(async (tx) => {
    await leaveRoom(tx, roomId, homes, ids)
    await closeDoors(tx, key, id)
  })
}
const leaveRoom = (tx: Tx, roomId: string, homes: string[], ids: string[]) =>
  tx
    .update(shares)
    .set({ groomerId: null })
    .where(and(inArray(shares.householdId, homes), inArray(shares.id, ids), eq(shares.groomerId, roomId)))
/** A room ends with whose it was: its dogs stand in none. */
export async function emptyRoom(tx: Tx, roomId: string) {
  const key = doorKey.room(roomId)
  const { homes, ids } = within(await behindDoor(key, undefined, tx))
  if (!ids.length) return
  await leaveRoom(tx, roomId, homes, ids)
  await closeDoors(tx, key)
}

/** A live share in a groomer's room. */
export async function findKept(roomId: string, id: string): Promise<Kept | null> {
  const [share] = await keptBy(roomId, id)
  return share ? { roomId, share } : null
}

/** The live shares of a room. @param id of them the one */
export async function keptBy(roomId: string, id?: string): Promise<LinkHolder[]> {
  const { homes, ids } = within(await behindDoor(doorKey.room(roomId), id))
  if (!ids.length) return []
  const rows = await db()
    .select()
    .from(shares)
    .where(
      and(
        inArray(shares.householdId, homes),
        inArray(shares.id, ids),
        eq(shares.groomerId, roomId),
        live(currentInstant()),
      ),
    )
  return rows.map(holderOf)
}
