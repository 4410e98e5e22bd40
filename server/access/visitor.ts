import { useSession } from 'h3'
import type { H3Event } from 'h3'
import { findSession, SESSION_DAYS } from '../services/accounts'
import { findGroomerSession } from '../services/groomers'
import { openShare } from '../services/shares'
import type { Visitor } from './authorise'
import { callerOf } from './caller'
import { bearer } from './bearer'
import type { RouteKey } from './routes'
import { routeRow } from './routes'

/** The sealed cookie carries whose it is and the number of a row; the row can be revoked. */
interface Ticket {
  householdId?: string
  groomerId?: string
  sessionId?: string
  /** A device that has signed in before, and to which accounts, by their hashes. */
  device?: string
  accounts?: string[]
}
/** An owner and a groomer may be signed in side by side: each has a cookie. */
const COOKIES = { household: 'grumbo', room: 'grumbo-room', known: 'grumbo-known' } as const
/** A device stays known for so long, days. */
const KNOWN_DAYS = 400

export function cookie(event: H3Event, which: keyof typeof COOKIES) {
  const password = process.env.NUXT_SESSION_PASSWORD ?? ''
  if (password.length < 32) throw new Error('NUXT_SESSION_PASSWORD wants 32 characters or more.')
  return useSession<Ticket>(event, {
    name: COOKIES[which],
    password,
    maxAge: (which === 'known' ? KNOWN_DAYS : SESSION_DAYS) * 86_400,
    sessionHeader: false,
    cookie: {
      httpOnly: true,
      sameSite: 'lax',
      path: '/',
      secure: callerOf(event).secure,
    },
  })
}

/** Who is calling: by link or by room where the route is for those, else by the household's cookie. */
export async function visitorOf(event: H3Event, key: RouteKey): Promise<Visitor> {
  const { access } = routeRow(key)
  if (access === 'link') {
    const token = bearer(event)
    return (token && (await openShare(token))) || { kind: 'anonymous' }
  }
  if (access === 'groomer' || access === 'invited') {
    const { data } = await cookie(event, 'room')
    if (!data.groomerId || !data.sessionId) return { kind: 'anonymous' }
    return (await findGroomerSession(data.groomerId, data.sessionId)) ?? { kind: 'anonymous' }
  }
  const { data } = await cookie(event, 'household')
  if (!data.householdId || !data.sessionId) return { kind: 'anonymous' }
  return (await findSession(data.householdId, data.sessionId)) ?? { kind: 'anonymous' }
}
