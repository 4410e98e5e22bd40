import { and, desc, eq, gt, isNull, ne, sql } from 'drizzle-orm'
import type { Placeholder } from 'drizzle-orm'
import { addMinutes, hoursToMilliseconds } from 'date-fns'
import { v7 as uuid } from 'uuid'
import type { SignedIn } from '../../shared/answers'
import { IDLE_DAYS, PROVED_MINUTES, SESSION_DAYS } from '../../shared/limits'
import type { Whose } from '../access/whose'
import { currentInstant, inDays } from '../clock'
import type { Db, Tx } from '../db/client'
import { db } from '../db/client'
import { groomerSessions, sessions } from '../db/schema'

/** When a session was last seen is noted no oftener than this: it is a write in every call's way (judgement). */
const SEEN_MS = hoursToMilliseconds(1)

/** A session as the calls in it need it. */
export interface SessionState {
  lastSeen: Date
  provedUntil: Date
}
const table = (whose: Whose) =>
  whose.realm === 'household'
    ? {
        of: sessions,
        mine: and(eq(sessions.householdId, whose.householdId), eq(sessions.accountId, whose.accountId)),
      }
    : { of: groomerSessions, mine: eq(groomerSessions.groomerId, whose.groomerId) }

/** What makes a session count: it was not ended, has not run out, and did not lie idle too long. */
export const counts = (
  of: typeof sessions | typeof groomerSessions,
  { now, idleSince }: Record<keyof ReturnType<typeof asOfNow>, Date | Placeholder> = asOfNow(),
) => and(isNull(of.revoked), gt(of.expires, now), gt(of.lastSeen, idleSince))
/** When that is asked, and since when a session lies idle too long. */
export const asOfNow = () => ({ now: currentInstant(), idleSince: inDays(-IDLE_DAYS) })
/** The session that is asked about, and both instants, where the statement is one that every call asks. */
export const ASKED = {
  whose: sql.placeholder('whose'),
  session: sql.placeholder('session'),
  now: sql.placeholder('now'),
  idleSince: sql.placeholder('idleSince'),
}

const soon = () => addMinutes(currentInstant(), PROVED_MINUTES)

/**
 * A fresh session.
 * @param device what it is signed in from, as its owner will know it
 * @param proved whether they need never be asked again: in the demo nobody has a password
 */
export async function startSession(whose: Whose, device: string, proved: boolean): Promise<string> {
  const id = uuid()
  const expires = inDays(SESSION_DAYS)
  const row = { id, expires, device, provedUntil: proved ? expires : soon() }
  if (whose.realm === 'household') {
    const { householdId, accountId } = whose
    await db()
      .insert(sessions)
      .values({ ...row, householdId, accountId })
  } else
    await db()
      .insert(groomerSessions)
      .values({ ...row, groomerId: whose.groomerId })
  return id
}

/** The session is seen now, if that was not noted lately. */
export async function seen(whose: Whose, id: string, { lastSeen }: SessionState) {
  const now = currentInstant()
  if (now.getTime() - lastSeen.getTime() < SEEN_MS) return
  const { of, mine } = table(whose)
  await db()
    .update(of)
    .set({ lastSeen: now })
    .where(and(mine, eq(of.id, id)))
}

/** They said once more who they are. */
export async function prove(whose: Whose, id: string) {
  const { of, mine } = table(whose)
  await db()
    .update(of)
    .set({ provedUntil: soon() })
    .where(and(mine, eq(of.id, id)))
}

/** @returns false where there is no such session of theirs */
export async function endSession(whose: Whose, id: string): Promise<boolean> {
  const { of, mine } = table(whose)
  const rows = await db()
    .update(of)
    .set({ revoked: currentInstant() })
    .where(and(mine, eq(of.id, id), isNull(of.revoked)))
    .returning({ id: of.id })
  return rows.length > 0
}

/** Ends them all, but the one given. */
export async function endSessions(at: Db | Tx, whose: Whose, but?: string) {
  const { of, mine } = table(whose)
  await at
    .update(of)
    .set({ revoked: currentInstant() })
    .where(and(mine, isNull(of.revoked), ...(but ? [ne(of.id, but)] : [])))
}

/** Where they are signed in, the last seen first. */
export async function sessionsOf(whose: Whose, here: string): Promise<SignedIn[]> {
  const { of, mine } = table(whose)
  const rows = await db()
    .select({ id: of.id, device: of.device, created: of.created, lastSeen: of.lastSeen })
    .from(of)
    .where(and(mine, counts(of)))
    .orderBy(desc(of.lastSeen))
  return rows.map((r) => ({
    id: r.id,
    device: r.device,
    since: r.created.toISOString(),
    lastSeen: r.lastSeen.toISOString(),
    here: r.id === here,
  }))
}
