import { setHeader } from 'h3'
import { callerOf } from '../access/caller'

/** Whoever came by TLS once comes by nothing else for a year (RFC 6797); by plain http it would say nothing. */
const A_YEAR_S = 365 * 24 * 3600

export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    if (callerOf(event).secure)
      setHeader(event, 'strict-transport-security', `max-age=${A_YEAR_S}; includeSubDomains`)
  })
})
