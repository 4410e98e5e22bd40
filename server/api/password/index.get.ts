import { bearer } from '../../access/bearer'
import { refuse } from '../../access/refuse'
import { route } from '../../access/route'
import { linkOpens } from '../../services/account-links'

export default route('GET /api/password', async ({ event }) => {
  const token = bearer(event)
  if (!token || !(await linkOpens('reset', token)))
    throw refuse(404, 'This link was used, or its hour is over.')
  return { ok: true }
})
