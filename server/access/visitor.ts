import { getHeader, getRequestProtocol, useSession } from 'h3'
import type { H3Event } from 'h3'
import { findSession, SESSION_DAYS } from '../services/accounts'
import { openShare } from '../services/shares'
import type { Visitor } from './authorise'

/** The sealed cookie carries the household and the number of a row; the row can be revoked. */
interface Ticket {
  householdId?: string
  sessionId?: string
}

export function cookie(event: H3Event) {
  const password = process.env.NUXT_SESSION_PASSWORD ?? ''
  if (password.length < 32) throw new Error('NUXT_SESSION_PASSWORD wants 32 characters or more.')
  return useSession<Ticket>(event, {
    name: 'grumbo',
    password,
    maxAge: SESSION_DAYS * 86_400,
    sessionHeader: false,
    cookie: {
      httpOnly: true,
      sameSite: 'lax',
      path: '/',
      secure: getRequestProtocol(event) === 'https',
    },
  })
}

/** Who is calling: by link where the route is for links, else by cookie. */
export async function visitorOf(event: H3Event, byLink: boolean): Promise<Visitor> {
  if (byLink) {
    const token = /^Bearer ([\w-]{20,60})$/.exec(getHeader(event, 'authorization') ?? '')?.[1]
    return (token && (await openShare(token))) || { kind: 'anonymous' }
  }
  const { data } = await cookie(event)
  if (!data.householdId || !data.sessionId) return { kind: 'anonymous' }
  return (await findSession(data.householdId, data.sessionId)) ?? { kind: 'anonymous' }
}
