import { hash, verify } from '@node-rs/argon2'
import { and, eq, gt, isNull } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { signInBody, signUpBody } from '../../shared/api'
import type { Member } from '../access/authorise'
import { db } from '../db/client'
import { accounts, households, sessions } from '../db/schema'

export const SESSION_DAYS = 60

/** Argon2id at the cost OWASP's password storage sheet names: 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }
/** Verified against when no such account exists, so that both answers take as long. */
let nobody: Promise<string> | undefined

/** Makes a household and its first account. @returns null when that address already has one. */
export async function signUp(form: z.output<typeof signUpBody>) {
  const passwordHash = await hash(form.password, COST)
  const householdId = uuid()
  const accountId = uuid()
  return db().transaction(async (tx) => {
    await tx
      .insert(households)
      .values({ id: householdId, name: `${form.name}’s household`, timeZone: form.timeZone })
    const [account] = await tx
      .insert(accounts)
      .values({ householdId, id: accountId, name: form.name, email: form.email, passwordHash })
      .onConflictDoNothing({ target: accounts.email })
      .returning({ id: accounts.id })
    if (!account) {
      await tx.delete(households).where(eq(households.id, householdId))
      return null
    }
    return { householdId, accountId }
  })
}

/** @returns whose account it is, or null when address and password do not go together */
export async function checkPassword(form: z.output<typeof signInBody>) {
  const [account] = await db().select().from(accounts).where(eq(accounts.email, form.email))
  const stored = account?.passwordHash ?? (await (nobody ??= hash(uuid(), COST)))
  const right = await verify(stored, form.password)
  return account && right ? { householdId: account.householdId, accountId: account.id } : null
}

export async function findByEmail(email: string) {
  const [account] = await db().select().from(accounts).where(eq(accounts.email, email))
  return account ? { householdId: account.householdId, accountId: account.id } : null
}

export async function startSession(who: { householdId: string; accountId: string }): Promise<string> {
  const id = uuid()
  const expires = new Date(Date.now() + SESSION_DAYS * 86_400_000)
  await db()
    .insert(sessions)
    .values({ ...who, id, expires })
  return id
}

export async function endSession(householdId: string, id: string) {
  await db()
    .update(sessions)
    .set({ revoked: new Date() })
    .where(and(eq(sessions.householdId, householdId), eq(sessions.id, id)))
}

/** The member behind a live session; null when it has ended or never was. */
export async function findSession(householdId: string, id: string): Promise<Member | null> {
  const [row] = await db()
    .select({ accountId: accounts.id, name: accounts.name, email: accounts.email })
    .from(sessions)
    .innerJoin(
      accounts,
      and(eq(accounts.householdId, sessions.householdId), eq(accounts.id, sessions.accountId)),
    )
    .where(
      and(
        eq(sessions.householdId, householdId),
        eq(sessions.id, id),
        isNull(sessions.revoked),
        gt(sessions.expires, new Date()),
      ),
    )
  return row ? { kind: 'member', sessionId: id, householdId, ...row } : null
}

export async function householdOf(id: string) {
  const [row] = await db().select().from(households).where(eq(households.id, id))
  if (!row) throw new Error('A member without a household.')
  return row
}
