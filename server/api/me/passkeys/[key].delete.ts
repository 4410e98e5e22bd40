import { getRouterParam } from 'h3'
import { refuse } from '../../../access/refuse'
import { route } from '../../../access/route'
import { whoseIs } from '../../../access/whose'
import { removePasskey } from '../../../services/passkeys'

export default route('DELETE /api/me/passkeys/[key]', async ({ event, visitor }) => {
  if (!(await removePasskey(whoseIs(visitor), getRouterParam(event, 'key') ?? '')))
    throw refuse(404, 'There is nothing here.')
  return { ok: true }
})
