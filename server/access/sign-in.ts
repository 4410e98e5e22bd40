import type { H3Event } from 'h3'
import { endSession, startSession } from '../services/accounts'
import type { Member } from './authorise'
import { cookie } from './visitor'

/** A fresh session, sealed into the cookie; one left from before gives way to it. */
export async function signIn(event: H3Event, who: { householdId: string; accountId: string }) {
  const session = await cookie(event)
  await session.clear()
  await session.update({ householdId: who.householdId, sessionId: await startSession(who) })
}

export async function signOut(event: H3Event, member: Member) {
  await endSession(member.householdId, member.sessionId)
  await (await cookie(event)).clear()
}
