import { defineEventHandler, isError, getHeader, getRouterParam, setHeader } from 'h3'
import type { EventHandler, H3Event } from 'h3'
import type { z } from 'zod'
import type { Nobody } from '../../shared/answers'
import { OURS } from '../../shared/limits'
import { findDog } from '../services/dogs'
import { findKept } from '../services/shares'
import { authorise } from './authorise'
import type { Answer, Groomer, Kept, LinkHolder, Member, Thing, Visitor } from './authorise'
import { bearer } from './bearer'
import { callNumberOf } from './call-number'
import { callerOf } from './caller'
import { ration } from './ration'
import { failure, refuse, refuseFor } from './refuse'
import { routeRow } from './routes'
import type { AccessOf, RouteKey } from './routes'
import { inTurn } from './turns'
import { cookieFor, ticketOf, visitorOf } from './visitor'

type VisitorFor<K extends RouteKey> = {
  anyone: Visitor
  member: Member
  household: Member
  link: LinkHolder
  groomer: Groomer
  invited: Groomer
}[AccessOf<K>]
type DogFor<K extends RouteKey> = AccessOf<K> extends 'household' ? string : null
type ShareFor<K extends RouteKey> = AccessOf<K> extends 'invited' ? LinkHolder : null

export interface Call<K extends RouteKey, Body> {
  event: H3Event
  visitor: VisitorFor<K>
  /** The dog the route is about, already known to be the visitor's. */
  dogId: DogFor<K>
  /** The share the route is about, already known to be in the groomer's room. */
  share: ShareFor<K>
  body: Body
}

/** Largest body a route reads, bytes. */
const MOST_BYTES = 512 * 1024
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[0-9a-f]{4}-[0-9a-f]{12}$/i

/** A part of the path that must be an id. @throws 404 when it is not one. */
export function idOf(event: H3Event, name: string): string {
  const id = getRouterParam(event, name) ?? ''
  if (!UUID.test(id)) throw refuse(404, 'There is nothing here.')
  return id.toLowerCase()
}

/** A passkey's own name for itself, in the path. @throws 404 when it is none */
export function keyOf(event: H3Event): string {
  const key = getRouterParam(event, 'key') ?? ''
  if (!/^[\w-]{1,1400}$/.test(key)) throw refuse(404, 'There is nothing here.')
  return key
}

/** Writes come from our own pages: the browser says where from, and it must be here. */
function checkOrigin(event: H3Event) {
  if (event.method === 'GET' || event.method === 'HEAD') return
  const origin = getHeader(event, 'origin')
  let from: string | null = null
  try {
    from = origin ? new URL(origin).host : null
  } catch {
    from = null
  }
  if (!from || from !== callerOf(event).host)
    throw refuse(403, 'That came from another site, so nothing was done.')
}

/**
 * A body, counted while it is read: what turns out too long is not read to its end, told its length or not.
 * @param most bytes
 * @throws 413 with these words when it is longer
 */
async function bodyOf(event: H3Event, most: number, tooLong: string): Promise<Buffer> {
  const told = Number(getHeader(event, 'content-length') ?? 0)
  const { req } = event.node
  if (told > most) throw refuse(413, tooLong)
  const chunks: Buffer[] = []
  let bytes = 0
  for await (const chunk of req as AsyncIterable<Buffer>) {
    bytes += chunk.length
    if (bytes > most) throw refuse(413, tooLong)
    chunks.push(chunk)
  }
  return Buffer.concat(chunks)
}

/** A body that is not words, such as a picture. @throws 413 with these words when it is longer than `most` bytes */
export const readBytes = (event: H3Event, most: number, tooLong: string): Promise<Buffer> =>
  bodyOf(event, most, tooLong)

async function readBody<T>(event: H3Event, schema: z.ZodType<T> | undefined): Promise<T> {
  if (!schema) return undefined as T
  const raw = await bodyOf(event, MOST_BYTES, 'That is too much at once.')
  if (raw.length && !/^application\/json\b/i.test(getHeader(event, 'content-type') ?? ''))
    throw refuse(415, 'That could not be read: it does not say that it is JSON.')
  let json: unknown
  try {
    json = JSON.parse(raw.toString('utf8'))
  } catch {
    throw refuse(400, 'That could not be read: it is not JSON.')
  }
  const parsed = schema.safeParse(json)
  if (!parsed.success) throw refuseFor(parsed.error)
  return parsed.data
}

/**
 * A route: rationed, its origin checked, its caller authorised, its body parsed, then called.
 * The key must stand in the list of routes, which says who may call it.
 */
export function route<K extends RouteKey, Body = undefined>(
  key: K,
  handler: (call: Call<K, Body>) => unknown,
  schema?: z.ZodType<Body>,
): EventHandler {
  const row = routeRow(key)
  const answer = async (event: H3Event) => {
    // A network's own page in place of ours does not carry it.
    setHeader(event, OURS, '1')
    checkOrigin(event)
    if (row.ration) await ration(key, callerOf(event).address, row.ration, event)
    return inTurn(await whose(event, key), event, () => answerTo(event))
  }
  const answerTo = async (event: H3Event) => {
    const visitor = await visitorOf(event, key)
    const thing = await thingOf(event, key, visitor)
    const may = authorise(visitor, key, thing)
    if (row.orNobody && (may === 'sign-in' || may === 'no-longer'))
      return { nobody: may, says: refusalOf(may, key, visitor).message } satisfies Nobody
    if (may !== 'yes') throw refusalOf(may, key, visitor)
    const body = await readBody(event, schema)
    const dogId = thing && 'dogId' in thing ? thing.dogId : null
    const share = thing && 'share' in thing ? thing.share : null
    return handler({ event, visitor, dogId, share, body } as Call<K, Body>)
  }
  return defineEventHandler(async (event) => {
    const begun = performance.now()
    try {
      return await answer(event)
    } catch (error) {
      // What is still coming of a body is not wanted: the connection ends with the answer.
      if (!event.node.req.complete) event.node.res.setHeader('connection', 'close')
      throw isError(error) ? error : failure(callNumberOf(event), key, error, performance.now() - begun)
    }
  })
}

/** Whose share of the service a call takes, known before anything is looked up: by the cookie, or by the link. */
async function whose(event: H3Event, key: RouteKey): Promise<string | null> {
  const which = cookieFor(key)
  if (!which) return bearer(event)
  const { householdId, groomerId } = await ticketOf(event, which)
  return householdId ?? groomerId ?? null
}

/** What the route is about, looked up only where the caller could be let at it. */
async function thingOf(event: H3Event, key: RouteKey, visitor: Visitor): Promise<Thing> {
  const { access } = routeRow(key)
  if (access === 'household') {
    const id = idOf(event, 'dog')
    return visitor.kind === 'member' ? findDog(visitor.householdId, id) : null
  }
  if (access === 'invited') {
    const id = idOf(event, 'share')
    return visitor.kind === 'groomer' ? ((await findKept(visitor.roomId, id)) satisfies Kept | null) : null
  }
  return null
}

function refusalOf(answer: Exclude<Answer, 'yes'>, key: RouteKey, visitor: Visitor) {
  const { access } = routeRow(key)
  switch (answer) {
    case 'sign-in':
      return refuse(401, 'Sign in first.')
    case 'no-longer':
      return refuse(
        401,
        `You are no longer a member of ${visitor.kind === 'former' ? visitor.household : 'this household'}.`,
        { code: 'no-longer' },
      )
    case 'again':
      return refuse(403, 'Say once more that it is you.', { code: 'again' })
    case 'not-yours':
      return refuse(403, 'That is for the owner of this household to do.')
    case 'nothing-there':
      return refuse(
        404,
        access === 'link'
          ? 'This link does not open anything, or no longer does.'
          : access === 'invited'
            ? 'This dog is not in your room, or no longer is.'
            : 'There is nothing here.',
      )
  }
}
