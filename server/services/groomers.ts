import { currentInstant, inDays } from '../clock'
import { and, eq, gt, isNull, sql } from 'drizzle-orm'
import { alias } from 'drizzle-orm/pg-core'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { groomerBody, roomBody, signInBody } from '../../shared/api'
import type { Groomer } from '../access/authorise'
import { hashPassword, verifyPassword } from '../access/password'
import { db, inTransaction } from '../db/client'
import { groomers, groomerSessions } from '../db/schema'
import { SESSION_DAYS } from './accounts'
import { askToConfirm } from './letters'

/** Makes a groomer's account. @returns null when that address already has one */
export async function addGroomer(form: z.output<typeof groomerBody>): Promise<string | null> {
  const passwordHash = await hashPassword(form.password)
  return inTransaction(async (tx) => {
    const [row] = await tx
      .insert(groomers)
      .values({ id: uuid(), name: form.name, room: form.room, email: form.email, passwordHash })
      .onConflictDoNothing({ target: groomers.email })
      .returning({ id: groomers.id })
    if (row) await askToConfirm(tx, { groomerId: row.id }, form.email)
    return row?.id ?? null
  })
}

export async function checkGroomer(form: z.output<typeof signInBody>): Promise<string | null> {
  const [row] = await db().select().from(groomers).where(eq(groomers.email, form.email))
  const right = await verifyPassword(row?.passwordHash, form.password)
  return row && right ? row.id : null
}

export async function groomerByEmail(email: string): Promise<string | null> {
  const [row] = await db().select({ id: groomers.id }).from(groomers).where(eq(groomers.email, email))
  return row?.id ?? null
}

export async function startGroomerSession(groomerId: string): Promise<string> {
  const id = uuid()
  const expires = inDays(SESSION_DAYS)
  await db().insert(groomerSessions).values({ groomerId, id, expires })
  return id
}

const session = (groomerId: string, id: string) =>
  and(eq(groomerSessions.groomerId, groomerId), eq(groomerSessions.id, id))

export const endGroomerSession = (groomerId: string, id: string) =>
  db().update(groomerSessions).set({ revoked: currentInstant() }).where(session(groomerId, id))

export async function findGroomerSession(groomerId: string, id: string): Promise<Groomer | null> {
  const rooms = alias(groomers, 'rooms')
  const [row] = await db()
    .select({
      name: groomers.name,
      room: sql<string>`coalesce(${rooms.room}, ${groomers.room})`,
      roomId: sql<string>`coalesce(${rooms.id}, ${groomers.id})`,
      email: groomers.email,
    })
    .from(groomerSessions)
    .innerJoin(groomers, eq(groomers.id, groomerSessions.groomerId))
    .leftJoin(rooms, eq(rooms.id, groomers.worksIn))
    .where(
      and(
        session(groomerId, id),
        isNull(groomerSessions.revoked),
        gt(groomerSessions.expires, currentInstant()),
      ),
    )
  return row ? { kind: 'groomer', sessionId: id, groomerId, ...row } : null
}

export async function roomPrefs(groomerId: string) {
  const [row] = await db()
    .select({ mailNotes: groomers.mailNotes })
    .from(groomers)
    .where(eq(groomers.id, groomerId))
  return row?.mailNotes ?? true
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
