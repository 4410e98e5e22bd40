import { getRouterParam, setHeader } from 'h3'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { readFeed } from '../../services/feeds'

/** The private calendar address: whoever has it reads the plan, as calendars do. */
export default route('GET /api/feed/[token]', async ({ event }) => {
  const token = (getRouterParam(event, 'token') ?? '').replace(/\.ics$/, '')
  const calendar = /^[\w-]{20,60}$/.test(token) ? await readFeed(token) : null
  if (!calendar) throw refuse(404, 'This calendar address does not open anything, or no longer does.')
  setHeader(event, 'content-type', 'text/calendar; charset=utf-8')
  setHeader(event, 'x-robots-tag', 'noindex, nofollow')
  return calendar
})
