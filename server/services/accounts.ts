import { currentInstant } from '../clock'
import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { mePrefsBody, signInBody, signUpBody } from '../../shared/api'
import { hashPassword, whichOpens } from '../access/password'
import type { Former, Member } from '../access/authorise'
import { db, inTransaction, oftenAsked } from '../db/client'
import type { Db, Tx } from '../db/client'
import { accounts, households, sessions } from '../db/schema'
import { behindDoor, doorKey, openDoors, within } from './doors'
import { askToConfirm } from './letters'
import { nextReminder } from './reminder-hour'
import { ASKED, asOfNow, counts } from './sessions'

/** Accounts of one address that a password is tried with: claimed ones first, then the oldest (judgement). */
export const MOST_OF_ADDRESS = 5

/** An account, with the door of its address. */
export async function addAccount(at: Db | Tx, account: typeof accounts.$inferInsert) {
  const { householdId, id, email } = account
  await at.insert(accounts).values(account)
  await openDoors(at, { householdId, id }, [doorKey.address(email)])
}

/**
 * Makes a household and its first account. Whoever knows the password of an account there is comes back into that one;
 * nobody else is told of it here: the letter to the address is.
 */
export async function signUp(form: z.output<typeof signUpBody>) {
  const known = await checkPassword(form)
  if (known) return known
  const passwordHash = await hashPassword(form.password)
  const householdId = uuid()
  const accountId = uuid()
  return inTransaction(async (tx) => {
    await tx
      .insert(households)
      .values({ id: householdId, name: `${form.name}’s household`, timeZone: form.timeZone })
    const whose = { realm: 'household', householdId, accountId } as const
    const another = (await living(tx, form.email)).length > 0
    await addAccount(tx, { householdId, id: accountId, name: form.name, email: form.email, passwordHash })
    await askToConfirm(tx, whose, form.email, another)
    return whose
  })
}

/** The accounts an address has. More than one may: whoever signs up is not told that it has one. */
export async function living(at: Db | Tx, email: string) {
  const { homes, ids } = within(await behindDoor(doorKey.address(email), undefined, at))
  if (!ids.length) return []
  return at
    .select()
    .from(accounts)
    .where(
      and(
        inArray(accounts.householdId, homes),
        inArray(accounts.id, ids),
        eq(accounts.email, email),
        isNull(accounts.removed),
      ),
    )
    .orderBy(asc(sql`${accounts.claimed} is null`), asc(accounts.created))
    .limit(MOST_OF_ADDRESS)
}
const whoseRow = ({ householdId, id }: typeof accounts.$inferSelect) =>
  ({ realm: 'household', householdId, accountId: id }) as const

/** @returns whose account it is, or null when address and password do not go together */
export async function checkPassword(form: z.output<typeof signInBody>) {
  const account = await whichOpens(await living(db(), form.email), form.password)
  return account && whoseRow(account)
}

export async function findByEmail(email: string) {
  const [account] = await living(db(), email)
  return account ? whoseRow(account) : null
}

const sessionAsked = oftenAsked((at) =>
  at
    .select({
      accountId: accounts.id,
      name: accounts.name,
      email: accounts.email,
      role: accounts.role,
      claimed: sql<boolean>`${accounts.claimed} is not null`,
      removed: accounts.removed,
      household: households.name,
      lastSeen: sessions.lastSeen,
      provedUntil: sessions.provedUntil,
    })
    .from(sessions)
    .innerJoin(
      accounts,
      and(eq(accounts.householdId, sessions.householdId), eq(accounts.id, sessions.accountId)),
    )
    .innerJoin(households, eq(households.id, sessions.householdId))
    .where(
      and(eq(sessions.householdId, ASKED.whose), eq(sessions.id, ASKED.session), counts(sessions, ASKED)),
    )
    .prepare(''),
)
/** Who is behind a live session: a member, or one who was; null when it has ended or never was. */
export async function findSession(householdId: string, id: string): Promise<Member | Former | null> {
  const [row] = await sessionAsked().execute({ whose: householdId, session: id, ...asOfNow() })
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
