import { randomBytes } from 'node:crypto'
import { getHeader } from 'h3'
import type { H3Event } from 'h3'
import { isBelieved } from './caller'

/** By this name a call's number goes to and fro. */
export const CALL_NUMBER = 'x-request-id'

/** The number of a call, by which it is found in the log: a proxy's of ours, or one of our own. */
export function callNumberOf(event: H3Event): string {
  const drawnFor = (event.node.req as { __unenv__?: { callNumber?: string } }).__unenv__?.callNumber
  const given = isBelieved(event) ? getHeader(event, CALL_NUMBER) : undefined
  return (event.context.callNumber ??=
    drawnFor ?? (given && /^[\w-]{6,64}$/.test(given) ? given : randomBytes(6).toString('hex'))) as string
}
