import type { H3Event } from 'h3'
import { endSession, startSession } from '../services/accounts'
import { endGroomerSession, startGroomerSession } from '../services/groomers'
import type { Groomer, Member } from './authorise'
import { cookie } from './visitor'

/** A fresh session, sealed into the cookie; one left from before gives way to it. */
export async function signIn(event: H3Event, who: { householdId: string; accountId: string }) {
  const session = await cookie(event, 'household')
  const { householdId, sessionId } = session.data
  if (householdId && sessionId) await endSession(householdId, sessionId)
  await session.clear()
  await session.update({ householdId: who.householdId, sessionId: await startSession(who) })
}

export async function signOut(event: H3Event, member: Member) {
  await endSession(member.householdId, member.sessionId)
  await (await cookie(event, 'household')).clear()
}

export async function enterRoom(event: H3Event, groomerId: string) {
  const session = await cookie(event, 'room')
  const before = session.data
  if (before.groomerId && before.sessionId) await endGroomerSession(before.groomerId, before.sessionId)
  await session.clear()
  await session.update({ groomerId, sessionId: await startGroomerSession(groomerId) })
}

export async function leaveRoom(event: H3Event, groomer: Groomer) {
  await endGroomerSession(groomer.groomerId, groomer.sessionId)
  await (await cookie(event, 'room')).clear()
}
