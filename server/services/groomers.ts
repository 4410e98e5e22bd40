import { and, asc, eq, inArray, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { groomerBody, roomBody, signInBody } from '../../shared/api'
import type { Groomer } from '../access/authorise'
import { hashPassword, whichOpens } from '../access/password'
import { db, inTransaction, oftenAsked } from '../db/client'
import type { Db, Tx } from '../db/client'
import { groomers, groomerSessions } from '../db/schema'
import { MOST_OF_ADDRESS } from './accounts'
import { askToConfirm } from './letters'
import { ASKED, asOfNow, counts } from './sessions'

/** Makes a groomer's account; whoever knows the password of one there is comes back into that one. */
export async function addGroomer(form: z.output<typeof groomerBody>): Promise<string> {
  const known = await checkGroomer(form)
  if (known) return known
  const passwordHash = await hashPassword(form.password)
  const groomerId = uuid()
  await inTransaction(async (tx) => {
    const another = (await living(tx, form.email)).length > 0
    await tx
      .insert(groomers)
      .values({ id: groomerId, name: form.name, room: form.room, email: form.email, passwordHash })
    await askToConfirm(tx, { realm: 'room', groomerId }, form.email, another)
  })
  return groomerId
}

const living = (at: Db | Tx, email: string) =>
  at
    .select()
    .from(groomers)
    .where(eq(groomers.email, email))
    .orderBy(asc(sql`${groomers.claimed} is null`), asc(groomers.created))
    .limit(MOST_OF_ADDRESS)

export const checkGroomer = async (form: z.output<typeof signInBody>): Promise<string | null> =>
  (await whichOpens(await living(db(), form.email), form.password))?.id ?? null

export const groomerByEmail = async (email: string): Promise<string | null> =>
  (await living(db(), email))[0]?.id ?? null

const sessionAsked = oftenAsked((at) => {
  const rooms = alias(groomers, 'rooms')
  return at
    .select({
      name: groomers.name,
      room: sql<string>`coalesce(${rooms.room}, ${groomers.room})`,
      roomId: sql<string>`coalesce(${rooms.id}, ${groomers.id})`,
      email: groomers.email,
      claimed: sql<boolean>`${groomers.claimed} is not null`,
      lastSeen: groomerSessions.lastSeen,
      provedUntil: groomerSessions.provedUntil,
    })
    .from(groomerSessions)
    .innerJoin(groomers, eq(groomers.id, groomerSessions.groomerId))
    .leftJoin(rooms, eq(rooms.id, groomers.worksIn))
    .where(
      and(
        eq(groomerSessions.groomerId, ASKED.whose),
        eq(groomerSessions.id, ASKED.session),
        counts(groomerSessions, ASKED),
      ),
    )
    .prepare('')
})
export async function findGroomerSession(groomerId: string, id: string): Promise<Groomer | null> {
  const [row] = await sessionAsked().execute({ whose: groomerId, session: id, ...asOfNow() })
  return row ? { kind: 'groomer', sessionId: id, groomerId, ...row } : null
}

/** Groomers by their ids, of which some may be none. */
export async function groomersById(ids: readonly (string | null)[], at: Db | Tx = db()) {
  const some = [...new Set(ids.filter((id) => id !== null))]
  if (!some.length) return new Map<string, never>()
  const rows = await at
    .select({
      id: groomers.id,
      room: groomers.room,
      email: groomers.email,
      claimed: groomers.claimed,
      mailNotes: groomers.mailNotes,
    })
    .from(groomers)
    .where(inArray(groomers.id, some))
  return new Map(rows.map((g) => [g.id, g]))
}

export async function roomPrefs(groomerId: string) {
  const [row] = await db()
    .select({ mailNotes: groomers.mailNotes, deleteAfter: groomers.deleteAfter })
    .from(groomers)
    .where(eq(groomers.id, groomerId))
  return { mailNotes: row?.mailNotes ?? true, deleteAfter: row?.deleteAfter?.toISOString() ?? null }
}
/** Letters are each one's own; the room's name is for whose room it is. */
export const changeRoom = (
  { groomerId, roomId }: Pick<Groomer, 'groomerId' | 'roomId'>,
  { room, mailNotes }: z.output<typeof roomBody>,
) =>
  db()
    .update(groomers)
    .set({ mailNotes, ...(groomerId === roomId ? { room } : {}) })
    .where(eq(groomers.id, groomerId))
