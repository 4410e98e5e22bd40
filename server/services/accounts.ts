import { currentInstant, inDays } from '../clock'
import { and, eq, gt, isNull } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { mePrefsBody, signInBody, signUpBody } from '../../shared/api'
import { hashPassword, verifyPassword } from '../access/password'
import type { Former, Member } from '../access/authorise'
import { db, inTransaction } from '../db/client'
import { accounts, households, sessions } from '../db/schema'
import { askToConfirm } from './letters'
import { nextReminder } from './reminder-hour'

export const SESSION_DAYS = 60

/** Makes a household and its first account. @returns null when that address already has one. */
export async function signUp(form: z.output<typeof signUpBody>) {
  const passwordHash = await hashPassword(form.password)
  const householdId = uuid()
  const accountId = uuid()
  return inTransaction(async (tx) => {
    await tx
      .insert(households)
      .values({ id: householdId, name: `${form.name}’s household`, timeZone: form.timeZone })
    const [account] = await tx
      .insert(accounts)
      .values({ householdId, id: accountId, name: form.name, email: form.email, passwordHash })
      .onConflictDoNothing({ target: accounts.email, where: isNull(accounts.removed) })
      .returning({ id: accounts.id })
    if (!account) {
      await tx.delete(households).where(eq(households.id, householdId))
      return null
    }
    await askToConfirm(tx, { householdId }, form.email)
    return { householdId, accountId }
  })
}

const living = (email: string) => and(eq(accounts.email, email), isNull(accounts.removed))

/** @returns whose account it is, or null when address and password do not go together */
export async function checkPassword(form: z.output<typeof signInBody>) {
  const [account] = await db().select().from(accounts).where(living(form.email))
  const right = await verifyPassword(account?.passwordHash, form.password)
  return account && right ? { householdId: account.householdId, accountId: account.id } : null
}

export async function findByEmail(email: string) {
  const [account] = await db().select().from(accounts).where(living(email))
  return account ? { householdId: account.householdId, accountId: account.id } : null
}

export async function startSession(who: { householdId: string; accountId: string }): Promise<string> {
  const id = uuid()
  const expires = inDays(SESSION_DAYS)
  await db()
    .insert(sessions)
    .values({ ...who, id, expires })
  return id
}

export async function endSession(householdId: string, id: string) {
  await db()
    .update(sessions)
    .set({ revoked: currentInstant() })
    .where(and(eq(sessions.householdId, householdId), eq(sessions.id, id)))
}

/** Who is behind a live session: a member, or one who was; null when it has ended or never was. */
export async function findSession(householdId: string, id: string): Promise<Member | Former | null> {
  const [row] = await db()
    .select({
      accountId: accounts.id,
      name: accounts.name,
      email: accounts.email,
      role: accounts.role,
      removed: accounts.removed,
      household: households.name,
    })
    .from(sessions)
    .innerJoin(
      accounts,
      and(eq(accounts.householdId, sessions.householdId), eq(accounts.id, sessions.accountId)),
    )
    .innerJoin(households, eq(households.id, sessions.householdId))
    .where(
      and(
        eq(sessions.householdId, householdId),
        eq(sessions.id, id),
        isNull(sessions.revoked),
        gt(sessions.expires, currentInstant()),
      ),
    )
  if (!row) return null
  const { removed, household, ...member } = row
  return removed ? { kind: 'former', household } : { kind: 'member', sessionId: id, householdId, ...member }
}

const one = (householdId: string, id: string) =>
  and(eq(accounts.householdId, householdId), eq(accounts.id, id))

/** How an account wants to hear of things. */
export async function changePrefs(householdId: string, id: string, prefs: z.output<typeof mePrefsBody>) {
  const { timeZone } = await householdOf(householdId)
  const remindNext = nextReminder(prefs.remindAt, timeZone, currentInstant())
  await db()
    .update(accounts)
    .set({ ...prefs, remindNext })
    .where(one(householdId, id))
}

export async function householdOf(id: string) {
  const [row] = await db().select().from(households).where(eq(households.id, id))
  if (!row) throw new Error('A member without a household.')
  return row
}
