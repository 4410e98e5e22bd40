import type { H3Event } from 'h3'
import { endSession, startSession } from '../services/sessions'
import type { Groomer, Member } from './authorise'
import { deviceOf } from './device'
import { rememberDevice } from './tries'
import { cookie, ticketOf } from './visitor'
import { whoseIs } from './whose'
import type { Whose } from './whose'

/**
 * A fresh session, sealed into the cookie; one left from before gives way to it.
 * @param email what it was signed in with, by which the device is known again
 */
export async function signIn(event: H3Event, whose: Whose, email: string) {
  await enter(event, whose, false)
  await rememberDevice(event, whose.realm, email)
}
/** Into the demo, where nobody has a password to be asked for. */
export const lookRound = (event: H3Event, whose: Whose) => enter(event, whose, true)

async function enter(event: H3Event, whose: Whose, proved: boolean) {
  const before = await ticketOf(event, whose.realm)
  const was = whoseTicket(before)
  if (was && before.sessionId) await endSession(was, before.sessionId)
  const session = await cookie(event, whose.realm)
  await session.clear()
  const sessionId = await startSession(whose, deviceOf(event), proved)
  const { realm: _, ...ids } = whose
  await session.update({ ...ids, sessionId })
}
const whoseTicket = ({
  householdId,
  accountId,
  groomerId,
}: Awaited<ReturnType<typeof ticketOf>>): Whose | null =>
  groomerId
    ? { realm: 'room', groomerId }
    : householdId && accountId
      ? { realm: 'household', householdId, accountId }
      : null

export async function signOut(event: H3Event, visitor: Member | Groomer) {
  const whose = whoseIs(visitor)
  await endSession(whose, visitor.sessionId)
  await (await cookie(event, whose.realm)).clear()
}
