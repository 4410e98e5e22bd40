import { getHeader } from 'h3'
import type { H3Event } from 'h3'
import proxyaddr from 'proxy-addr'

/**
 * Who is calling, from where. What stands between us and the world is named in `GRUMBO_TRUSTED_PROXIES`
 * (addresses, ranges, or `loopback`, `linklocal`, `uniquelocal`, with commas); only those are believed when
 * they say whom they speak for. With none named the direct peer is the caller.
 */
export interface Caller {
  address: string
  /** The name our pages have for the caller. */
  host: string
  secure: boolean
}

const trust = proxyaddr.compile(
  (process.env.GRUMBO_TRUSTED_PROXIES ?? '')
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean),
)
/** The first of a list, as proxies add to it. */
const first = (said: string | undefined) => said?.split(',')[0]?.trim()

/** Whether what calls us directly is a proxy of ours. */
export function isBelieved(event: H3Event): boolean {
  const peer = event.node.req.socket?.remoteAddress
  return !!peer && trust(peer, 0)
}

function read(event: H3Event): Caller {
  const { req } = event.node
  const peer = req.socket?.remoteAddress
  const believed = isBelieved(event)
  const host = believed ? first(getHeader(event, 'x-forwarded-host')) : undefined
  const protocol = believed ? first(getHeader(event, 'x-forwarded-proto')) : undefined
  return {
    address: peer ? proxyaddr(req, trust) : 'unknown',
    host: host ?? getHeader(event, 'host') ?? '',
    secure: protocol ? protocol === 'https' : 'encrypted' in (req.socket ?? {}),
  }
}

/** The caller. A call our own page makes while it is drawn here is its reader's. */
export function callerOf(event: H3Event): Caller {
  const drawnFor = (event.node.req as { __unenv__?: { caller?: Caller } }).__unenv__?.caller
  return (event.context.caller ??= drawnFor ?? read(event)) as Caller
}
