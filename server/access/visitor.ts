import { createHash } from 'node:crypto'
import { secondsInDay } from 'date-fns/constants'
import { getCookie, unsealSession, useSession } from 'h3'
import type { H3Event } from 'h3'
import { findSession } from '../services/accounts'
import { findGroomerSession } from '../services/groomers'
import { openShare } from '../services/shares'
import { SESSION_DAYS } from '../../shared/limits'
import { seen } from '../services/sessions'
import type { Visitor } from './authorise'
import { secrets } from './secrets'
import { whoseIs } from './whose'
import { callerOf } from './caller'
import { bearer } from './bearer'
import type { RouteKey } from './routes'
import { routeRow } from './routes'

/** The sealed cookie carries whose it is and the number of a row; the row can be revoked. */
interface Ticket {
  householdId?: string
  accountId?: string
  groomerId?: string
  sessionId?: string
  /** A device that has signed in before, and to which accounts, by their hashes. */
  device?: string
  accounts?: string[]
  /** What a key is asked to answer. */
  challenge?: string
}
/** An owner and a groomer may be signed in side by side: each has a cookie. */
const COOKIES = {
  household: 'grumbo',
  room: 'grumbo-room',
  known: 'grumbo-known',
  challenge: 'grumbo-challenge',
} as const
/** How long each is kept, s: a device stays known for so long, and a key answers in so long (judgement). */
export const LASTS_S = {
  household: SESSION_DAYS * secondsInDay,
  room: SESSION_DAYS * secondsInDay,
  known: 400 * secondsInDay,
  challenge: 5 * 60,
} as const satisfies Record<keyof typeof COOKIES, number>

export const cookie = (event: H3Event, which: keyof typeof COOKIES) =>
  useSession<Ticket>(event, sealedBy(event, which))

/** By TLS a cookie's name says that it is this host's alone, and the browser holds it to that. */
const nameOf = (event: H3Event, which: keyof typeof COOKIES) =>
  `${callerOf(event).secure ? '__Host-' : ''}${COOKIES[which]}`

function sealedBy(event: H3Event, which: keyof typeof COOKIES, password = secrets()[0]) {
  return {
    name: nameOf(event, which),
    password,
    maxAge: LASTS_S[which],
    sessionHeader: false as const,
    cookie: {
      httpOnly: true,
      sameSite: 'lax' as const,
      path: '/',
      secure: callerOf(event).secure,
    },
  }
}

/** Whether somebody brings a seal of ours, whatever it holds. */
export const mayBeSignedIn = (event: H3Event) =>
  !!(getCookie(event, nameOf(event, 'household')) ?? getCookie(event, nameOf(event, 'room')))

/** Opening a seal is dear and comes with every call: tickets read lately, by the hash of what was sealed (judgement). */
const MOST_READ = 4_000
const readLately = new Map<string, Ticket>()
/** What a caller's cookie says, whom the database then knows or does not. */
export async function ticketOf(event: H3Event, which: 'household' | 'room'): Promise<Ticket> {
  const sealed = getCookie(event, nameOf(event, which))
  if (!sealed) return {}
  const key = createHash('sha256').update(`${which} ${sealed}`).digest('base64')
  const read = readLately.get(key)
  if (read) return read
  const ticket = await opened(event, which, sealed)
  readLately.set(key, ticket)
  if (readLately.size > MOST_READ) readLately.delete(readLately.keys().next().value!)
  return ticket
}

/** A ticket that was sealed by a secret of before is sealed anew. */
async function opened(event: H3Event, which: 'household' | 'room', sealed: string): Promise<Ticket> {
  for (const [n, secret] of secrets().entries()) {
    const read = await unsealSession(event, sealedBy(event, which, secret), sealed).catch(() => null)
    if (!read?.data) continue
    const ticket = read.data as Ticket
    if (n > 0) await (await cookie(event, which)).update(ticket)
    return ticket
  }
  return {}
}

/** Which of the cookies a route reads; none where it goes by a link. */
export const cookieFor = (key: RouteKey): 'household' | 'room' | null => {
  const { access } = routeRow(key)
  if (access === 'link') return null
  return access === 'groomer' || access === 'invited' ? 'room' : 'household'
}

/** Who is calling: by link, or whom the route's cookie names. */
export async function visitorOf(event: H3Event, key: RouteKey): Promise<Visitor> {
  const which = cookieFor(key)
  if (!which) {
    const token = bearer(event)
    return (token && (await openShare(token))) || { kind: 'anonymous' }
  }
  const { householdId, groomerId, sessionId } = await ticketOf(event, which)
  const found =
    sessionId && householdId
      ? await findSession(householdId, sessionId)
      : sessionId && groomerId
        ? await findGroomerSession(groomerId, sessionId)
        : null
  if (found && found.kind !== 'former') await seen(whoseIs(found), found.sessionId, found)
  return found ?? { kind: 'anonymous' }
}
