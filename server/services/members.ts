import { currentInstant, inDays } from '../clock'
import { and, asc, eq, gt, inArray, isNotNull, isNull, ne } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { z } from 'zod'
import type { householdBody, invitationBody, joinBody } from '../../shared/api'
import type { Household } from '../../shared/answers'
import type { Role } from '../../shared/limits'
import type { Member } from '../access/authorise'
import { hashPassword } from '../access/password'
import { refuse } from '../access/refuse'
import { hashOf, keyed } from '../access/token'
import { db, inTransaction } from '../db/client'
import type { Tx } from '../db/client'
import { accounts, households, invitations } from '../db/schema'
import { addAccount, checkPassword, householdOf } from './accounts'
import { behindDoor, closeDoors, doorKey, openDoors, within } from './doors'
import { askToConfirm, sayStanding, standingOf } from './letters'
import { nextReminder } from './reminder-hour'

/** An invitation that nobody took has run out after so many days (judgement). */
const INVITED_DAYS = 14

export async function householdView(member: Member): Promise<Household> {
  const { householdId } = member
  const [household, letters, members, waiting] = await Promise.all([
    householdOf(householdId),
    standingOf(db(), member.email),
    db()
      .select()
      .from(accounts)
      .where(and(eq(accounts.householdId, householdId), isNull(accounts.removed)))
      .orderBy(asc(accounts.created)),
    db()
      .select()
      .from(invitations)
      .where(
        and(
          eq(invitations.householdId, householdId),
          isNull(invitations.used),
          gt(invitations.expires, currentInstant()),
        ),
      )
      .orderBy(asc(invitations.created)),
  ])
  const me = members.find((m) => m.id === member.accountId)
  return {
    name: household.name,
    timeZone: household.timeZone,
    sharesCounts: household.sharesCounts,
    deleteAfter: household.deleteAfter?.toISOString() ?? null,
    mine: {
      mailNotes: me?.mailNotes ?? true,
      remindAt: me?.remindAt ?? null,
      letters: sayStanding(letters, !!me?.claimed),
    },
    members: members.map((m) => ({
      id: m.id,
      name: m.name,
      // Addresses are for the owner to see, and each their own.
      email: member.role === 'owner' || m.id === member.accountId ? m.email : null,
      role: m.role,
      you: m.id === member.accountId,
    })),
    invitations:
      member.role === 'owner'
        ? waiting.map((i) => ({
            id: i.id,
            name: i.name,
            role: i.role,
            expires: i.expires.toISOString(),
          }))
        : [],
  }
}

/** Reminders keep their hour by the household's own clock, so another zone moves them. */
export async function changeHousehold(householdId: string, form: z.output<typeof householdBody>) {
  await inTransaction(async (tx) => {
    await tx.update(households).set(form).where(eq(households.id, householdId))
    const asked = await tx
      .select({ id: accounts.id, remindAt: accounts.remindAt })
      .from(accounts)
      .where(and(eq(accounts.householdId, householdId), isNotNull(accounts.remindAt)))
    for (const { id, remindAt } of asked)
      await tx
        .update(accounts)
        .set({ remindNext: nextReminder(remindAt, form.timeZone, currentInstant()) })
        .where(and(eq(accounts.householdId, householdId), eq(accounts.id, id)))
  })
}

/**
 * Makes an invitation. Its link follows from its id and our secret: asking again, when the answer was lost,
 * gives the same. @returns null when there is another of that id
 */
export async function invite(householdId: string, form: z.output<typeof invitationBody>) {
  const token = keyed('invitation', `${householdId} ${form.id}`).toString('base64url')
  const expires = inDays(INVITED_DAYS)
  const row = await inTransaction(async (tx) => {
    const [made] = await tx
      .insert(invitations)
      .values({
        householdId,
        id: form.id,
        tokenHash: hashOf(token),
        role: form.role,
        name: form.name,
        expires,
      })
      .onConflictDoNothing()
      .returning({ expires: invitations.expires })
    if (made) await openDoors(tx, { householdId, id: form.id }, [doorKey.token(token)])
    return made
  })
  if (row) return { token, expires: row.expires.toISOString() }
  const [there] = await db()
    .select({ expires: invitations.expires })
    .from(invitations)
    .where(and(eq(invitations.householdId, householdId), eq(invitations.id, form.id), open(token)))
  return there ? { token, expires: there.expires.toISOString() } : null
}

export async function withdraw(householdId: string, id: string) {
  const rows = await db()
    .delete(invitations)
    .where(and(eq(invitations.householdId, householdId), eq(invitations.id, id)))
    .returning({ id: invitations.id })
  return rows.length > 0
}

/** The household an invitation's link leads to; none where it leads nowhere. */
const homesBehind = async (token: string) => within(await behindDoor(doorKey.token(token))).homes
const open = (token: string) =>
  and(
    eq(invitations.tokenHash, hashOf(token)),
    isNull(invitations.used),
    gt(invitations.expires, currentInstant()),
  )

/** What an invitation says to whoever opens it; null when it opens nothing. */
export async function readInvitation(token: string) {
  const homes = await homesBehind(token)
  if (!homes.length) return null
  const [row] = await db()
    .select({ name: invitations.name, role: invitations.role, household: households.name })
    .from(invitations)
    .innerJoin(households, eq(households.id, invitations.householdId))
    .where(and(inArray(invitations.householdId, homes), open(token)))
  return row ?? null
}

/**
 * Takes an invitation up with an account of one's own. @returns null when it opens nothing; 'taken' when address and
 * password open another account already, which would have to be told from this one
 */
export async function join(token: string, form: z.output<typeof joinBody>) {
  if (!(await readInvitation(token))) return null
  if (await checkPassword(form)) return 'taken' as const
  const passwordHash = await hashPassword(form.password)
  const homes = await homesBehind(token)
  return inTransaction(async (tx) => {
    const [row] = await tx
      .update(invitations)
      .set({ used: currentInstant() })
      .where(and(inArray(invitations.householdId, homes), open(token)))
      .returning()
    if (!row) return null
    const { householdId } = row
    const whose = { realm: 'household', householdId, accountId: uuid() } as const
    await addAccount(tx, {
      householdId,
      id: whose.accountId,
      name: form.name,
      email: form.email,
      role: row.role,
      passwordHash,
    })
    await askToConfirm(tx, whose, form.email)
    return whose
  })
}

const one = (householdId: string, id: string) =>
  and(eq(accounts.householdId, householdId), eq(accounts.id, id), isNull(accounts.removed))

/** A household keeps an owner. The household's row is held, so that two cannot step down at once. */
async function anotherOwner(tx: Tx, householdId: string, than: string) {
  await tx.select().from(households).where(eq(households.id, householdId)).for('update')
  const [row] = await tx
    .select({ id: accounts.id })
    .from(accounts)
    .where(
      and(
        eq(accounts.householdId, householdId),
        eq(accounts.role, 'owner'),
        ne(accounts.id, than),
        isNull(accounts.removed),
      ),
    )
  return !!row
}
const LAST_OWNER = 'A household keeps an owner. Make somebody else an owner first, or delete the household.'

/** @throws 404 for nobody here, 409 for the last owner */
export async function setRole(householdId: string, id: string, role: Role) {
  await inTransaction(async (tx) => {
    if (role !== 'owner' && !(await anotherOwner(tx, householdId, id))) throw refuse(409, LAST_OWNER)
    const rows = await tx
      .update(accounts)
      .set({ role })
      .where(one(householdId, id))
      .returning({ id: accounts.id })
    if (!rows.length) throw refuse(404, 'Nobody like that is in this household.')
  })
}

/** Somebody leaves, or is taken out by the owner. What they wrote stays. @throws 403, 404, 409 in words */
export async function removeMember(by: Member, id: string) {
  if (id !== by.accountId && by.role !== 'owner')
    throw refuse(403, 'That is for the owner of this household to do.')
  await inTransaction(async (tx) => {
    const [member] = await tx.select().from(accounts).where(one(by.householdId, id))
    if (!member) throw refuse(404, 'Nobody like that is in this household.')
    if (member.role === 'owner' && !(await anotherOwner(tx, by.householdId, id)))
      throw refuse(409, LAST_OWNER)
    await tx
      .update(accounts)
      .set({ removed: currentInstant(), remindAt: null, remindNext: null })
      .where(one(by.householdId, id))
    await closeDoors(tx, doorKey.address(member.email), id)
  })
}
