import { promisify } from 'node:util'
import { constants, gzip } from 'node:zlib'
import { getHeader, getResponseHeader, setHeader } from 'h3'

/** Less than this is not worth it, bytes; and how hard it is tried: a page waits for it (judgement). */
const WORTH_BYTES = 1_000
const LEVEL = constants.Z_DEFAULT_COMPRESSION
const pack = promisify(gzip)
/** What shrinks: pages, answers, calendars. A picture does not. */
const SHRINKS = /^(text\/|application\/(json|javascript|manifest\+json))/

/**
 * Pages and answers go compressed to whoever can read that. No secret of ours stands in an answer beside
 * words that a stranger chose, so its length tells nothing.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('beforeResponse', async (event, response) => {
    const { body } = response
    if (body === null || body === undefined || body instanceof Uint8Array) return
    // What a page asks for while it is drawn here goes nowhere.
    if ('__unenv__' in event.node.req) return
    if (!/\bgzip\b/.test(getHeader(event, 'accept-encoding') ?? '')) return
    if (getResponseHeader(event, 'content-encoding')) return
    const isText = typeof body === 'string'
    if (
      !isText &&
      (typeof body !== 'object' || 'pipe' in body || 'getReader' in body || 'arrayBuffer' in body)
    )
      return
    const type = String(
      getResponseHeader(event, 'content-type') ?? (isText ? 'text/html' : 'application/json'),
    )
    if (!SHRINKS.test(type)) return
    const text = isText ? body : JSON.stringify(body)
    if (text.length < WORTH_BYTES) return
    const packed = await pack(text, { level: LEVEL })
    setHeader(event, 'content-type', type)
    setHeader(event, 'content-encoding', 'gzip')
    setHeader(event, 'vary', 'accept-encoding')
    setHeader(event, 'content-length', packed.length)
    response.body = packed
  })
})
