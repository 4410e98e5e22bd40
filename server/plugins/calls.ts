import { setHeader } from 'h3'
import type { H3Event } from 'h3'
import { CALL_NUMBER, callNumberOf } from '../access/call-number'
import { PAGES } from '../access/pages'
import { log } from '../log'
import { countCall } from '../metrics'

/**
 * A route by its pattern, never by what it is called with: an address may hold a link. Of a page its first word, and
 * of a file that ships with us none.
 */
function routeOf(event: H3Event): string {
  const pattern = (event.context.matchedRoute as { path?: string } | undefined)?.path
  if (pattern?.startsWith('/api/')) return pattern.replace(/:(\w+)/g, '[$1]')
  const [first = ''] = event.path.slice(1).split(/[/?#]/)
  return PAGES.has(first) ? `/${first}` : 'other'
}

/** Every call has a number, which its answer carries, and a line in the log; and is counted. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    const call = callNumberOf(event)
    setHeader(event, CALL_NUMBER, call)
    // What a page asks for while it is drawn here is the page's own call.
    if ('__unenv__' in event.node.req) return
    const began = performance.now()
    event.node.res.once('close', () => {
      const route = routeOf(event)
      if (route === 'other') return
      const { statusCode: status } = event.node.res
      const ms = performance.now() - began
      countCall(event.method, route, status, ms)
      log.info({ call, method: event.method, route, status, ms: Math.round(ms) }, 'called')
    })
  })
})
