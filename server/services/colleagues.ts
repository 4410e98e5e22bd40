import { currentInstant, inDays } from '../clock'
import { and, asc, eq, gt, isNull, or } from 'drizzle-orm'
import type { z } from 'zod'
import type { Colleague, Room } from '../../shared/answers'
import type { colleagueBody } from '../../shared/api'
import type { Groomer } from '../access/authorise'
import { refuse } from '../access/refuse'
import { hashOf, keyed } from '../access/token'
import { db, inTransaction } from '../db/client'
import { groomers, roomInvitations } from '../db/schema'

/**
 * A room has more than one pair of hands: each signs in under their own name, and sees the room's dogs for as long as
 * they work in it. Whose room it is asks them in and sends them away; anyone may leave.
 */

/** An invitation that nobody took has run out after so many days (judgement). */
const INVITED_DAYS = 14
const isHost = ({ groomerId, roomId }: Groomer) => groomerId === roomId
function mustHost(groomer: Groomer) {
  if (!isHost(groomer)) throw refuse(403, 'That is for whose room it is to do.')
}
const open = (token: string) =>
  and(
    eq(roomInvitations.tokenHash, hashOf(token)),
    isNull(roomInvitations.used),
    gt(roomInvitations.expires, currentInstant()),
  )

/** Who works in a room, whose it is first; and who is asked, for whose room it is to see. */
export async function peopleOf(groomer: Groomer): Promise<Pick<Room, 'host' | 'people' | 'invitations'>> {
  const { roomId, groomerId } = groomer
  const [people, waiting] = await Promise.all([
    db()
      .select({ id: groomers.id, name: groomers.name })
      .from(groomers)
      .where(or(eq(groomers.id, roomId), eq(groomers.worksIn, roomId)))
      .orderBy(asc(groomers.created)),
    isHost(groomer)
      ? db()
          .select()
          .from(roomInvitations)
          .where(
            and(
              eq(roomInvitations.roomId, roomId),
              isNull(roomInvitations.used),
              gt(roomInvitations.expires, currentInstant()),
            ),
          )
          .orderBy(asc(roomInvitations.created))
      : [],
  ])
  return {
    host: isHost(groomer),
    people: people
      .map((p) => ({ ...p, you: p.id === groomerId, host: p.id === roomId }))
      .sort((a, b) => Number(b.host) - Number(a.host)),
    invitations: waiting.map((i) => ({ id: i.id, name: i.name, expires: i.expires.toISOString() })),
  }
}

/**
 * Asks somebody in. The link follows from the invitation's id and our secret: asking again, when the answer was lost,
 * gives the same. @returns null when there is another of that id. @throws 403 in a room that is not theirs
 */
export async function askIn(groomer: Groomer, { id, name }: z.output<typeof colleagueBody>) {
  mustHost(groomer)
  const { roomId } = groomer
  const token = keyed('colleague', `${roomId} ${id}`).toString('base64url')
  const rows = await db()
    .insert(roomInvitations)
    .values({ roomId, id, name, tokenHash: hashOf(token), expires: inDays(INVITED_DAYS) })
    .onConflictDoNothing()
    .returning({ id: roomInvitations.id })
  if (rows.length) return { token }
  const [there] = await db()
    .select({ id: roomInvitations.id })
    .from(roomInvitations)
    .where(and(eq(roomInvitations.roomId, roomId), eq(roomInvitations.id, id), open(token)))
  return there ? { token } : null
}

export async function withdrawAsking(groomer: Groomer, id: string) {
  mustHost(groomer)
  await db()
    .delete(roomInvitations)
    .where(and(eq(roomInvitations.roomId, groomer.roomId), eq(roomInvitations.id, id)))
}

/** What an invitation into a room says to whoever opens it; null when it opens nothing. */
export async function readAsking(token: string): Promise<Colleague | null> {
  const [row] = await db()
    .select({ room: groomers.room, host: groomers.name, name: roomInvitations.name })
    .from(roomInvitations)
    .innerJoin(groomers, eq(groomers.id, roomInvitations.roomId))
    .where(open(token))
  return row ?? null
}

/**
 * A groomer goes to work in a colleague's room. Their own dogs wait in their own.
 * @returns false when the invitation opens nothing. @throws 409 in words where they cannot
 */
export const workIn = (groomer: Groomer, token: string): Promise<boolean> =>
  inTransaction(async (tx) => {
    const [row] = await tx.select().from(roomInvitations).where(open(token)).for('update')
    if (!row) return false
    const { groomerId } = groomer
    if (row.roomId === groomerId) throw refuse(409, 'That is your own room.')
    const [colleague] = await tx
      .select({ id: groomers.id })
      .from(groomers)
      .where(eq(groomers.worksIn, groomerId))
      .limit(1)
    if (colleague)
      throw refuse(409, 'Others work in your own room. Send them away first, or ask this one in.')
    // One who has gone to work elsewhere since cannot take anybody along.
    const [host] = await tx
      .select({ worksIn: groomers.worksIn })
      .from(groomers)
      .where(eq(groomers.id, row.roomId))
    if (host?.worksIn) throw refuse(409, 'They work in another room themselves now.')
    await tx.update(roomInvitations).set({ used: currentInstant() }).where(open(token))
    await tx.update(groomers).set({ worksIn: row.roomId }).where(eq(groomers.id, groomerId))
    return true
  })

/** Somebody leaves a room, or is sent away: from then on they see none of its dogs. What they wrote stays. @throws 403, 404 in words */
export async function leaveRoomOf(by: Groomer, id: string) {
  if (id !== by.groomerId) mustHost(by)
  const rows = await db()
    .update(groomers)
    .set({ worksIn: null })
    .where(and(eq(groomers.id, id), eq(groomers.worksIn, by.roomId)))
    .returning({ id: groomers.id })
  if (!rows.length) throw refuse(404, 'Nobody like that works in this room.')
}
